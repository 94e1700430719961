/** The stages of the work on one opening, in order. */
export const STAGES = ['measure', 'diagnose', 'specify', 'order', 'fit', 'seal', 'handover'] as const
export type Stage = (typeof STAGES)[number]
