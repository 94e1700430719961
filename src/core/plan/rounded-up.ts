/** What a sum of halves, thirds and π may be off by, of its size: less is no more than the sum. */
const OFF = 1e-9

/** Whole packs for so many: what is over by nothing but the sum's own inexactness takes no further one. */
export const roundedUp = (count: number): number => Math.ceil(count - Math.abs(count) * OFF)
