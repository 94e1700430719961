import { callCode } from '@/core/after/call-backs'
import type { PlannedStep } from '@/core/fit/setting-step'
import type { LogEntry } from '@/core/log/log'
import { inches, type Length } from '@/core/units/length'
import { type LengthUnit, parseLength } from '@/core/units/parse-length'
import { TESTS } from '@/trade/tests'
import { demoId as idOf } from './demo-ids'
import type { ScenarioOpening } from './demo-scenario'

// What was noted of a demo opening: its steps, moves, tests and seals, a quarter of an hour after each other.

const QUARTER = 900_000
const HOURS_TO_SET = 7

/** When its first step was done; where the last was done just now, as long before as there are steps. */
const startOf = (one: ScenarioOpening, count: number): number =>
  one.stepsAt === 'now' ? Date.now() - count * QUARTER : Date.parse(one.stepsAt ?? one.release ?? one.takenAt)

/** When a unit that stands was read: after its last step. */
export const setAtOf = (one: ScenarioOpening, index: number): string =>
  new Date(startOf(one, 0) + HOURS_TO_SET * 3_600_000 + index * 45_000).toISOString()

const lengthOf = (text: string, unit: LengthUnit, what: string): Length => {
  const parsed = parseLength(text, { unit })
  if (!parsed.ok) throw new Error(`demo ${what}: ${text}`)
  return parsed.value.ticks
}

/** What a test's entry holds: the figure that was read, or what was said. */
function foundAs(code: string, text: string, unit: LengthUnit): Pick<LogEntry, 'value' | 'text'> {
  const quantity = TESTS.find(one => one.id === code)?.unit ?? 'none'
  if (quantity === 'none') return { value: null, text }
  if (quantity !== 'length') return { value: { number: Number(text) }, text: '' }
  return { value: { length: lengthOf(text, unit, `test ${code}`) }, text: '' }
}

/** What was read at a step that went well: a length well within its limit, the usual push, a mild day. */
function figureRead(reads: PlannedStep['reads']): LogEntry['value'] {
  if (!reads) return null
  const { unit, limit } = reads
  if (unit === 'length') return { length: limit?.holds === 'at-least' ? inches(0, 7, 16) : inches(0, 1, 32) }
  return { number: { newton: 22, second: 5, celsius: 14 }[unit] }
}

function stepsDone({ steps }: ScenarioOpening, own: readonly PlannedStep[]): readonly string[] {
  const all = own.map(step => step.id)
  if (steps === undefined || steps === 'all') return steps ? all : []
  return 'upTo' in steps ? all.slice(0, all.indexOf(steps.upTo) + 1) : steps
}

type Noted = Pick<LogEntry, 'kind' | 'code' | 'result'> & Partial<LogEntry>

/** `own` are the opening's steps, `planned` the seals its plan puts on, by edge and seal. */
export function logOf(
  openingId: string,
  one: ScenarioOpening,
  unit: LengthUnit,
  own: readonly PlannedStep[],
  planned: readonly string[],
): readonly LogEntry[] {
  const codes = stepsDone(one, own)
  const failed = one.notRight?.[0]
  const entries: readonly Noted[] = [
    ...codes
      .filter(code => code !== failed)
      .map((code): Noted => {
        const value = figureRead(own.find(step => step.id === code)?.reads ?? null)
        return { kind: 'step', code, result: 'done', value }
      }),
    ...(one.notRight
      ? [{ kind: 'step' as const, code: one.notRight[0], result: 'failed' as const, text: one.notRight[1] }]
      : []),
    ...Object.entries(one.tests ?? {}).map(
      ([code, text]): Noted => ({ kind: 'test', code, result: 'passed', ...foundAs(code, text, unit) }),
    ),
    ...(one.sealed === 'planned' ? planned : (one.sealed ?? [])).map(
      (code): Noted => ({ kind: 'seal', code, result: 'fitted' }),
    ),
  ]
  const start = startOf(one, entries.length)
  const at = (n: number) => new Date(start + n * QUARTER).toISOString()
  const moves = (one.tuned?.moves ?? []).map(
    ([code, text], i): Noted => ({
      kind: 'move',
      code,
      result: 'moved',
      value: { length: lengthOf(text, unit, `move ${code}`) },
      at: new Date(Date.parse(setAtOf(one, 0)) - 1_800_000 + i * 60_000).toISOString(),
    }),
  )
  const dated = entries.map((entry, i) => ({ at: at(i), ...entry }))
  return [...dated, ...moves, ...timedIn(one, dated), ...afterwards(openingId, one)].map(entry => ({
    id: idOf(entry.kind, openingId, entry.code, ...(entry.result === 'started' ? ['started'] : [])),
    value: null,
    text: '',
    by: one.takenBy,
    at: '',
    ...entry,
  }))
}

/** When steps were begun whose time was taken. */
const timedIn = ({ timed }: ScenarioOpening, done: readonly (Noted & { readonly at: string })[]): readonly Noted[] =>
  done.flatMap(({ kind, code, result, at }) => {
    const minutes = kind === 'step' && result === 'done' ? timed[code] : undefined
    return minutes === undefined
      ? []
      : [{ kind, code, result: 'started', at: new Date(Date.parse(at) - minutes * 60_000).toISOString() }]
  })

/** What came after it was handed over: call-backs, and what was done of what is due. */
function afterwards(openingId: string, { calls, upkeep }: ScenarioOpening): readonly Noted[] {
  const own = calls.flatMap(({ symptom, said, at, cause, cure, curedAt }): readonly Noted[] => {
    const key = idOf('call', openingId, symptom, at).slice(0, 8)
    const then = curedAt ?? at
    const later = (minutes: number) => new Date(Date.parse(then) + minutes * 60_000).toISOString()
    return [
      { kind: 'call', code: callCode(key, symptom), result: 'opened', text: said, at },
      ...(cause ? [{ kind: 'call', code: callCode(key, cause), result: 'found', at: later(20) } as const] : []),
      ...(cure
        ? [{ kind: 'call', code: callCode(key, 'cure'), result: 'cured', text: cure, at: later(60) } as const]
        : []),
      ...(cure ? [{ kind: 'call', code: callCode(key), result: 'closed', at: later(65) } as const] : []),
    ]
  })
  const kept = Object.entries(upkeep).map(([code, at]): Noted => ({ kind: 'upkeep', code, result: 'done', at }))
  return [...own, ...kept]
}
