/** What a keypad builds a length of. */
export type KeypadParts = {
  readonly sign: string
  readonly whole: string
  readonly fraction: string
  readonly strength: string
}

const NOTHING: KeypadParts = { sign: '', whole: '', fraction: '', strength: '' }

/** The parts of what was typed so far; nothing when it was typed in a way the keypad does not write. */
export function partsOf(draft: string): KeypadParts {
  const match = /^(-?)(\d*)\s*((?:\d+\/\d+)|(?:\.\d*))?([+-]?)$/.exec(draft.trim())
  if (!match) return NOTHING
  const [, sign = '', whole = '', fraction = '', strength = ''] = match
  return { sign, whole, fraction, strength }
}

/** The draft with some parts replaced: whole inches and a fraction stand apart. */
export function withParts(draft: string, next: Partial<KeypadParts>): string {
  const { sign, whole, fraction, strength } = { ...partsOf(draft), ...next }
  const gap = whole && fraction.includes('/') ? ' ' : ''
  return `${sign}${whole}${gap}${fraction}${strength}`
}
