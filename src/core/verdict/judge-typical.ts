import type { Finding } from '../base/finding'
import type { TradeNumber } from '../base/rule'
import type { TradeLengths } from '../base/trade-lengths'
import type { Offer } from '../catalogue/offer'
import { chanceToFit } from '../opening/chance'
import { type DecidingReading, decidingReadings } from '../opening/deciding-readings'
import { type ChanceCode, judgeChance } from '../opening/judge-chance'
import { betweenBucks, type ModelledOpening } from '../opening/model-opening'
import { deviationsOf, observationsOf } from '../opening/observe-survey'
import { placeUnit } from '../opening/place-unit'
import type { Specification } from '../specification/specify'
import type { Survey } from '../survey/survey'
import { WAY_READINGS } from '../survey/ways'
import type { Size } from '../units/call-size'
import { plus, times, ZERO } from '../units/length'

/** A unit by its size; its article is empty while it is only derived. */
export type JudgedUnit = Size & { readonly article: string }

/** The unit a fit is judged for while measuring: the chosen one, else the derived size. */
export const unitToJudge = ({ unit }: Specification, chosen: Offer | null): JudgedUnit | null =>
  chosen ? chosen.unit : unit && { width: unit.width.value, height: unit.height.value, article: '' }

/** The chance that the chosen or typical unit goes into the hole that was read, with the reading that decides it.
 *  None where the hole was not seen; none while readings disagree, since a chance from all of them would be none. */
export function typicalChance(
  model: ModelledOpening | null,
  unit: JudgedUnit | null,
  survey: Survey,
  lengths: TradeLengths,
  sure: TradeNumber,
): readonly Finding<ChanceCode>[] {
  if (!model?.isHole || !unit || model.adjusted.suspect) return []
  const hole = model.way === 'masonry' ? betweenBucks(model.adjusted, lengths.buck.value) : model.adjusted
  const chance = chanceToFit(hole, placeUnit(hole.points, { unit }), lengths)
  const deciding = () => decideBy(model, unit, survey, lengths)[0]?.name ?? null
  return [judgeChance(chance, unit, deciding, model.way, sure)]
}

/** The readings of a modelled opening by what they decide for a unit; in masonry between its bucks. */
export function decideBy(
  { way }: ModelledOpening,
  unit: Size,
  survey: Survey,
  lengths: TradeLengths,
): readonly DecidingReading[] {
  const bucks = way === 'masonry' ? times(lengths.buck.value, 2) : ZERO
  return decidingReadings(observationsOf(survey, way, lengths), deviationsOf(lengths), WAY_READINGS[way], unit, {
    sides: plus(times(lengths['gap-least'].value, 2), bucks),
    head: lengths['head-least'].value,
  })
}
