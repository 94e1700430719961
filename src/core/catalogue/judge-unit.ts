import { judgeOf } from './judge-of'
import { judgeShape } from './judge-shape'
import type { Offer, OfferVerdict, Shape } from './offer'
import type { Request } from './request'
import type { CatalogueUnit } from './unit'

/** Judges one unit: hard requirements, geometry, the preparation it would need, total and days. */
export function judgeUnit(unit: CatalogueUnit, request: Request): Offer {
  const { reasons, ...shape } = judgeShape(unit, request)
  const dropped = judgeOf(request.judges, unit).requires(unit, request)
  return {
    unit,
    ...shape,
    verdict: dropped.length ? 'dropped' : shape.verdict,
    reasons: [...dropped, ...reasons],
    cents: costs(unit, shape, request),
    days: unit.leadDays,
  }
}

/** What a unit costs in all: itself, what it comes without, its way here, the work it asks for, and taking the old one away. */
export function costs(
  unit: CatalogueUnit,
  { preparations }: Pick<Shape, 'preparations'>,
  { rates }: Request,
): Offer['cents'] {
  const material = sum(preparations.map(one => one.materialCents))
  const work = sum(preparations.map(one => one.workCents))
  const freight = unit.stock ? rates.freightStock : rates.freightMade
  const hardware = sum(unit.lacks.map(one => rates.lacks[one]))
  const { disposal } = rates
  const total = unit.priceCents + freight + hardware + material + work + disposal
  return { unit: unit.priceCents, freight, hardware, material, work, disposal, total }
}

const sum = (all: readonly number[]): number => all.reduce((total, one) => total + one, 0)

const RANK: Readonly<Record<OfferVerdict, number>> = {
  fits: 0,
  tight: 0,
  loose: 0,
  'too-large': 1,
  'too-small': 1,
  dropped: 2,
}

/** 0 goes in, 1 does not go in, 2 is not what was asked for. */
export const rankOf = (verdict: OfferVerdict): number => RANK[verdict]
export const goesIn = (offer: Pick<Offer, 'verdict'>): boolean => RANK[offer.verdict] === 0

/** The order of articles, for units of which nothing else decides. */
export const byArticle = (a: CatalogueUnit, b: CatalogueUnit): number =>
  a.article < b.article ? -1 : a.article > b.article ? 1 : a.maker < b.maker ? -1 : a.maker > b.maker ? 1 : 0

/** Every unit judged and ranked: what goes in by total, then days, then article; then what does not; then what was dropped, both by
 *  article, since a total means nothing for what is not bought. */
export function judgeUnits(units: readonly CatalogueUnit[], request: Request): readonly Offer[] {
  return units
    .map(unit => judgeUnit(unit, request))
    .sort(
      (a, b) =>
        RANK[a.verdict] - RANK[b.verdict] ||
        (goesIn(a) ? a.cents.total - b.cents.total || a.days - b.days : 0) ||
        byArticle(a.unit, b.unit),
    )
}

export type Best = 'cheapest' | 'soonest' | 'least-work'

/** The two or three that matter: cheapest, soonest, least work; each named once, in that order. */
export function standOuts(
  offers: readonly Offer[],
): readonly { readonly offer: Offer; readonly best: readonly Best[] }[] {
  const possible = offers.filter(goesIn)
  const least = (key: (offer: Offer) => number) =>
    possible.reduce<Offer | null>((best, one) => (best && key(best) <= key(one) ? best : one), null)
  const picks = [
    ['cheapest', least(one => one.cents.total)],
    ['soonest', least(one => one.days)],
    ['least-work', least(one => one.minutes)],
  ] as const
  const offersPicked = [...new Set(picks.flatMap(([, offer]) => offer ?? []))]
  return offersPicked.map(offer => ({ offer, best: picks.filter(([, one]) => one === offer).map(([name]) => name) }))
}

/** What one choice costs over another, in money, days and work; negative where it costs less. */
export const over = (one: Offer, other: Offer) => ({
  cents: one.cents.total - other.cents.total,
  days: one.days - other.days,
  minutes: one.minutes - other.minutes,
})
