import type { standingOf } from './acknowledgement'

/** Where an order stands with its supplier and on site. */
export const ORDER_STANDINGS = [
  'elsewhere',
  'waiting',
  'sent',
  'not-understood',
  'query',
  'refused',
  'open',
  'objected',
  'acknowledged',
  'received',
  'withdrawn',
] as const
export type OrderStanding = (typeof ORDER_STANDINGS)[number]

/** What is known of an order here. */
export type OrderFacts = {
  readonly isWithdrawn: boolean
  /** Every line accepted, parts owed or not. */
  readonly isReceived: boolean
  /** Of the last answer that was understood; `null` without one. */
  readonly answered: ReturnType<typeof standingOf> | null
  readonly hasAnswers: boolean
  /** How many messages to its supplier there are, and how many it has got. */
  readonly messages: number
  readonly sent: number
}

/** Where an order stands: what was done last outweighs what was said before it. */
export function orderStanding(facts: OrderFacts): OrderStanding {
  if (facts.isWithdrawn) return 'withdrawn'
  if (facts.isReceived) return 'received'
  if (facts.answered)
    return facts.answered === 'agrees' || facts.answered === 'accepted' ? 'acknowledged' : facts.answered
  if (facts.hasAnswers) return 'not-understood'
  if (facts.messages === 0) return 'elsewhere'
  return facts.sent > 0 ? 'sent' : 'waiting'
}
