import type { TradeLengths } from '../base/trade-lengths'
import type { Seal } from '../seal-stock/seal'
import { materialCents } from '../seal-stock/seal'
import { type Length, minus, nearestTick, plus } from '../units/length'
import type { Cents } from '../units/quantity'
import { nestDrilled, piecePitch, placeDrilled } from './nest-drilled'
import { nestPieces } from './nest-pieces'
import type { CutPiece } from './pieces'
import type { SealPlan } from './seal-plan'
import { isFitted, type Sealed } from './sealed'

/** One opening of a visit as far as its strips go. */
export type ToCut = { readonly tag: string; readonly plan: SealPlan | null; readonly fitted: Sealed['fitted'] }

/** A piece on a bar: its number on the list, which opening and edge it is for, where it starts, and where its holes fall. */
export type LaidPiece = {
  readonly number: number
  readonly tag: string
  readonly piece: CutPiece
  readonly from: Length
  /** Its holes, from its own start; none in undrilled strip. */
  readonly holes: readonly Length[]
}

export type LaidBar = { readonly pieces: readonly LaidPiece[]; readonly offCut: Length }

/** All pieces of one seal, laid out on its bars. */
export type CutOfSeal = {
  readonly seal: Seal
  readonly bars: readonly LaidBar[]
  /** Whether no layout takes fewer bars; else how few there might be. */
  readonly optimal: boolean
  readonly least: number
  /** What so many bars cost. */
  readonly cents: Cents
  /** Pieces that can't be cut out of it: their holes come too near an end. */
  readonly apart: readonly LaidPiece[]
}

/** All pieces of a visit that are not fitted yet, seal by seal, out of bars: numbered through in the order of openings and edges. */
export function cutList(openings: readonly ToCut[], lengths: TradeLengths): readonly CutOfSeal[] {
  const bySeal = new Map<
    string,
    { readonly seal: Seal; readonly pieces: { number: number; tag: string; piece: CutPiece }[] }
  >()
  let number = 0
  for (const { tag, plan, fitted } of openings)
    for (const edge of plan?.edges ?? [])
      for (const piece of edge.pieces) {
        if (isFitted(fitted, edge.edge.id, piece.sealId)) continue
        const { seal } = edge.chosen.find(one => one.seal.id === piece.sealId)!
        const own = bySeal.get(seal.id) ?? { seal, pieces: [] }
        own.pieces.push({ number: ++number, tag, piece })
        bySeal.set(seal.id, own)
      }
  return [...bySeal.values()].map(({ seal, pieces }) => cutOf(seal, pieces, lengths))
}

type Numbered = { readonly number: number; readonly tag: string; readonly piece: CutPiece }

function cutOf(seal: Seal, all: readonly Numbered[], lengths: TradeLengths): CutOfSeal {
  const kerf = lengths['saw-kerf'].value
  const leastEnd = lengths['seal-least-end'].value
  const bar = seal.holes && { ...seal.holes, stock: seal.stock, kerf, leastEnd }
  const goes = ({ piece }: Numbered) => !bar || placeDrilled(bar, [piece.length]) !== null
  const [inBars, apart] = [all.filter(goes), all.filter(one => !goes(one))]
  const sizes = inBars.map(one => one.piece.length)
  const nest = bar ? nestDrilled(bar, sizes) : nestPieces(seal.stock, kerf, sizes)
  const found = nest && 'bars' in nest ? nest : { bars: [], optimal: true }
  const bars = found.bars.map((indexes): LaidBar => {
    const own = indexes.map(i => inBars[i]!)
    const starts = bar
      ? placeDrilled(
          bar,
          own.map(one => one.piece.length),
        )!
      : inLine(own, kerf)
    const pieces = own.map(
      (one, i): LaidPiece => ({ ...one, from: nearestTick(starts[i]!), holes: bar ? holesIn(one, bar) : [] }),
    )
    const last = pieces.at(-1)
    return { pieces, offCut: last ? minus(seal.stock, plus(last.from, last.piece.length)) : seal.stock }
  })
  const room = seal.stock + kerf
  return {
    seal,
    bars,
    optimal: found.optimal,
    least: Math.ceil(sizes.reduce((sum, one) => sum + one + kerf, 0) / room - 1e-9),
    cents: bars.length * materialCents(seal, seal.stock),
    apart: apart.map(one => ({ ...one, from: nearestTick(0), holes: [] })),
  }
}

function inLine(own: readonly Numbered[], kerf: Length): readonly number[] {
  let at = 0
  return own.map(({ piece }) => {
    const from = at
    at += piece.length + kerf
    return from
  })
}

function holesIn({ piece }: Numbered, bar: { readonly pitch: Length; readonly leastEnd: Length }): readonly Length[] {
  const own = piecePitch(piece.length, bar)
  return own ? Array.from({ length: own.holes }, (_, i) => nearestTick(own.end + i * bar.pitch)) : []
}
