import type { Hung } from '@/core/fit/fitted'
import { leastMoves } from '@/core/fit/least-moves'
import type { ShownJob } from '@/core/sheet'
import { formatWithUnit, workStep } from '@/core/units/format-length'
import { ZERO } from '@/core/units/length'
import type { Work } from '@/core/work'
import { LEAF_NAMES, revealName } from '@/words/tuning'
import type { Block } from './paper'

/** Of each leaf the margins before anything was moved and as they were read last, and how many moves it took against the fewest it could
 *  have. */
export const marginBlocks = (job: ShownJob, work: Work): readonly Block[] =>
  work.fit.value.hung.flatMap(one => (one.margins.states.length === 0 ? [] : blocksOf(one, job, work)))

function blocksOf(one: Hung, { step }: ShownJob, work: Work): readonly Block[] {
  const {
    hanging,
    margins: { states, moves },
  } = one
  const { fit, order, terms } = work
  const fine = workStep(step)
  const least = leastMoves(one, {
    points: fit.value.shims?.points ?? [],
    headGap: order.value.chosen?.placement?.headGap ?? ZERO,
    lengths: terms.lengths,
  })
  const said = least === null ? '' : ` The fewest from what was read first: ${least}.`
  return [
    {
      kind: 'heading',
      text: hanging.meets
        ? `Margins: ${LEAF_NAMES[hanging.isPassive ? 'passive' : 'active'].split(',')[0]!.toLowerCase()}`
        : 'Margins',
    },
    {
      kind: 'table',
      head: ['Margin', 'Read first', 'Read last'],
      widths: [0.4, 0.3, 0.3],
      rows: states.map(one => [
        revealName(one.name, hanging.meets),
        formatWithUnit(one.first, fine),
        formatWithUnit(one.read, fine),
      ]),
    },
    { kind: 'text', text: `Moves made: ${moves.length}.${said}` },
  ]
}
