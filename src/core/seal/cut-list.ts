import type { TradeLengths } from '../base/trade-lengths'
import type { OffCut } from '../seal-stock/off-cut'
import type { Seal } from '../seal-stock/seal'
import { materialCents } from '../seal-stock/seal'
import { type Length, minus, nearestTick, plus } from '../units/length'
import type { Cents } from '../units/quantity'
import { type DrilledBar, nestDrilled, piecePitch, placeDrilled } from './nest-drilled'
import { nestPieces } from './nest-pieces'
import type { CutPiece } from './pieces'
import type { SealPlan } from './seal-plan'
import { reasonKey } from './seal-wants'
import { isFitted, type Sealed } from './sealed'
import { shareOut } from './share-out'

/** One opening of a visit as far as its strips go. */
export type ToCut = {
  readonly id: string
  readonly tag: string
  readonly plan: SealPlan | null
  readonly fitted: Sealed['fitted']
  /** What is cut already and waits to be fitted, by edge and seal. */
  readonly cut: ReadonlySet<string>
}

/** A piece on a bar: its number on the list, which opening and edge it is for, where it starts, and where its holes fall. */
export type LaidPiece = {
  readonly number: number
  readonly opening: string
  readonly tag: string
  readonly piece: CutPiece
  readonly from: Length
  /** Its holes, from its own start; none in undrilled strip. */
  readonly holes: readonly Length[]
}

/** A bar with what is cut out of it: a new one, or an off-cut the van holds. */
export type LaidBar = {
  readonly of: OffCut | null
  readonly stock: Length
  readonly pieces: readonly LaidPiece[]
  readonly offCut: Length
}

/** All pieces of one seal, laid out on its bars. */
export type CutOfSeal = {
  readonly seal: Seal
  /** Off-cuts first, then new bars. */
  readonly bars: readonly LaidBar[]
  /** Whether no layout takes fewer bars; else how few there might be. */
  readonly optimal: boolean
  readonly least: number
  /** What the new bars cost. */
  readonly cents: Cents
  /** Pieces that can't be cut out of it: their holes come too near an end. */
  readonly apart: readonly LaidPiece[]
}

/** All pieces of a visit that are neither cut nor fitted yet, seal by seal, out of off-cuts that are there and out of bars: numbered through in
 *  the order of openings and edges. */
export function cutList(
  openings: readonly ToCut[],
  lengths: TradeLengths,
  offCuts: readonly OffCut[] = [],
): readonly CutOfSeal[] {
  const bySeal = new Map<string, { readonly seal: Seal; readonly pieces: Numbered[] }>()
  let number = 0
  for (const { id, tag, plan, fitted, cut } of openings)
    for (const edge of plan?.edges ?? [])
      for (const piece of edge.pieces) {
        if (isFitted(fitted, edge.edge.id, piece.sealId) || cut.has(reasonKey(edge.edge.id, piece.sealId))) continue
        const { seal } = edge.chosen.find(one => one.seal.id === piece.sealId)!
        const own = bySeal.get(seal.id) ?? { seal, pieces: [] }
        own.pieces.push({ number: ++number, opening: id, tag, piece })
        bySeal.set(seal.id, own)
      }
  return [...bySeal.values()].map(({ seal, pieces }) =>
    cutOf(
      seal,
      pieces,
      offCuts.filter(one => one.seal === seal.id),
      lengths,
    ),
  )
}

type Numbered = Pick<LaidPiece, 'number' | 'opening' | 'tag' | 'piece'>

/** A bar's holes with what a saw takes and how near an end a hole may come; `null` of undrilled strip. */
function drilledBar({ holes }: Pick<Seal, 'holes'>, stock: Length, lengths: TradeLengths): DrilledBar | null {
  return holes && { ...holes, stock, kerf: lengths['saw-kerf'].value, leastEnd: lengths['seal-least-end'].value }
}

/** An off-cut as a bar of its own: as long as it is, with the holes that are left in it. */
const barOf = ({ length, first, holes }: OffCut, seal: Seal, lengths: TradeLengths): DrilledBar | null =>
  drilledBar(
    { holes: seal.holes && { ...seal.holes, first: first ?? seal.holes.first, count: holes ?? 0 } },
    length,
    lengths,
  )

/** Where pieces start on a bar, in this order; `null` where they don't all go. */
function startsOn(
  bar: DrilledBar | null,
  stock: Length,
  all: readonly Length[],
  kerf: Length,
): readonly number[] | null {
  if (bar) return placeDrilled(bar, all)
  let at = 0
  const starts = all.map(one => {
    const from = at
    at += one + kerf
    return from
  })
  return at - kerf <= stock ? starts : null
}

function cutOf(seal: Seal, all: readonly Numbered[], offCuts: readonly OffCut[], lengths: TradeLengths): CutOfSeal {
  const kerf = lengths['saw-kerf'].value
  const bar = drilledBar(seal, seal.stock, lengths)
  const goes = ({ piece }: Numbered) => !bar || placeDrilled(bar, [piece.length]) !== null
  const [inBars, apart] = [all.filter(goes), all.filter(one => !goes(one))]
  const sizes = inBars.map(one => one.piece.length)
  const holders = offCuts.map(one => {
    const own = barOf(one, seal, lengths)
    return { places: (some: readonly Length[]) => startsOn(own, one.length, some, kerf) }
  })
  const nestOf = (rest: readonly number[]) => {
    const own = rest.map(i => sizes[i]!)
    const nest = bar ? nestDrilled(bar, own) : nestPieces(seal.stock, kerf, own)
    return nest && 'bars' in nest ? nest : { bars: [], optimal: true }
  }
  const { held, rest, nest, optimal } = shareOut(sizes, holders, nestOf)
  const laid = (indexes: readonly number[], of: OffCut | null): LaidBar =>
    layOn(
      indexes.map(i => inBars[i]!),
      { of, stock: of?.length ?? seal.stock, bar: of ? barOf(of, seal, lengths) : bar },
      kerf,
    )
  const room = seal.stock + kerf
  const fromBars = rest.reduce((sum, i) => sum + sizes[i]! + kerf, 0)
  return {
    seal,
    bars: [
      ...held.flatMap((own, k) => (own.length > 0 ? [laid(own, offCuts[k]!)] : [])),
      ...nest.bars.map(own =>
        laid(
          own.map(i => rest[i]!),
          null,
        ),
      ),
    ],
    optimal,
    least: Math.max(0, Math.ceil(fromBars / room - 1e-9)),
    cents: nest.bars.length * materialCents(seal, seal.stock),
    apart: apart.map(one => ({ ...one, from: nearestTick(0), holes: [] })),
  }
}

type On = Pick<LaidBar, 'of' | 'stock'> & { readonly bar: DrilledBar | null }

function layOn(own: readonly Numbered[], { of, stock, bar }: On, kerf: Length): LaidBar {
  const starts = startsOn(
    bar,
    stock,
    own.map(one => one.piece.length),
    kerf,
  )!
  const pieces = own.map(
    (one, i): LaidPiece => ({ ...one, from: nearestTick(starts[i]!), holes: bar ? holesIn(one, bar) : [] }),
  )
  const last = pieces.at(-1)
  return { of, stock, pieces, offCut: last ? minus(stock, plus(last.from, last.piece.length)) : stock }
}

function holesIn({ piece }: Numbered, bar: { readonly pitch: Length; readonly leastEnd: Length }): readonly Length[] {
  const own = piecePitch(piece.length, bar)
  return own ? Array.from({ length: own.holes }, (_, i) => nearestTick(own.end + i * bar.pitch)) : []
}

/** What of a bar is kept once its pieces are cut: what the saw leaves of it, with the holes in it; `null` where it is too short to be of use,
 *  or drilled and without two holes. */
export function keptOf(seal: Seal, { of, stock, offCut }: LaidBar, lengths: TradeLengths): OffCut | null {
  const length = minus(offCut, lengths['saw-kerf'].value)
  if (length < lengths['off-cut-least'].value) return null
  const bar = of ? barOf(of, seal, lengths) : drilledBar(seal, stock, lengths)
  if (!bar) return { seal: seal.id, length, first: null, holes: null }
  const start = stock - length
  const gone = Math.max(0, Math.ceil((start - bar.first) / bar.pitch - 1e-9))
  const holes = bar.count - gone
  return holes < 2 ? null : { seal: seal.id, length, first: nearestTick(bar.first + gone * bar.pitch - start), holes }
}
