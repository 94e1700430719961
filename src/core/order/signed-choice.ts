import type { LogEntry } from '../log/log'

/** What a customer chose and signed of an opening. */
export type SignedChoice = {
  /** The unit's id; `repair` where the old door is kept. */
  readonly unit: string
  /** Its article and name as they were offered. */
  readonly name: string
  /** Empty where there was none to choose. */
  readonly colour: string
  readonly reason: string
  readonly by: string
  readonly at: string
}

/** What a choice is noted under: the unit, its name, its colour, and why; and that a record was signed. */
export const CHOICE_CODES = { unit: 'offer/', name: 'offer-name', colour: 'offer-colour', record: 'record' } as const

/** The latest choice a customer signed; `null` where none is on file. */
export function signedChoice(log: readonly LogEntry[]): SignedChoice | null {
  const signed = log.filter(one => one.kind === 'choice' && one.result === 'signed')
  const chosen = signed
    .filter(one => one.code.startsWith(CHOICE_CODES.unit))
    .reduce<LogEntry | null>((last, one) => (last && last.at > one.at ? last : one), null)
  if (!chosen) return null
  const beside = (code: string) => signed.find(one => one.code === code && one.at === chosen.at)?.text ?? ''
  return {
    unit: chosen.code.slice(CHOICE_CODES.unit.length),
    name: beside(CHOICE_CODES.name),
    colour: beside(CHOICE_CODES.colour),
    reason: chosen.text,
    by: chosen.by,
    at: chosen.at,
  }
}

/** The same in an object of its own, so that it can stay the very same while the log grows. */
export const signedIn = (log: readonly LogEntry[]): { readonly signed: SignedChoice | null } => ({
  signed: signedChoice(log),
})

/** When and by whom the hand-over was signed for; `null` where it was not. */
export const signedRecord = (log: readonly LogEntry[]): Pick<LogEntry, 'by' | 'at'> | null =>
  log
    .filter(one => one.kind === 'choice' && one.code === CHOICE_CODES.record)
    .reduce<LogEntry | null>((last, one) => (last && last.at > one.at ? last : one), null)
