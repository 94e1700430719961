import { type Length, largestOf, minus, nearestTick, plus } from '../units/length'

/** Something of the entry door that stands out: where its middle is, half its height, how far it stands out. */
export type Projection = { readonly middle: Length; readonly half: Length; readonly proud: Length }

export type Band = { readonly from: Length; readonly to: Length }

/** Heights at which another handle's middle would meet one of these, lowest first, joined where they overlap.
 *  Heights are clear when they differ by more than both halves and the spare; or whatever the height, when the space between the
 *  closed doors exceeds both projections and a quarter inch. */
export function takenHeights(
  entry: readonly Projection[],
  other: { readonly half: Length; readonly proud: Length },
  { space, spare, depthSpare }: { readonly space: Length | null; readonly spare: Length; readonly depthSpare: Length },
): readonly Band[] {
  const bands = meeting(entry, other.proud, { space, depthSpare })
    .map(one => {
      const reach = plus(plus(one.half, other.half), spare)
      return { from: minus(one.middle, reach), to: plus(one.middle, reach) }
    })
    .sort((a, b) => a.from - b.from)
  const joined: Band[] = []
  for (const band of bands) {
    const last = joined.at(-1)
    if (last && band.from <= last.to) joined[joined.length - 1] = { from: last.from, to: largestOf([last.to, band.to]) }
    else joined.push(band)
  }
  return joined
}

/** What stands out so far that another handle of such a projection would meet it. */
export const meeting = (
  entry: readonly Projection[],
  proud: Length,
  { space, depthSpare }: { readonly space: Length | null; readonly depthSpare: Length },
): readonly Projection[] => entry.filter(one => space === null || space <= one.proud + proud + depthSpare)

/** Heights at which the middle of a handle's body may stand, lowest first: between two wished heights, and for every band that is
 *  taken at least half the body and the spare away from it. One free height alone is a band of no length. */
export function freeHeights(body: Length, taken: readonly Band[], between: Band, spare: Length): readonly Band[] {
  const reach = body / 2 + spare
  const blocked = taken.map(({ from, to }) => [from - reach, to + reach] as const).sort((a, b) => a[0] - b[0])
  const free: Band[] = []
  let from: number = between.from
  for (const [start, end] of blocked) {
    if (end <= from) continue
    if (start > between.to) break
    if (start >= from) free.push({ from: nearestTick(from), to: nearestTick(start) })
    from = end
  }
  return from > between.to ? free : [...free, { from: nearestTick(from), to: between.to }]
}
