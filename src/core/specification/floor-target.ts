import type { TradeLength, TradeLengths } from '../base/trade-lengths'
import type { Survey } from '../survey/survey'
import type { Wishes } from './wishes'

/** The minutes a new label must show: never fewer than the old one's; 0 where none is asked. */
export const labelWanted = (survey: Survey, wishes: Pick<Wishes, 'labelMinutes'>): number =>
  Math.max(wishes.labelMinutes ?? 0, Number(survey.facts.get('fact.label')?.code) || 0)

/** How far a leaf should clear the floor: a fire label's limit comes first where it is lower. */
export function floorTarget(labelMinutes: number, lengths: TradeLengths): TradeLength {
  const [wanted, most] = [lengths['floor-target'], lengths['label-floor-most']]
  return labelMinutes > 0 && most.value < wanted.value ? most : wanted
}
