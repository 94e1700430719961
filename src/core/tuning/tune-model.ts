import type { Length } from '../units/length'
import {
  type Adjuster,
  type Height,
  type HungLeaf,
  innerNames,
  lineAt,
  lineThrough,
  type RevealName,
  type Reveals,
  readHeights,
} from './reveals'

/** What is to be tuned: margins as read with their aims, what may be moved by how many steps, and how far an inner hinge may stand off. */
export type TuneInput = HungLeaf & {
  readonly reveals: Reveals
  readonly aims: Readonly<Record<RevealName, Length>>
  /** How far a margin may be off its aim without counting. */
  readonly tolerance: Length
  /** How far a hinge between the outer two may stand off their line. */
  readonly bind: Length
  readonly step: Length
  readonly limits: Readonly<Record<Adjuster, readonly [least: number, most: number]>>
  /** Whether the sum of all misses comes before the fewest adjusters. */
  readonly evenOut: boolean
}

/** Numbers that are as good as equal, in ticks. */
export const EPS = 1e-6

export type Range = readonly [least: number, most: number]
export const clamp = (value: number, range: Range): number => Math.min(range[1], Math.max(range[0], value))
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

/** A margin at the hinge side: read, wanted, and how the cards at top and bottom and the stands of the hinges between move it. */
export type HingeRow = {
  readonly read: number
  readonly aim: number
  readonly byTop: number
  readonly byBottom: number
  readonly byInner: readonly number[]
}

/** A hinge between the outer two: the height's share of the way from the bottom hinge to the top one, and its adjusters' limits. */
export type Inner = { readonly share: number; readonly card: Range; readonly pack: Range }

/** The programme, parted: with the leaf moved by `ut` and `ub` steps at its outer hinges, what lies beyond the hinge side depends on those
 *  two alone, and the hinge side on the outer cards and on how far the leaf's line stands from the jamb at each hinge between. */
export type Programme = {
  readonly input: TuneInput
  readonly rows: readonly HingeRow[]
  readonly inner: readonly Inner[]
  /** The strike side and the head's strike end, each with an adjuster of its own, and the sill's strike end, which has none. */
  readonly own: readonly Own[]
}

const HEIGHTS = ['top', 'middle', 'bottom'] as const satisfies readonly Height[]

export function programmeOf(input: TuneInput): Programme {
  const { hinges, leaf, reveals, aims, step, limits } = input
  const { bottom, inner, top } = hinges
  const names = innerNames(inner.length)
  const heights = readHeights(leaf)
  const perTurn = (step * leaf.width) / (top - bottom)
  const aimOf = (name: RevealName) => (reveals[name] === undefined ? null : aims[name])
  return {
    input,
    rows: HEIGHTS.flatMap(height => {
      const read = reveals[`hinge.${height}`]
      return read === undefined ? [] : [{ read, aim: aims[`hinge.${height}`], ...weightsAt(heights[height], hinges) }]
    }),
    inner: inner.map((y, i) => ({
      share: lineAt(y, 0, bottom, 1, top),
      card: limits[`card.${names[i]!}`],
      pack: limits[`pack.${names[i]!}`],
    })),
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
export function missOf({ input }: Programme, value: number, aim: number): number {
  const off = value < aim ? aim - value : value - aim
  return off > input.tolerance ? off - input.tolerance : 0
}

/** How the margin at height `y` is made of the outer cards and the stands between: straight from hinge to hinge, and on beyond. */
function weightsAt(y: number, { bottom, inner, top }: HungLeaf['hinges']): Omit<HingeRow, 'read' | 'aim'> {
  const at = [top, ...inner, bottom]
  const shares = at.map((_, i) =>
    lineThrough(
      at.map((height, j) => [height, i === j ? 1 : 0] as const),
      y,
    ),
  )
  return { byTop: shares[0]!, byInner: shares.slice(1, -1), byBottom: shares.at(-1)! }
}

/** How far the leaf's line stands from the jamb at each hinge between the outer two, in steps, from the top down. */
export type Stands = readonly number[]

/** The margin at a hinge row with cards of `ct` and `cb` steps at top and bottom and the hinges between standing `stands` steps off. */
export function rowValue(row: HingeRow, step: number, ct: number, cb: number, stands: Stands): number {
  let steps = row.byTop * ct + row.byBottom * cb
  for (let i = 0; i < stands.length; i++) steps += row.byInner[i]! * stands[i]!
  return row.read + step * steps
}

/** How far a hinge between may stand off with a card that does not bind. */
export const standRange = ({ input: { bind, step } }: Programme, { card: [least, most] }: Inner): Range => {
  const room = bind / step + EPS
  return [least - room, most + room]
}

/** By how much the worst of the hinge rows misses. */
export function worstHingeMiss(programme: Programme, ct: number, cb: number, stands: Stands): number {
  let worst = 0
  for (const row of programme.rows)
    worst = Math.max(worst, missOf(programme, rowValue(row, programme.input.step, ct, cb, stands), row.aim))
  return worst
}

/** By how much all hinge rows together miss. */
export function hingeMissSum(programme: Programme, ct: number, cb: number, stands: Stands): number {
  let sum = 0
  for (const row of programme.rows)
    sum += missOf(programme, rowValue(row, programme.input.step, ct, cb, stands), row.aim)
  return sum
}

/** The least a margin beyond the hinge side can miss by. */
export function leastOwnMiss(programme: Programme, one: Own, ut: number, ub: number): number {
  const { base, byTop, byBottom, aim, sign, limits } = one
  if (aim === null) return 0
  const { step } = programme.input
  const value = base + byTop * ut + byBottom * ub
  // The whole step that comes nearest misses least.
  const nearest = clamp(Math.round((sign * (aim - value)) / step), limits)
  return missOf(programme, value + sign * nearest * step, aim)
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
