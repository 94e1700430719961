import type { LogEntry } from '../log/log'
import { CAUSES, type CauseId, SYMPTOM_IDS, type SymptomId } from './causes'

/** A call-back as the log tells it: what was said, what it was, what was done, and whether it is over. */
export type CallBack = {
  readonly key: string
  readonly symptom: SymptomId
  readonly said: string
  readonly openedAt: string
  readonly openedBy: string
  readonly found: Noted<CauseId> | null
  readonly cured: Noted<string> | null
  readonly closedAt: string | null
}
type Noted<T extends string> = { readonly what: T; readonly text: string; readonly at: string; readonly by: string }

/** How each is noted: the call and what was said; the call and what it was; the call and that it was cured; the call alone when it is over. */
export const callCode = (key: string, what?: SymptomId | CauseId | 'cure'): string =>
  what === undefined ? key : `${key}/${what}`

const isSymptom = (text: string): text is SymptomId => (SYMPTOM_IDS as readonly string[]).includes(text)
const isCause = (text: string): text is CauseId => (CAUSES as readonly string[]).includes(text)

/** Every call-back of a door, the latest first. One that was opened as no known symptom is none. */
export function callBacks(log: readonly LogEntry[]): readonly CallBack[] {
  const entries = log.filter(one => one.kind === 'call').sort((a, b) => (a.at < b.at ? -1 : a.at > b.at ? 1 : 0))
  return entries
    .flatMap((one): readonly CallBack[] => {
      const [key, symptom] = one.code.split('/')
      return one.result === 'opened' && key && symptom && isSymptom(symptom)
        ? [callFrom(one, key, symptom, entries)]
        : []
    })
    .reverse()
}

function callFrom({ text, at, by }: LogEntry, key: string, symptom: SymptomId, entries: readonly LogEntry[]): CallBack {
  const own = entries.filter(one => one.code.split('/')[0] === key)
  const last = (result: LogEntry['result']) => own.filter(one => one.result === result).at(-1) ?? null
  const found = last('found')
  const cause = found?.code.split('/')[1] ?? ''
  const cured = last('cured')
  const closed = own.filter(one => one.result === 'closed' || one.result === 'reopened').at(-1)
  return {
    key,
    symptom,
    said: text,
    openedAt: at,
    openedBy: by,
    found: found && isCause(cause) ? { what: cause, text: found.text, at: found.at, by: found.by } : null,
    cured: cured && { what: 'cure', text: cured.text, at: cured.at, by: cured.by },
    closedAt: closed?.result === 'closed' ? closed.at : null,
  }
}

/** Those that are not over. */
export const openCalls = (log: readonly LogEntry[]): readonly CallBack[] =>
  callBacks(log).filter(one => one.closedAt === null)
