import type { TradeNumber } from '../base/figure'
import type { Finding } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import type { Survey } from '../survey/survey'
import { WAY_READINGS } from '../survey/ways'
import type { Size } from '../units/call-size'
import { type Length, plus, times } from '../units/length'
import { chanceToFit } from './chance'
import { type DecidingReading, decidingReadings } from './deciding-readings'
import { type ChanceCode, judgeChance } from './judge-chance'
import type { ModelledOpening } from './model-opening'
import { deviationsOf, observationsOf } from './observe-survey'
import type { AdjustedOpening } from './opening'
import type { Placement } from './place-unit'

/** A unit as it stands in the hole: the chosen one, else the derived size; its article is empty while it is only derived. */
export type Stood = {
  readonly unit: Size & { readonly article: string }
  readonly placement: Placement
  readonly pad: Length
  readonly shift: Length
  /** What its bucks take off the hole, both together. */
  readonly bucks: Length
}

/** The chance that a unit goes in as it stands; `null` where it stands in no hole. */
export const chanceOf = (hole: AdjustedOpening | null, stood: Stood | null, lengths: TradeLengths): number | null =>
  hole && stood ? chanceToFit(hole, stood.placement, lengths) : null

/** That chance with the reading that decides it. None where the hole was not seen; none while readings disagree, since a chance from
 *  all of them would be none. */
export function judgeStanding(
  model: ModelledOpening | null,
  stood: Stood | null,
  survey: Survey,
  lengths: TradeLengths,
  sure: TradeNumber,
): readonly Finding<ChanceCode>[] {
  if (!model?.isHole || !stood || model.adjusted.suspect) return []
  const chance = chanceToFit(model.adjusted, stood.placement, lengths)
  const deciding = () => decideBy(model, stood, survey, lengths)[0]?.name ?? null
  return [judgeChance(chance, stood.unit, deciding, model.way, sure)]
}

/** The readings of a modelled opening by what they decide for a unit as it stands. */
export function decideBy(
  { way }: ModelledOpening,
  { unit, pad, shift, bucks }: Stood,
  survey: Survey,
  lengths: TradeLengths,
): readonly DecidingReading[] {
  const least = {
    sides: plus(times(lengths['gap-least'].value, 2), bucks),
    head: lengths['head-least'].value,
  }
  const observed = observationsOf(survey, way, lengths)
  return decidingReadings(observed, deviationsOf(lengths), WAY_READINGS[way], { unit, pad, shift }, least)
}
