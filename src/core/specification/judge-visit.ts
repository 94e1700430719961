import { type Cure, cure } from '../base/cures'
import type { Finding } from '../base/finding'
import { isGapSlot } from '../survey/slots'
import type { Survey } from '../survey/survey'
import { type Condition, type ConditionPlace, placeStays, unsound, type Visit } from './visit'
import type { Wishes } from './wishes'

export type VisitCode =
  | 'draft-not-read'
  | 'structure-first'
  | 'rot-not-seen'
  | 'secure-bore'
  | 'rule-not-said'
  | 'in-the-way'
  | 'not-sound'

const make = (
  code: VisitCode,
  place: string,
  severity: Finding['severity'],
  facts: Finding['facts'],
  cures: readonly Cure[] = [],
): Finding<VisitCode> => ({ code, place, severity, facts, rule: 'visit', cures })

/** What was said at the first look, as far as it stands in the way of something. */
export function judgeVisit(
  { visit, subfloor, bore, labelMinutes }: Pick<Wishes, 'visit' | 'subfloor' | 'bore' | 'labelMinutes'>,
  of: { readonly settles: readonly string[] },
  survey: Survey,
): readonly Finding<VisitCode>[] {
  const { reasons, obstacles, structure } = visit
  return [
    ...(structure === 'as-it-is'
      ? []
      : [make('structure-first', 'visit.structure', 'stop', { structure }, [cure('structure.ask-licensed')])]),
    ...(reasons.includes('draft') && ![...survey.bySlot.keys()].some(isGapSlot)
      ? [make('draft-not-read', 'gap.left.middle', 'watch', {}, [cure('gap.read')])]
      : []),
    ...(reasons.includes('rot') && subfloor === 'not-seen'
      ? [make('rot-not-seen', 'visit.reasons', 'correct', {}, [cure('subfloor.look')])]
      : []),
    ...(reasons.includes('security') && of.settles.includes('bore') && bore !== 'double'
      ? [make('secure-bore', 'visit.reasons', 'watch', { bore: bore ?? 'none' }, [cure('wish.settle')])]
      : []),
    ...(reasons.includes('code') && labelMinutes === null
      ? [make('rule-not-said', 'wish.labelMinutes', 'correct', {}, [cure('wish.settle')])]
      : []),
    ...unsound(visit).map(one => notSound(one, visit)),
    ...(obstacles.length
      ? [make('in-the-way', 'visit.obstacles', 'watch', { list: obstacles.join(' ') }, [cure('way.clear')])]
      : []),
  ]
}

/** What an unsound place tells: of seals, that the gap behind them is open. */
function thenOf(place: ConditionPlace, state: Condition, stays: boolean): string {
  if (place === 'seals') return 'seals'
  if (state === 'stained') return 'water'
  return state === 'cracked' ? 'cracked' : stays ? 'stays' : 'comes-out'
}

const WEAK: ReadonlySet<Condition> = new Set(['soft', 'rotten', 'rusted'])

/** Weak wood that stays is cut back first; what comes out only tells where to look behind it; a stain tells of water. */
function notSound(
  { place, state }: { readonly place: ConditionPlace; readonly state: Condition },
  visit: Visit,
): Finding<VisitCode> {
  const isWeak = WEAK.has(state)
  const stays = placeStays(place, visit)
  const then = thenOf(place, state, stays)
  const isFirst = isWeak && stays
  return make(
    'not-sound',
    `visit.condition.${place}`,
    isFirst ? 'correct' : 'watch',
    { what: place, state, then },
    isFirst ? [cure('condition.sound-wood')] : [],
  )
}
