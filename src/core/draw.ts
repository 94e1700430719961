import type { Offer } from './catalogue/offer'
import { said } from './catalogue/unit'
import { doorOfUnit } from './doors/doors'
import type { Drawn, StandingUnit } from './drawing/drawn'
import type { Work } from './work'

/** How a judged unit is drawn where it stands; `null` for one that hangs no door. */
export function standingOf(offer: Offer | null): StandingUnit | null {
  if (!offer) return null
  const { unit, storm } = offer
  const sheet = doorOfUnit(unit).leaf(unit as never)
  const isHung = sheet !== null || said(unit, 'panels') !== null
  if (!isHung) return null
  return {
    size: storm?.fit.governing ?? unit,
    placement: offer.placement,
    pad: offer.pad,
    leafBottom: sheet?.leafBottom ?? null,
    sillDepth: said(unit, 'sillDepth'),
    jamb: said(unit, 'jamb'),
    strikeHeight: sheet?.strikeHeight ?? null,
    bucks: offer.bucks,
  }
}

/** What of the work is drawn. `offer` stands in the opening: the chosen one unless said. */
export function drawnOf(
  { door, terms, measure, specify, order, fit, seal }: Work,
  wishes: Drawn['wishes'],
  offer: Offer | null = order.value.chosen,
): Drawn {
  const { survey, model } = measure.value
  const { specification, further, hole, holeIsAssumed } = specify.value
  const isChosen = offer === order.value.chosen
  return {
    asked: door.survey,
    parts: door.parts,
    settles: door.specify.settles,
    derivesUnit: door.specify.derivesUnit,
    wishes,
    survey,
    lengths: terms.lengths,
    model,
    hole: hole && { ...hole, points: offer?.hole ?? hole.points },
    holeIsAssumed,
    specification,
    further,
    standing: standingOf(offer),
    shims: isChosen ? fit.value.shims : null,
    edges: seal.value.edges,
    closed: seal.value.survey,
    seals: seal.value.plan,
  }
}
