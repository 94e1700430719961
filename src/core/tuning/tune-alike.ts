import { ADJUSTERS, isThere, type Move } from './reveals'
import { ALIKE } from './tune-measures'
import type { TuneInput } from './tune-model'
import { type Tuned, tunedBy } from './tune-reveals'

/** The moves where all hinges are turned by the same steps, so that the leaf moves without turning: every way within the limits of the top
 *  hinge is tried. (1) the worst margin misses least, (2) all together miss least, both within 1/128 in, (3) the fewest steps. */
export function tuneAlike(input: TuneInput): Tuned {
  const [least, most] = input.limits['card.top']
  const cards = ADJUSTERS.filter(one => one.startsWith('card.') && isThere(input.hinges, one))
  const by = (steps: number): readonly Move[] => (steps === 0 ? [] : cards.map(adjuster => ({ adjuster, steps })))
  const all = Array.from({ length: most - least + 1 }, (_, i) => tunedBy(input, by(least + i)))
  const worst = Math.min(...all.map(one => one.worstMiss))
  const within = all.filter(one => one.worstMiss <= worst + ALIKE)
  const sum = Math.min(...within.map(one => one.sumMiss))
  return within.filter(one => one.sumMiss <= sum + ALIKE).sort((a, b) => a.steps - b.steps)[0]!
}
