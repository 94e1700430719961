/** A repeatable stream of numbers in [0, 1) from a seed (mulberry32): for made-up openings and for tests, never for secrets. */
export function randomFrom(seed: number): () => number {
  let state = seed >>> 0
  return () => {
    state = (state + 0x6d2b79f5) >>> 0
    let mixed = Math.imul(state ^ (state >>> 15), 1 | state)
    mixed = (mixed + Math.imul(mixed ^ (mixed >>> 7), 61 | mixed)) ^ mixed
    return ((mixed ^ (mixed >>> 14)) >>> 0) / 4_294_967_296
  }
}

/** A whole number from `least` to `most`, both included. */
export const wholeFrom = (random: () => number, least: number, most: number): number =>
  least + Math.floor(random() * (most - least + 1))
