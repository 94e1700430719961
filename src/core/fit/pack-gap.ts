import { done, type Outcome, refused } from '../outcome'
import { type Length, minus, sumOf, ticks, ZERO } from '../units/length'

/** A tapered shim: its thin end, thick end and length. */
export type Wedge = { readonly tip: Length; readonly butt: Length; readonly length: Length }

export type PackStock = {
  readonly wedge: Wedge
  /** The length over which a pair must bear: the jamb's depth. */
  readonly bearing: Length
  /** Thicknesses of flat stock; each may be used more than once. */
  readonly flats: readonly Length[]
  /** How far short of the gap flats alone may stay. */
  readonly slack: Length
}

/** What fills one gap: flats, thickest first, and how far a wedge pair is pulled apart (`null` without a pair). */
export type Pack = {
  readonly flats: readonly Length[]
  readonly wedgeOffset: Length | null
  /** A wedge pair counts two. */
  readonly pieces: number
  /** The gap less what is packed. */
  readonly leftOver: Length
}

const MOST_UNITS = 2_000_000

/** The pack of fewest pieces for a gap: flats alone, at most `slack` short, or flats and one pair of opposed wedges
 *  that fill it exactly. Among equals: the smaller left-over, then the one with a wedge pair, then the thicker flats.
 *  Issue codes: `shim.negative`, `shim.flats`, `shim.wedge`, `shim.too-wide`, `shim.no-pack`. */
export function packGap(gap: Length, stock: PackStock): Outcome<Pack> {
  const { wedge, flats, slack } = stock
  if (gap < 0) return refused('shim.negative', { gap }, 'gap')
  if (flats.some(flat => flat <= 0)) return refused('shim.flats', {}, 'flats')
  if (!(wedge.tip > 0 && wedge.butt > wedge.tip && wedge.length > 0)) return refused('shim.wedge', {}, 'wedge')
  if (gap <= slack) return done({ flats: [], wedgeOffset: null, pieces: 0, leftOver: gap })
  const counts = countPieces(gap, flats)
  if (!counts) return refused('shim.too-wide', { gap }, 'gap')
  const candidates = [...flatsOnly(gap, slack, counts), ...withWedges(gap, stock, counts)]
  const best = candidates.reduce<Pack | null>((kept, one) => (kept && !isBetter(one, kept) ? kept : one), null)
  return best ? done(best) : refused('shim.no-pack', { gap }, 'gap')
}

/** Fewest flats for every whole multiple of their common measure up to the gap; `null` when the table would be too large. */
type Counts = { readonly measure: number; readonly least: Uint32Array; readonly thickestFirst: readonly Length[] }

function countPieces(gap: Length, flats: readonly Length[]): Counts | null {
  const measure = flats.reduce<number>(commonMeasure, 0) || gap
  const size = Math.floor(gap / measure) + 1
  if (size > MOST_UNITS) return null
  const least = new Uint32Array(size).fill(0xffff_ffff)
  least[0] = 0
  for (let unit = 1; unit < size; unit++) {
    for (const flat of flats) {
      const before = unit - flat / measure
      if (before >= 0 && least[before]! + 1 < least[unit]! && least[before] !== 0xffff_ffff)
        least[unit] = least[before]! + 1
    }
  }
  return { measure, least, thickestFirst: [...flats].sort((a, b) => b - a) }
}

const commonMeasure = (a: number, b: number): number => (b === 0 ? a : commonMeasure(b, a % b))

/** The thickest-first list of fewest flats that sum to `units` measures. */
function flatsFor(units: number, { measure, least, thickestFirst }: Counts): readonly Length[] {
  const chosen: Length[] = []
  let rest = units
  while (rest > 0) {
    const flat = thickestFirst.find(one => rest >= one / measure && least[rest - one / measure] === least[rest]! - 1)!
    chosen.push(flat)
    rest -= flat / measure
  }
  return chosen
}

function flatsOnly(gap: Length, slack: Length, counts: Counts): readonly Pack[] {
  return reachable(gap - slack, gap, counts).map(units => {
    const flats = flatsFor(units, counts)
    return { flats, wedgeOffset: null, pieces: flats.length, leftOver: minus(gap, sumOf(flats)) }
  })
}

function withWedges(gap: Length, { wedge, bearing }: PackStock, counts: Counts): readonly Pack[] {
  const thickest = wedge.tip + wedge.butt
  const taper = (wedge.butt - wedge.tip) / wedge.length
  const thinnest = thickest - Math.max(0, wedge.length - bearing) * taper
  if (bearing > wedge.length) return []
  const least = Math.max(0, gap - thickest)
  return fewestOf(reachable(least, gap - thinnest, counts), counts).map(units => {
    const flats = flatsFor(units, counts)
    const offset = ticks(Math.round((thickest - (gap - units * counts.measure)) / taper))
    return { flats, wedgeOffset: offset, pieces: flats.length + 2, leftOver: ZERO }
  })
}

function reachable(from: number, to: number, { measure, least }: Counts): readonly number[] {
  const found: number[] = []
  for (let units = Math.max(0, Math.ceil(from / measure)); units * measure <= to && units < least.length; units++) {
    if (least[units] !== 0xffff_ffff) found.push(units)
  }
  return found
}

function fewestOf(units: readonly number[], { least }: Counts): readonly number[] {
  const fewest = Math.min(...units.map(one => least[one]!))
  return units.filter(one => least[one] === fewest)
}

function isBetter(a: Pack, b: Pack): boolean {
  if (a.pieces !== b.pieces) return a.pieces < b.pieces
  if (a.leftOver !== b.leftOver) return a.leftOver < b.leftOver
  if ((a.wedgeOffset === null) !== (b.wedgeOffset === null)) return a.wedgeOffset !== null
  const differing = a.flats.findIndex((flat, i) => flat !== b.flats[i])
  return differing >= 0 && a.flats[differing]! > (b.flats[differing] ?? 0)
}
