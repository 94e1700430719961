import { AUDIT_ABOUT_WORDS } from './audit'

/** What of an opening was changed, as a name for it. */
export const changeName = (kind: string): string => AUDIT_ABOUT_WORDS[kind] ?? 'what is said of it'

/** What somebody noted of an order, as a name for it. */
export const orderRowName = (path: 'receipts' | 'decisions'): string =>
  ({ receipts: 'what was received', decisions: 'what was decided' })[path]

/** How it stands between a device and the store, as far as a line says it. */
export type LineWords = {
  /** What waits and needs nobody. */
  readonly waiting: number
  /** What waits for somebody to look at it. */
  readonly held: number
  readonly isSending: boolean
  readonly line: 'fine' | 'away' | 'nobody' | 'other-member' | 'patience'
  /** Since when, by the clock here. */
  readonly since: string
  /** What the browser could not keep. */
  readonly unkept: number
}

const wait = (n: number): string => (n === 1 ? '1 waits' : `${n} wait`)

/** One line that says what is stored and what is not. */
export function lineWords({ waiting, held, isSending, line, since, unkept }: LineWords): string {
  const look = held ? ` ${held} to be looked at.` : ''
  if (unkept)
    return `This browser keeps nothing: ${unkept === 1 ? 'what you did last stands' : `${unkept} of what you did stand`} on this page alone. Don’t close it before all is stored.${look}`
  if (line === 'nobody')
    return `Nobody is signed in any more: ${wait(waiting)} on this device. Sign in, and it is sent.${look}`
  if (line === 'other-member')
    return `Somebody else is signed in now: ${wait(waiting)} on this device until you are again.${look}`
  if (line === 'away')
    return waiting
      ? `No signal since ${since}: ${waiting} kept on this device.${look}`
      : `No signal since ${since}: what you do is kept on this device.${look}`
  if (line === 'patience') return `The server asks for patience: ${wait(waiting)} and is sent by itself.${look}`
  if (waiting) return `${waiting} on ${isSending ? 'the' : 'its'} way …${look}`
  return held ? look.trim() : 'All stored'
}

/** The same in two words, where there is no room for the sentence. */
export function lineShort({ waiting, held, line, unkept }: LineWords): string {
  if (unkept) return 'Not kept!'
  if (held) return `${held} to look at`
  if (waiting) return line === 'fine' ? 'Sending …' : `${waiting} kept`
  return line === 'away' ? 'No signal' : line === 'fine' ? 'Stored' : 'Waits'
}

/** A device's clock that is wrong, and by how much. */
export function clockWords(offsetMs: number): string {
  const minutes = Math.round(Math.abs(offsetMs) / 60_000)
  const [hours, rest] = [Math.floor(minutes / 60), minutes % 60]
  const by = [hours && `${hours} h`, rest && `${rest} min`].filter(Boolean).join(' ')
  return `This device’s clock is ${by} ${offsetMs > 0 ? 'behind' : 'ahead'}: times are taken from the server’s.`
}
