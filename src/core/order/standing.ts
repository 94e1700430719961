/** Where an order stands with its supplier and on site. */
export const ORDER_STANDINGS = [
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
