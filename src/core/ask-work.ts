import { requestOf } from './catalogue/offered'
import type { Request } from './catalogue/request'
import { isJudgeable } from './catalogue/request-for'
import { DOORS, JUDGES } from './doors/doors'
import type { DecidingReading } from './opening/deciding-readings'
import { decideBy } from './opening/judge-standing'
import { measure } from './opening/measure'
import { specifyOpening } from './specification/specified'
import { type OpeningRecords, type Trade, termsOf } from './terms'
import { chosenOf, offerTrade, specifyTrade, type Work } from './work-parts'

// What is asked of the work now and then, and not worked out at each change.

/** What the catalogue is judged by for an opening; `null` while nothing was read to judge it by. Costs no judging. */
export function requestFrom(records: OpeningRecords, trade: Trade): Request | null {
  const { opening, readings, answers, wishes, order } = records
  const door = DOORS[opening.family]
  const terms = termsOf(wishes, records.allowances, trade)
  const { derivesUnit } = door.specify
  const measured = measure(door.survey, derivesUnit, wishes.way, readings, answers, terms.lengths, trade.locks)
  const chosen = chosenOf(trade.units, order.chosen?.unit ?? null, door)
  const { value } = specifyOpening(
    door.specify,
    door.survey,
    measured.value,
    chosen?.sheet ?? null,
    wishes,
    order.details.anchors,
    terms,
    specifyTrade(trade),
  )
  const { survey } = measured.value
  const request = requestOf(door, JUDGES, survey, value, wishes, terms, offerTrade(trade))
  return isJudgeable(request) ? request : null
}

/** The readings of the modelled way by what they decide for the chosen or derived unit; empty while neither is known. */
export function whatDecides({
  measure: measured,
  order,
  terms,
}: Pick<Work, 'measure' | 'order' | 'terms'>): readonly DecidingReading[] {
  const { survey, model } = measured.value
  const { stood } = order.value
  return model && stood ? decideBy(model, stood, survey, terms.lengths) : []
}
