import type { Offer } from './catalogue/offer'
import { said } from './catalogue/unit'
import { detailChoices } from './catalogue/unit-values'
import { doorOfUnit } from './doors/doors'
import type { Drawn, LeafLook, StandingUnit } from './drawing/drawn'
import type { WallFace } from './drawing/wall-texture'
import type { OrderLine } from './order/order'
import type { Survey } from './survey/survey'
import type { Way } from './survey/ways'
import type { Work } from './work'

/** How a judged unit is drawn where it stands; `null` for one that hangs no door. */
export function standingOf(offer: Offer | null, settled: OrderLine['details'] = {}): StandingUnit | null {
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
    look: lookOf(offer.unit, settled),
    bucks: offer.bucks,
    lights: doorOfUnit(unit).frame(unit as never).sidelights,
  }
}

/** How a leaf looks by its sheet, or as it was settled; of what slides the panels are glass. What is still to be chosen is plain. */
export function lookOf(unit: Offer['unit'], settled: OrderLine['details']): LeafLook {
  const glass = said(unit, 'glass')
  const choices = detailChoices(unit.details.style)
  const style = settled.style ?? (choices.length === 1 ? choices[0]! : '')
  return {
    style: doorOfUnit(unit).order.hand.includes('panels') ? 'full glass' : style,
    hasGlass: glass !== null && glass !== 'none',
  }
}

/** What one sees of the wall round an opening: laid courses where it is of masonry, boards outside a framed one. */
function faceOf(way: Way | null, { facts }: Survey, isOutside: boolean): WallFace {
  const isLaid = way === 'masonry' || facts.get('fact.wall-kind')?.code === 'masonry'
  if (isLaid) return isOutside ? 'brick' : 'block'
  return isOutside ? 'siding' : 'plain'
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
    standing: standingOf(offer, (isChosen && order.value.line?.details) || {}),
    wall: faceOf(model?.way ?? null, survey, door.fit.isOutside),
    shims: isChosen ? fit.value.shims : null,
    edges: seal.value.edges,
    closed: seal.value.survey,
    seals: seal.value.plan,
  }
}
