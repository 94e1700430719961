import { done, type Outcome, refused } from '../outcome'
import { type Length, ticks } from '../units/length'

/** A strip with holes at `first`, `first + pitch`, … and the piece wanted out of it. */
export type StripOrder = {
  readonly stock: Length
  readonly first: Length
  readonly pitch: Length
  readonly holes: number
  readonly length: Length
  /** The least distance of a hole's centre from an end. */
  readonly leastEnd: Length
}

export type StripCut = {
  /** Where the piece starts on the stock. */
  readonly cutAt: Length
  readonly firstEnd: Length
  readonly lastEnd: Length
  readonly holes: number
}

/** Cuts the piece so that its first and last hole are equally far from its ends: least difference, then most holes,
 *  then the least cut. A hole whose centre lies on a cut counts as too near the end.
 *  Issue codes: `strip.too-long`, `strip.sizes`, `strip.no-place`. */
export function cutStrip(order: StripOrder): Outcome<StripCut> {
  const { stock, first, pitch, holes, length, leastEnd } = order
  if (!(length > 0 && pitch > 0 && first >= 0 && leastEnd >= 0 && Number.isInteger(holes) && holes > 0)) {
    return refused('strip.sizes', {}, 'holes')
  }
  if (holes > 1000) return refused('strip.sizes', {}, 'holes')
  if (length > stock) return refused('strip.too-long', { length, stock }, 'length')
  const centres = Array.from({ length: holes }, (_, i) => first + i * pitch).filter(centre => centre <= stock)
  let best: StripCut | null = null
  for (let i = 0; i < centres.length; i++) {
    for (let j = i; j < centres.length; j++) {
      const cut = bestStart(order, centres, i, j)
      if (cut && (!best || isBetter(cut, best))) best = cut
    }
  }
  return best ? done(best) : refused('strip.no-place', { length, leastEnd }, 'length')
}

/** The best start of a piece that holds exactly the holes from i to j; `null` when there is none. */
function bestStart(order: StripOrder, centres: readonly number[], i: number, j: number): StripCut | null {
  const { stock, length, leastEnd } = order
  const [firstHole, lastHole] = [centres[i]!, centres[j]!]
  const least = Math.max(0, lastHole + leastEnd - length, (centres[i - 1] ?? -1) + 1)
  const most = Math.min(stock - length, firstHole - leastEnd, (centres[j + 1] ?? Number.POSITIVE_INFINITY) - length - 1)
  if (least > most) return null
  const even = Math.floor((firstHole + lastHole - length) / 2)
  const cutAt = Math.max(least, Math.min(most, even))
  return {
    cutAt: ticks(cutAt),
    firstEnd: ticks(firstHole - cutAt),
    lastEnd: ticks(cutAt + length - lastHole),
    holes: j - i + 1,
  }
}

function isBetter(a: StripCut, b: StripCut): boolean {
  const [unevenA, unevenB] = [Math.abs(a.firstEnd - a.lastEnd), Math.abs(b.firstEnd - b.lastEnd)]
  if (unevenA !== unevenB) return unevenA < unevenB
  if (a.holes !== b.holes) return a.holes > b.holes
  return a.cutAt < b.cutAt
}
