import type { Trace } from '@/core/base/trace'
import { type DisplayStep, formatWithUnit } from '@/core/units/format-length'
import { leafName, OPERATION_WORDS, ruleWords } from '@/words/traces'

/** A trace as rows of name, figure and origin, what it is made of set in below it. */
export function derivationRows(
  trace: Trace,
  step: DisplayStep,
  depth = 0,
): readonly (readonly [string, string, string])[] {
  const inset = '   '.repeat(depth)
  if (trace.kind !== 'step')
    return [
      [
        `${inset}${leafName(trace)}`,
        formatWithUnit(trace.value, step),
        trace.kind === 'reading' ? 'read' : trace.origin,
      ],
    ]
  const row = [
    `${inset}${ruleWords(trace.rule)}`,
    formatWithUnit(trace.value, step),
    OPERATION_WORDS[trace.operation],
  ] as const
  return [row, ...trace.from.flatMap(one => derivationRows(one, step, depth + 1))]
}
