import { cure } from '../base/cures'
import type { TradeNumbers } from '../base/figure'
import type { Finding, RuleId } from '../base/finding'
import { limitFacts, meetsLimit } from '../base/limit'
import type { TradeLengths } from '../base/trade-lengths'
import type { LogEntry } from '../log/log'
import { standingEntries } from '../log/standing'
import type { HandoverTest, TestsOf } from './tests-of'

export type HandoverCode = 'test-failed' | 'test-against-limit'

export type TestVerdict = 'open' | 'passed' | 'failed' | 'waived'
/** A test of this door with what was found: what was read is judged here, whatever was tapped. */
export type PlannedTest = HandoverTest & { readonly entry: LogEntry | null; readonly verdict: TestVerdict }

export type Handover = {
  readonly tests: readonly PlannedTest[]
  readonly open: number
}

export type TestsRequest = {
  readonly of: TestsOf
  readonly tests: readonly HandoverTest[]
  readonly swing: 'in' | 'out' | null
  /** It is on an accessible way and has no label: a label's closer must shut it whatever force it takes to open. */
  readonly isOnAccessibleWay: boolean
  readonly lengths: TradeLengths
  readonly numbers: TradeNumbers
  readonly log: readonly LogEntry[]
}

type Figures = Pick<TestsRequest, 'lengths' | 'numbers'>

/** The tests of this door with what was found; a failed one is a finding until it passes. */
export function planTests(request: TestsRequest): {
  readonly value: Handover
  readonly findings: readonly Finding<HandoverCode>[]
} {
  const { of, tests, swing, isOnAccessibleWay, log } = request
  const entries = standingEntries('test', log)
  const asked = of
    .flatMap(id => tests.filter(test => test.id === id))
    .filter(test => test.swing === null || test.swing === swing)
    .filter(test => isOnAccessibleWay || !test.onAccessibleWay)
  const planned = asked
    .filter(test => !isLaterThanAll(test, asked, entries))
    .map(test => {
      const entry = entries.get(test.id) ?? null
      return { ...test, entry, verdict: entry ? verdictOf(test, entry, request) : ('open' as const) }
    })
  return {
    value: { tests: planned, open: planned.filter(test => test.verdict === 'open').length },
    findings: planned.flatMap(test => judgeTest(test, request)),
  }
}

/** Whether a test joined the list after all others of a door were noted, and was not noted itself. */
const isLaterThanAll = (
  { id, addedOn }: HandoverTest,
  asked: readonly HandoverTest[],
  entries: ReadonlyMap<string, LogEntry>,
): boolean =>
  addedOn !== undefined &&
  !entries.has(id) &&
  asked.every(one => one.addedOn !== undefined || (entries.get(one.id)?.at ?? '~') < addedOn)

/** The verdict on what was noted: waived as noted; a figure that was read by its limit; else as somebody saw it. */
function verdictOf({ limit }: HandoverTest, { result, value }: LogEntry, figures: Figures): TestVerdict {
  if (result === 'waived') return 'waived'
  if (result === 'failed') return 'failed'
  return !limit || !value || meetsLimit(value, limit, figures) ? 'passed' : 'failed'
}

function judgeTest({ id, entry, verdict, limit }: PlannedTest, figures: Figures): readonly Finding<HandoverCode>[] {
  if (verdict !== 'failed' || !entry) return []
  const make = (code: HandoverCode, facts: Finding['facts'], rule: RuleId): readonly Finding<HandoverCode>[] => [
    {
      code,
      place: `test.${id}`,
      severity: 'correct',
      facts: { test: id, text: entry.text, ...facts },
      rule,
      cures: [cure('test.again')],
    },
  ]
  if (!limit || !entry.value) return make('test-failed', {}, 'look')
  return make('test-against-limit', limitFacts(entry.value, limit, figures), limit.figure)
}
