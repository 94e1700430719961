import type { Finding } from '../base/finding'
import { isGapSlot } from '../survey/slots'
import type { Survey } from '../survey/survey'
import type { Wishes } from './wishes'

export type VisitCode = 'draft-not-read' | 'structure-first' | 'rot-not-seen' | 'secure-bore' | 'in-the-way'

const make = (
  code: VisitCode,
  place: string,
  severity: Finding['severity'],
  facts: Finding['facts'],
  cures: readonly string[] = [],
): Finding<VisitCode> => ({ code, place, severity, facts, rule: 'visit', cures })

/** What was said at the first look, as far as it stands in the way of something. */
export function judgeVisit(
  { visit, subfloor, bore }: Pick<Wishes, 'visit' | 'subfloor' | 'bore'>,
  of: { readonly settles: readonly string[] },
  survey: Survey,
): readonly Finding<VisitCode>[] {
  const { reasons, obstacles, structure } = visit
  return [
    ...(structure === 'as-it-is'
      ? []
      : [make('structure-first', 'visit.structure', 'stop', { structure }, ['structure.ask-licensed'])]),
    ...(reasons.includes('draft') && ![...survey.bySlot.keys()].some(isGapSlot)
      ? [make('draft-not-read', 'gap.left.middle', 'watch', {}, ['gap.read'])]
      : []),
    ...(reasons.includes('rot') && subfloor === 'not-seen'
      ? [make('rot-not-seen', 'visit.reasons', 'correct', {}, ['subfloor.look'])]
      : []),
    ...(reasons.includes('security') && of.settles.includes('bore') && bore !== 'double'
      ? [make('secure-bore', 'visit.reasons', 'watch', { bore: bore ?? 'none' }, ['wish.settle'])]
      : []),
    ...(obstacles.length
      ? [make('in-the-way', 'visit.obstacles', 'watch', { list: obstacles.join(' ') }, ['way.clear'])]
      : []),
  ]
}
