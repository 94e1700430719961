import type { Length } from '../units/length'
import {
  type Adjuster,
  type Height,
  type HungLeaf,
  lineAt,
  type RevealName,
  type Reveals,
  readHeights,
} from './reveals'

/** What is to be tuned: margins as read with their aims, what may be moved by how many steps, and how far the middle hinge may stand off. */
export type TuneInput = HungLeaf & {
  readonly reveals: Reveals
  readonly aims: Readonly<Record<RevealName, Length>>
  /** How far a margin may be off its aim without counting. */
  readonly tolerance: Length
  /** How far the middle hinge may stand off the line of the outer two. */
  readonly bind: Length
  readonly step: Length
  readonly limits: Readonly<Record<Adjuster, readonly [least: number, most: number]>>
  /** Whether the sum of all misses comes before the fewest adjusters. */
  readonly evenOut: boolean
}

/** Numbers that are as good as equal, in ticks. */
export const EPS = 1e-6

export type Range = readonly [least: number, most: number]
export const clamp = (value: number, [least, most]: Range): number => Math.min(most, Math.max(least, value))
/** The whole number of a range that is nearest nought. */
export const nearestNought = (range: Range): number => clamp(0, range) + 0

/** A margin beyond the hinge side, in ticks: what it is with nothing moved, what a step at the upper and the lower hinge adds, and which way
 *  the adjuster of its own goes, by steps within `limits`. A margin that was not read has no aim. */
export type Own = {
  readonly adjuster: Adjuster | null
  readonly base: number
  readonly byTop: number
  readonly byBottom: number
  readonly aim: number | null
  readonly sign: 1 | -1
  readonly limits: Range
}

/** A margin at the hinge side: read, wanted, and how the cards at top and bottom and the stand of the middle move it. */
export type HingeRow = {
  readonly read: number
  readonly aim: number
  readonly byTop: number
  readonly byBottom: number
  readonly byMiddle: number
}

/** The programme, parted: with the leaf moved by `ut` and `ub` steps at its outer hinges, what lies beyond the hinge side depends on those
 *  two alone, and the hinge side on the outer cards and on how far the middle of the jamb stands from the leaf's line. */
export type Programme = {
  readonly input: TuneInput
  readonly rows: readonly HingeRow[]
  /** The strike side and the head's strike end, each with an adjuster of its own, and the sill's strike end, which has none. */
  readonly own: readonly Own[]
  /** The leaf's move at the middle hinge, in steps. */
  readonly middleOf: (ut: number, ub: number) => number
}

const HEIGHTS = ['top', 'middle', 'bottom'] as const satisfies readonly Height[]

export function programmeOf(input: TuneInput): Programme {
  const { hinges, leaf, reveals, aims, step, limits } = input
  const { bottom, middle, top } = hinges
  const heights = readHeights(leaf)
  const perTurn = (step * leaf.width) / (top - bottom)
  const aimOf = (name: RevealName) => (reveals[name] === undefined ? null : aims[name])
  return {
    input,
    rows: HEIGHTS.flatMap(height => {
      const read = reveals[`hinge.${height}`]
      return read === undefined ? [] : [{ read, aim: aims[`hinge.${height}`], ...weightsAt(heights[height], hinges) }]
    }),
    middleOf: (ut, ub) => (middle === null ? 0 : lineAt(middle, ub, bottom, ut, top)),
    own: [
      ...HEIGHTS.map((height): Own => {
        const name = `strike.${height}` as const
        const share = (heights[height] - bottom) / (top - bottom)
        const [byTop, byBottom] = [-step * share, -step * (1 - share)]
        return {
          adjuster: name,
          base: reveals[name] ?? 0,
          byTop,
          byBottom,
          aim: aimOf(name),
          sign: -1,
          limits: limits[name],
        }
      }),
      {
        adjuster: 'foot',
        base: reveals['head.strike'] ?? 0,
        byTop: perTurn,
        byBottom: -perTurn,
        aim: aimOf('head.strike'),
        sign: 1,
        limits: limits.foot,
      },
      {
        adjuster: null,
        base: reveals['sill.strike'] ?? 0,
        byTop: -perTurn,
        byBottom: perTurn,
        aim: aimOf('sill.strike'),
        sign: 1,
        limits: [0, 0],
      },
    ],
  }
}

/** By how much a margin misses its tolerance. */
export const missOf = ({ input }: Programme, value: number, aim: number): number =>
  Math.max(0, Math.abs(value - aim) - input.tolerance)

/** How the margin at height `y` is made of the outer cards and the stand of the middle: straight from hinge to hinge, and on beyond. */
function weightsAt(y: number, { bottom, middle, top }: HungLeaf['hinges']): Omit<HingeRow, 'read' | 'aim'> {
  if (middle === null) {
    const byTop = (y - bottom) / (top - bottom)
    return { byTop, byBottom: 1 - byTop, byMiddle: 0 }
  }
  if (y >= middle) {
    const byTop = (y - middle) / (top - middle)
    return { byTop, byBottom: 0, byMiddle: 1 - byTop }
  }
  const byMiddle = (y - bottom) / (middle - bottom)
  return { byTop: 0, byBottom: 1 - byMiddle, byMiddle }
}

/** The margin at a hinge row with cards of `ct` and `cb` steps at top and bottom and the middle standing `em` steps off. */
export const rowValue = (row: HingeRow, step: number, ct: number, cb: number, em: number): number =>
  row.read + step * (row.byTop * ct + row.byBottom * cb + row.byMiddle * em)

/** Where the middle may stand, in steps, so that no hinge row misses by more than `most`; `null` where it can't. */
export function middleRange({ rows, input }: Programme, ct: number, cb: number, most: number): Range | null {
  const { step, tolerance } = input
  let [least, greatest] = [Number.NEGATIVE_INFINITY, Number.POSITIVE_INFINITY]
  for (const row of rows) {
    const [off, room] = [rowValue(row, step, ct, cb, 0) - row.aim, tolerance + most + EPS]
    const slope = step * row.byMiddle
    if (Math.abs(slope) < EPS) {
      if (Math.abs(off) > room) return null
      continue
    }
    const [a, b] = [(-room - off) / slope, (room - off) / slope]
    least = Math.max(least, Math.min(a, b))
    greatest = Math.min(greatest, Math.max(a, b))
  }
  return least <= greatest ? [least, greatest] : null
}

/** By how much the worst of the hinge rows misses. */
export function worstHingeMiss(programme: Programme, ct: number, cb: number, em: number): number {
  let worst = 0
  for (const row of programme.rows)
    worst = Math.max(worst, missOf(programme, rowValue(row, programme.input.step, ct, cb, em), row.aim))
  return worst
}

/** By how much all hinge rows together miss. */
export function hingeMissSum(programme: Programme, ct: number, cb: number, em: number): number {
  let sum = 0
  for (const row of programme.rows) sum += missOf(programme, rowValue(row, programme.input.step, ct, cb, em), row.aim)
  return sum
}

/** The least the hinge rows can miss by, wherever the middle stood: by the worst of them, and in all while none misses by more than `most`. */
export function leastHingeMisses(programme: Programme, ct: number, cb: number, most = Number.POSITIVE_INFINITY) {
  const { rows, input } = programme
  const range = middleRange(programme, ct, cb, most)
  if (range === null) return { worst: Number.POSITIVE_INFINITY, sum: Number.POSITIVE_INFINITY }
  const lines = rows.map(row => ({
    off: rowValue(row, input.step, ct, cb, 0) - row.aim,
    slope: input.step * row.byMiddle,
  }))
  const candidates = [0, ...range.filter(Number.isFinite)]
  for (const [i, one] of lines.entries()) {
    if (Math.abs(one.slope) < EPS) continue
    for (const by of [0, input.tolerance, -input.tolerance]) candidates.push((by - one.off) / one.slope)
    for (const other of lines.slice(i + 1))
      for (const sign of [1, -1]) {
        const slope = one.slope - sign * other.slope
        if (Math.abs(slope) > EPS) candidates.push((sign * other.off - one.off) / slope)
      }
  }
  let [worst, sum] = [Number.POSITIVE_INFINITY, Number.POSITIVE_INFINITY]
  for (const em of candidates) {
    if (em < range[0] - EPS || em > range[1] + EPS) continue
    worst = Math.min(worst, worstHingeMiss(programme, ct, cb, em))
    sum = Math.min(sum, hingeMissSum(programme, ct, cb, em))
  }
  return { worst, sum }
}

/** The least a margin beyond the hinge side can miss by. */
export function leastOwnMiss(programme: Programme, one: Own, ut: number, ub: number): number {
  const { base, byTop, byBottom, aim, sign, limits } = one
  if (aim === null) return 0
  const { step } = programme.input
  const value = base + byTop * ut + byBottom * ub
  const wanted = (sign * (aim - value)) / step
  const [less, more] = [clamp(Math.floor(wanted), limits), clamp(Math.ceil(wanted), limits)]
  const first = missOf(programme, value + sign * less * step, aim)
  return less === more ? first : Math.min(first, missOf(programme, value + sign * more * step, aim))
}

/** The steps of its own adjuster that leave a margin within `most` of its tolerance, from least to most; an empty range where none do. */
export function ownRange({ input }: Programme, one: Own, ut: number, ub: number, most: number): Range {
  const { base, byTop, byBottom, aim, sign, limits } = one
  if (aim === null) return limits
  const room = input.tolerance + most + EPS
  const wanted = (sign * (aim - base - byTop * ut - byBottom * ub)) / input.step
  const half = room / input.step
  return [Math.max(limits[0], Math.ceil(wanted - half)), Math.min(limits[1], Math.floor(wanted + half))]
}
