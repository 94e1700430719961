/** What a shoe over the bottom edge of an outside leaf wants, each ticked by whoever saw it. */
export const BEDDED = ['bedded', 'joint-sealed', 'drains'] as const
export type Bedded = (typeof BEDDED)[number]
