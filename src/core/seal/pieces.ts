import type { TradeLengths } from '../base/trade-lengths'
import type { Seal } from '../seal-stock/seal'
import { type Length, minus, plus, split, times } from '../units/length'
import { cutStrip, type StripCut } from './cut-strip'
import type { Edge } from './edge'
import { type EdgeGaps, meanOf } from './read-edges'

/** One piece to cut, where its holes fall when the strip is drilled. A side longer than its stock comes in two parts. */
export type CutPiece = {
  readonly sealId: string
  readonly edgeId: string
  readonly part: 1 | 2
  readonly of: 1 | 2
  readonly length: Length
  readonly cut: StripCut | null
}

/** How long a strip is on an edge: the leaf's edge; the rebate, a margin more at each end; between the stops; or from jamb to jamb. */
export function stripLength(
  { edge, gap }: Pick<EdgeGaps, 'edge' | 'gap'>,
  { span }: Seal,
  lengths: TradeLengths,
): Length {
  const margin = gap && edge.role !== 'bottom' ? meanOf(gap) : lengths['reveal-target'].value
  const stop = lengths['stop-width'].value
  const isAcross = edge.role === 'head' || edge.role === 'bottom'
  switch (span) {
    case 'leaf':
      return edge.length
    case 'rebate':
      return plus(edge.length, times(margin, isAcross ? 2 : 1))
    case 'jambs':
      return plus(edge.length, times(margin, 2))
    case 'stops':
      // Across: between the stops of both sides. Up: from the leaf's bottom to the underside of the head's strip.
      return isAcross
        ? minus(plus(edge.length, times(margin, 2)), times(stop, 2))
        : minus(plus(edge.length, margin), stop)
  }
}

/** The pieces of a seal on an edge. */
export function piecesOf(read: Pick<EdgeGaps, 'edge' | 'gap'>, seal: Seal, lengths: TradeLengths): readonly CutPiece[] {
  const whole = stripLength(read, seal, lengths)
  const parts = partsOf(whole, seal.stock)
  return parts.map((length, i) => ({
    sealId: seal.id,
    edgeId: read.edge.id,
    part: (i + 1) as 1 | 2,
    of: parts.length as 1 | 2,
    length,
    cut: cutOf(length, seal, lengths),
  }))
}

/** What is longer than the stock: the whole stock and what is left; more than twice as long halves evenly and is joined anew each time. */
function partsOf(whole: Length, stock: Length): readonly Length[] {
  if (whole <= stock) return [whole]
  const rest = minus(whole, stock)
  return rest <= stock ? [stock, rest] : split(whole, 2)
}

function cutOf(length: Length, { stock, holes }: Seal, lengths: TradeLengths): StripCut | null {
  if (!holes || length > stock) return null
  const outcome = cutStrip({
    stock,
    first: holes.first,
    pitch: holes.pitch,
    holes: holes.count,
    length,
    leastEnd: lengths['seal-least-end'].value,
  })
  return outcome.ok ? outcome.value : null
}

/** What is not cut to an edge's length: one a corner. */
export const isStrip = ({ kind }: Seal): boolean => kind !== 'corner'

/** Whether two ends of an edge's strip are mitred or notched into another strip. */
export const isNotched = ({ role }: Edge, { span }: Seal): boolean => span === 'stops' && role !== 'head'
