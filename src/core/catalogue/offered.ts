import type { UnitKind } from '../base/kinds'
import type { Schools } from '../base/schools'
import type { TradeLengths } from '../base/trade-lengths'
import { pointsBetween, stockBucks } from '../opening/bucks'
import type { Stood } from '../opening/judge-standing'
import { placeUnit } from '../opening/place-unit'
import type { Specified } from '../specification/specified'
import type { Wishes } from '../specification/wishes'
import type { Survey } from '../survey/survey'
import { type Length, plus, times, ZERO } from '../units/length'
import { judgeUnit, judgeUnits } from './judge-unit'
import type { Offer } from './offer'
import type { Rates } from './preparation'
import type { Judges, Request } from './request'
import { isJudgeable, requestFor } from './request-for'
import type { SiteOf } from './site-facts'
import type { CatalogueUnit } from './unit'

/** The catalogue judged for an opening, best first, and the unit that was chosen of it. */
export type Offered = {
  readonly request: Request
  readonly offers: readonly Offer[]
  readonly chosen: Offer | null
  /** How the chosen unit stands, else one of the derived size: read by chance and what decides. */
  readonly stood: Stood | null
}

export type OfferTrade = {
  readonly jambStandards: readonly Length[]
  readonly rates: Rates
  readonly garageMinutes: number
  readonly fillers: readonly Length[]
  readonly units: readonly CatalogueUnit[]
}

/** What the catalogue is judged by: every unit in the middle of its room. */
export function requestOf(
  { site }: { readonly site: SiteOf },
  judges: Judges,
  survey: Survey,
  { specification, hole, hasBucks }: Specified,
  wishes: Wishes,
  { schools, lengths }: { readonly schools: Schools; readonly lengths: TradeLengths },
  { jambStandards, rates, garageMinutes, fillers }: Omit<OfferTrade, 'units'>,
): Request {
  const given = {
    wishes,
    shift: ZERO,
    lengths,
    schools,
    jambStandards,
    rates,
    garageMinutes,
    judges,
    fillers,
    hasBucks,
  }
  return requestFor(site, hole, specification, survey, given)
}

/** Judges every unit the opening takes. */
export const judgeTaken = (
  takes: readonly UnitKind[],
  units: readonly CatalogueUnit[],
  request: Request,
): readonly Offer[] =>
  isJudgeable(request)
    ? judgeUnits(
        units.filter(unit => takes.includes(unit.kind)),
        request,
      )
    : []

/** What was judged, with the unit that was chosen of it, moved to where it shall stand. */
export function offerUnits(
  offers: readonly Offer[],
  chosenId: string | null,
  specified: Specified,
  centred: Request,
  shift: Length,
): Offered {
  const asOffered = offers.find(offer => offer.unit.id === chosenId) ?? null
  const request = shift === ZERO ? centred : { ...centred, shift }
  // Only the chosen unit is moved: the others are not judged again for it.
  const chosen = asOffered && shift !== ZERO ? judgeUnit(asOffered.unit, request) : asOffered
  return {
    request,
    offers: chosen === asOffered ? offers : offers.map(one => (one === asOffered ? chosen! : one)),
    chosen,
    stood: stoodOf(chosen, specified, request),
  }
}

function stoodOf(chosen: Offer | null, { specification, hole, hasBucks }: Specified, request: Request): Stood | null {
  const { lengths, shift } = request
  if (chosen) {
    if (!chosen.placement) return null
    const bucks = chosen.bucks ? plus(chosen.bucks.left, chosen.bucks.right) : ZERO
    return { unit: chosen.unit, placement: chosen.placement, pad: chosen.pad, shift, bucks }
  }
  const { unit: derived } = specification
  if (!hole || !derived) return null
  const unit = { width: derived.width.value, height: derived.height.value, article: '' }
  const pad = specification.pad?.value ?? ZERO
  const bucks = stockBucks(lengths)
  const points = hasBucks ? pointsBetween(hole.points, bucks) : hole.points
  return {
    unit,
    placement: placeUnit(points, { unit, pad }),
    pad,
    shift: ZERO,
    bucks: hasBucks ? times(bucks.left, 2) : ZERO,
  }
}
