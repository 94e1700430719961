import type { Length } from '../units/length'
import { boundOf } from './pack-bars'

/** A bar with holes at `first`, `first + pitch`, …; pieces of it are cut so that their holes are centred. */
export type DrilledBar = {
  readonly stock: Length
  readonly kerf: Length
  readonly first: Length
  readonly pitch: Length
  readonly count: number
  readonly leastEnd: Length
}

/** A piece on the bar's holes: how many it takes, and how far it reaches beyond its outer ones. */
export type DrilledPiece = { readonly holes: number; readonly end: number }

export type DrilledNest = { readonly bars: readonly (readonly number[])[]; readonly optimal: boolean }
export type NestIssue = { readonly issue: 'strip.no-place'; readonly piece: number }

/** What a piece takes of the holes: the most of them, at least two, that leave `leastEnd` beyond both outer ones; `null` where two don't go. */
export function piecePitch(
  length: Length,
  { pitch, leastEnd }: Pick<DrilledBar, 'pitch' | 'leastEnd'>,
): DrilledPiece | null {
  const holes = Math.floor((length - 2 * leastEnd) / pitch) + 1
  return holes < 2 ? null : { holes, end: (length - (holes - 1) * pitch) / 2 }
}

/** Where pieces that follow each other on a bar start, each as early as its holes let it; `null` where they don't all go. */
export function placeDrilled(bar: DrilledBar, lengths: readonly Length[]): readonly number[] | null {
  let before: { readonly hole: number; readonly end: number } | null = null
  const starts: number[] = []
  for (const length of lengths) {
    const piece = piecePitch(length, bar)
    const hole: number | null = piece && lastHole(bar, piece, before)
    if (!piece || hole === null) return null
    starts.push(bar.first + (hole - piece.holes + 1) * bar.pitch - piece.end)
    before = { hole, end: piece.end }
  }
  return starts
}

const MOST_EXACT = 10

/** Where a piece's last hole is at the earliest, after a piece that ends at hole `after`; `null` where it goes past the bar's end. */
function lastHole(
  bar: DrilledBar,
  piece: DrilledPiece,
  after: { readonly hole: number; readonly end: number } | null,
): number | null {
  const { stock, kerf, first, pitch, count } = bar
  const from =
    after === null
      ? Math.max(0, Math.ceil((piece.end - first) / pitch - 1e-9))
      : after.hole + Math.max(1, Math.ceil((after.end + piece.end + kerf) / pitch - 1e-9))
  const last = from + piece.holes - 1
  return last <= count - 1 && first + last * pitch + piece.end <= stock + 1e-6 ? last : null
}

/** Pieces of drilled strip out of bars of one kind, a saw's kerf apart and each on the bar's holes: the fewest bars, then the longest single
 *  off-cut; exact to 10 pieces. */
export function nestDrilled(bar: DrilledBar, lengths: readonly Length[]): DrilledNest | NestIssue {
  const pieces: DrilledPiece[] = []
  for (const [i, length] of lengths.entries()) {
    const piece = piecePitch(length, bar)
    if (!piece || lastHole(bar, piece, null) === null) return { issue: 'strip.no-place', piece: i }
    pieces.push(piece)
  }
  return pieces.length <= MOST_EXACT ? exactly(bar, pieces) : greedily(bar, pieces)
}

/** Where a set of pieces on one bar ends: its last hole, and the order. */
type Ending = { readonly hole: number; readonly order: readonly number[] }

/** For every set of pieces the order on one bar that ends soonest, and then the sets that share all pieces out to the fewest bars. */
function exactly(bar: DrilledBar, pieces: readonly DrilledPiece[]): DrilledNest {
  const all = (1 << pieces.length) - 1
  const ends = new Map<number, Ending>()
  const onBar: ({ readonly order: readonly number[]; readonly offCut: number } | null)[] = [
    { order: [], offCut: bar.stock },
  ]
  for (let set = 1; set <= all; set++) onBar[set] = placed(bar, pieces, set, ends)
  const best: ({ readonly count: number; readonly offCut: number; readonly set: number } | null)[] = [
    { count: 0, offCut: 0, set: 0 },
  ]
  for (let rest = 1; rest <= all; rest++) {
    const lowest = rest & -rest
    let found: (typeof best)[number] = null
    for (let set = rest; set > 0; set = (set - 1) & rest) {
      const own = onBar[set]
      const before = best[rest ^ set]
      if (!(set & lowest) || !own || !before) continue
      const [count, offCut] = [before.count + 1, Math.max(before.offCut, own.offCut)]
      if (!found || count < found.count || (count === found.count && offCut > found.offCut))
        found = { count, offCut, set }
    }
    best[rest] = found
  }
  const bars: (readonly number[])[] = []
  for (let rest = all; rest > 0; rest ^= best[rest]!.set) bars.push(onBar[best[rest]!.set]!.order)
  return { bars, optimal: true }
}

/** A set of pieces on one bar, in the order that ends soonest; `null` where it holds no such set. `ends` holds what is known for each set
 *  and its last piece. */
function placed(bar: DrilledBar, pieces: readonly DrilledPiece[], set: number, ends: Map<number, Ending>) {
  let best: { readonly order: readonly number[]; readonly offCut: number } | null = null
  for (const [i, piece] of pieces.entries()) {
    if (!(set & (1 << i))) continue
    const rest = set ^ (1 << i)
    let found: Ending | null = null
    for (const before of rest === 0 ? [null] : behind(pieces, rest, ends)) {
      const hole = lastHole(bar, piece, before)
      if (hole !== null && (!found || hole < found.hole)) found = { hole, order: [...(before?.order ?? []), i] }
    }
    if (!found) continue
    ends.set(set * 16 + i, found)
    const offCut = bar.stock - (bar.first + found.hole * bar.pitch + piece.end)
    if (!best || offCut > best.offCut) best = { order: found.order, offCut }
  }
  return best
}

/** Every piece of a set as the last of it, with how the set ends soonest then. */
const behind = (pieces: readonly DrilledPiece[], set: number, ends: ReadonlyMap<number, Ending>) =>
  pieces.flatMap(({ end }, j) => {
    const at = set & (1 << j) ? ends.get(set * 16 + j) : undefined
    return at ? [{ ...at, end }] : []
  })

/** The longest first, each behind the last piece of the first bar that takes it; proven only where no fewer bars could hold the lengths. */
function greedily(bar: DrilledBar, pieces: readonly DrilledPiece[]): DrilledNest {
  const lengthOf = ({ holes, end }: DrilledPiece) => (holes - 1) * bar.pitch + 2 * end
  const order = pieces.map((_, i) => i).sort((a, b) => lengthOf(pieces[b]!) - lengthOf(pieces[a]!) || a - b)
  const bars: { items: number[]; last: { hole: number; end: number } }[] = []
  for (const item of order) {
    const piece = pieces[item]!
    const found = bars.flatMap(one => {
      const hole = lastHole(bar, piece, one.last)
      return hole === null ? [] : [{ one, hole }]
    })[0]
    if (found) {
      found.one.items.push(item)
      found.one.last = { hole: found.hole, end: piece.end }
    } else bars.push({ items: [item], last: { hole: lastHole(bar, piece, null)!, end: piece.end } })
  }
  const least = boundOf(
    pieces.map(one => lengthOf(one) + bar.kerf),
    bar.stock + bar.kerf,
  )
  return { bars: bars.map(one => one.items), optimal: bars.length === least }
}
