import type { Point } from './point'

// A side, sill or head runs straight between neighbouring points and on beyond its outer ones.
// Read as a function: `along` is the coordinate one walks by, `across` the one asked for.

type Pair = { readonly along: number; readonly across: number }

/** A polyline to be read upwards: x at a height y. Points from the bottom to the top. */
export const upward = (points: readonly Point[]): readonly Pair[] => points.map(p => ({ along: p.y, across: p.x }))

/** A polyline to be read from left to right: y at an x. Points from the left to the right. */
export const rightward = (points: readonly Point[]): readonly Pair[] => points.map(p => ({ along: p.x, across: p.y }))

/** The value at `at`, real-valued ticks; straight on beyond the outer points. */
export function valueAt(line: readonly Pair[], at: number): number {
  const index = Math.max(1, Math.min(line.length - 1, line.findIndex(one => one.along >= at) || 1))
  const beyond = at > line[line.length - 1]!.along
  const [from, to] = beyond ? [line[line.length - 2]!, line[line.length - 1]!] : [line[index - 1]!, line[index]!]
  if (to.along === from.along) return to.across
  return from.across + ((to.across - from.across) * (at - from.along)) / (to.along - from.along)
}

/** The values at both ends of [from, to] and at every point between: where a straight-sided line has its extremes. */
export function valuesOver(line: readonly Pair[], from: number, to: number): readonly number[] {
  const between = line.filter(one => one.along > from && one.along < to).map(one => one.across)
  return [valueAt(line, from), ...between, valueAt(line, to)]
}
