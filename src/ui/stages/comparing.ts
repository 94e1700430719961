import { type Best, goesIn, standOuts } from '@/core/catalogue/judge-unit'
import type { Offer } from '@/core/catalogue/offer'
import type { OrderChoices } from '@/core/order/order-choices'

export const MOST_COMPARED = 3

/** An offer that stands beside others, and what it is best at. */
export type Compared = { readonly offer: Offer; readonly best: readonly Best[] }

/** The offers side by side: those somebody picked, else the cheapest, the soonest and the one with the least work. The chosen one is always there. */
export function comparedOffers(
  offers: readonly Offer[],
  picked: readonly string[] | null,
  chosen: Offer | null,
): readonly Compared[] {
  const standing = standOuts(offers)
  const bestOf = (offer: Offer) => standing.find(one => one.offer === offer)?.best ?? []
  const shown =
    picked === null ? standing.map(one => one.offer) : offers.filter(one => goesIn(one) && picked.includes(one.unit.id))
  const all =
    chosen && goesIn(chosen) && !shown.includes(chosen) ? [chosen, ...shown.slice(0, MOST_COMPARED - 1)] : shown
  return all.map(offer => ({ offer, best: bestOf(offer) }))
}

/** What is kept with a choice: the unit, and what stood beside it when it was chosen. */
export const choiceOf = (offer: Offer, beside: readonly Compared[]): Pick<OrderChoices, 'chosen' | 'compared'> => ({
  chosen: { unit: offer.unit.id, reason: '' },
  compared: beside.slice(0, MOST_COMPARED).map(({ offer: one }) => ({
    maker: one.unit.maker,
    article: one.unit.article,
    totalCents: one.cents.total,
    days: one.days,
    minutes: one.minutes,
  })),
})
