import { type Length, minus, smallestOf } from '../units/length'
import type { Cents } from '../units/quantity'
import { goesIn } from './judge-unit'
import type { Offer } from './offer'
import { type PreparationId, prepare } from './preparation'
import type { Request } from './request'
import { said } from './unit'

/** How a unit that stands too high on the packing the floor asks for can still be had. */
export type WayOut = {
  readonly kind: 'shorter-leaf' | 'cut-down' | 'lower-floor'
  /** The unit it is done with. */
  readonly offer: Offer
  /** By how much the leaf is shorter, is cut, or the floor's edge is lowered. */
  readonly amount: Length
  readonly minutes: number
  readonly totalCents: Cents
}

/** Where the floor asks for packing under the sill and the cheapest unit then stands too high, and is wrong in nothing else: a unit with a
 *  shorter leaf that goes in, this one cut down, or the floor's edge lowered, each with what it costs in all. Empty where no such unit is. */
export function waysOut(offers: readonly Offer[], { rates }: Request): readonly WayOut[] {
  const tooHigh = offers
    .filter(one => one.pad > 0 && shortBy(one) !== null)
    .reduce<Offer | null>((best, one) => (best && best.cents.total <= one.cents.total ? best : one), null)
  if (!tooHigh) return []
  const short = shortBy(tooHigh)!
  const withWork = (kind: WayOut['kind'], id: PreparationId, amount: Length): WayOut => {
    const work = prepare(id, 'sill', amount, tooHigh.unit.width, rates)
    return {
      kind,
      offer: tooHigh,
      amount,
      minutes: tooHigh.minutes + work.minutes,
      totalCents: tooHigh.cents.total + work.materialCents + work.workCents,
    }
  }
  const leafHeight = (one: Offer) => said(one.unit, 'leafHeight') ?? one.unit.height
  const shorter = offers.find(one => goesIn(one) && leafHeight(one) < leafHeight(tooHigh))
  return [
    ...(shorter
      ? [
          {
            kind: 'shorter-leaf' as const,
            offer: shorter,
            amount: minus(leafHeight(tooHigh), leafHeight(shorter)),
            minutes: shorter.minutes,
            totalCents: shorter.cents.total,
          },
        ]
      : []),
    ...(tooHigh.unit.material === 'timber' && !tooHigh.unit.labelMinutes
      ? [withWork('cut-down', 'cut-down-leaf', short)]
      : []),
    withWork('lower-floor', 'lower-floor', smallestOf([short, tooHigh.pad])),
  ]
}

/** By how much a unit is too high, where that is all that keeps it out. */
function shortBy({ reasons }: Offer): Length | null {
  const stops = reasons.filter(one => one.severity === 'stop')
  const short = stops.length === 1 && stops[0]!.code === 'too-high' ? stops[0]!.facts.short : undefined
  return typeof short === 'object' ? short.length : null
}
