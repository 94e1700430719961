import type { Finding } from '../base/finding'
import type { Wishes } from '../specification/wishes'
import type { LogEntry } from './log'
import { standingEntries } from './standing'

/** One test at hand-over, as trade data. */
export type HandoverTest = {
  readonly id: string
  /** Only for doors of this swing; `null` for every door. */
  readonly swing: 'in' | 'out' | null
  readonly unit: 'none' | 'length' | 'newton' | 'second'
}

export type HandoverCode = 'test-failed'

export type PlannedTest = HandoverTest & { readonly entry: LogEntry | null }

export type Handover = {
  readonly tests: readonly PlannedTest[]
  readonly open: number
  readonly findings: readonly Finding<HandoverCode>[]
}

/** The tests of this door with what was found; a failed one is a finding until it passes. */
export function planTests(tests: readonly HandoverTest[], wishes: Wishes, log: readonly LogEntry[]): Handover {
  const standing = standingEntries('test', log)
  const planned = tests
    .filter(test => test.swing === null || test.swing === wishes.swing)
    .map(test => ({ ...test, entry: standing.get(test.id) ?? null }))
  return {
    tests: planned,
    open: planned.filter(test => test.entry === null).length,
    findings: planned
      .filter(test => test.entry?.result === 'failed')
      .map(test => ({
        code: 'test-failed',
        place: `test.${test.id}`,
        severity: 'correct',
        facts: { test: test.id, text: test.entry!.text },
        rule: test.id,
        cures: ['test.again'],
      })),
  }
}
