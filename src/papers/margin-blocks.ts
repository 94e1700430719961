import { tuneMargins } from '@/core/fit/tune-margins'
import type { ShownJob } from '@/core/sheet'
import { formatWithUnit, workStep } from '@/core/units/format-length'
import { ZERO } from '@/core/units/length'
import type { Work } from '@/core/work'
import { REVEAL_NAMES } from '@/words/tuning'
import type { Block } from './paper'

/** The margins before anything was moved and as they were read last, and how many moves it took against the fewest it could have. */
export function marginBlocks({ step }: ShownJob, { fit, order, terms }: Work): readonly Block[] {
  const { hung, shims } = fit.value
  if (!hung || hung.margins.states.length === 0) return []
  const { states, moves } = hung.margins
  const fine = workStep(step)
  const least = tuneMargins({
    margins: Object.fromEntries(states.map(one => [one.name, one.first])),
    aim: 'band',
    means: 'all',
    hanging: hung.hanging,
    points: shims?.points ?? [],
    headGap: order.value.chosen?.placement?.headGap ?? ZERO,
    lengths: terms.lengths,
  })
  const said = least.tuned === null ? '' : ` The fewest from what was read first: ${least.tuned.moves.length}.`
  return [
    { kind: 'heading', text: 'Margins' },
    {
      kind: 'table',
      head: ['Margin', 'Read first', 'Read last'],
      widths: [0.4, 0.3, 0.3],
      rows: states.map(one => [
        REVEAL_NAMES[one.name],
        formatWithUnit(one.first, fine),
        formatWithUnit(one.read, fine),
      ]),
    },
    { kind: 'text', text: `Moves made: ${moves.length}.${said}` },
  ]
}
