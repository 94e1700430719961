import type { Cents } from '../units/quantity'
import { goesIn } from './judge-unit'
import type { Offer } from './offer'

/** A unit from stock against one made to order: how much work on site the stock unit may cost before the other is cheaper, and how much
 *  it asks for. Minutes. */
export type BreakEven = {
  readonly stock: Offer
  readonly made: Offer
  readonly minutes: number
  readonly asked: number
}

/** The cheapest stock unit that goes in against the cheapest made one; `null` where only one of the two is there.
 *  What stays between their totals without the stock unit's own work, by the hour's rate, rounded down. */
export function breakEven(offers: readonly Offer[], centsPerHour: Cents): BreakEven | null {
  const possible = offers.filter(goesIn)
  const cheapest = (isStock: boolean) =>
    possible
      .filter(one => one.unit.stock === isStock)
      .reduce<Offer | null>((best, one) => (best && best.cents.total <= one.cents.total ? best : one), null)
  const [stock, made] = [cheapest(true), cheapest(false)]
  if (!stock || !made || centsPerHour <= 0) return null
  const spare = made.cents.total - (stock.cents.total - stock.cents.work)
  return { stock, made, minutes: Math.max(0, Math.floor((spare * 60) / centsPerHour)), asked: stock.minutes }
}
