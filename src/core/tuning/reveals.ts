import { inches, type Length, minus, nearestTick } from '../units/length'

// The margins of a hung leaf and what moves them. The leaf is rigid; movements are small, positive towards the strike, in ticks.

/** Where the margins between leaf and frame are read. */
export const REVEALS = [
  'hinge.top',
  'hinge.middle',
  'hinge.bottom',
  'head.hinge',
  'head.strike',
  'strike.top',
  'strike.middle',
  'strike.bottom',
  'sill.hinge',
  'sill.strike',
] as const
export type RevealName = (typeof REVEALS)[number]
export type Reveals = { readonly [name in RevealName]?: Length }

/** What no adjuster moves: they tell how high the leaf hangs. */
export const FIXED_REVEALS: ReadonlySet<RevealName> = new Set<RevealName>(['head.hinge', 'sill.hinge'])

/** What can be moved, in working order: cards behind hinge leaves and packs behind the jamb from the top down, the strike leg's foot, the
 *  packs behind the strike. */
export const ADJUSTERS = [
  'card.top',
  'pack.top',
  'card.middle',
  'pack.middle',
  'card.2',
  'pack.2',
  'card.3',
  'pack.3',
  'card.4',
  'pack.4',
  'card.bottom',
  'pack.bottom',
  'foot',
  'strike.top',
  'strike.middle',
  'strike.bottom',
] as const
export type Adjuster = (typeof ADJUSTERS)[number]

/** A whole number of steps of one adjuster: thicker, or the foot higher, where positive. */
export type Move = { readonly adjuster: Adjuster; readonly steps: number }

/** A leaf and its hinges, heights above the leaf's bottom; `inner` are those between the outer two, from the top down, at most three. */
export type HungLeaf = {
  readonly leaf: { readonly width: Length; readonly height: Length }
  readonly hinges: { readonly bottom: Length; readonly inner: readonly Length[]; readonly top: Length }
}

/** The most hinges a leaf is tuned on. */
export const MOST_HINGES = 5
type InnerName = 'middle' | '2' | '3' | '4'
const NUMBERED = ['2', '3', '4'] as const satisfies readonly InnerName[]

/** What the hinges between the outer two are called, from the top down: one alone by its place, more by their number. */
export const innerNames = (count: number): readonly InnerName[] => (count === 1 ? ['middle'] : NUMBERED.slice(0, count))

/** Of which hinge between the outer two an adjuster is; `null` for every other adjuster. */
export function innerOf(adjuster: Adjuster): InnerName | null {
  const [what, name] = adjuster.split('.')
  if (what !== 'card' && what !== 'pack') return null
  return name === 'top' || name === 'bottom' ? null : (name as InnerName)
}

/** Whether a leaf has what an adjuster moves. */
export function isThere({ inner }: HungLeaf['hinges'], adjuster: Adjuster): boolean {
  const name = innerOf(adjuster)
  return name === null || innerNames(inner.length).includes(name)
}

const FROM_END = inches(6)
export type Height = 'top' | 'middle' | 'bottom'

/** Where margins are read at both sides: 6 in from the ends and in the middle. */
export const readHeights = ({ height }: HungLeaf['leaf']): Readonly<Record<Height, number>> => ({
  top: minus(height, FROM_END),
  middle: height / 2,
  bottom: FROM_END,
})

/** The straight line through two points, at `y`. */
export const lineAt = (y: number, from: number, fromY: number, to: number, toY: number): number =>
  from + ((to - from) * (y - fromY)) / (toY - fromY)

/** The line that runs straight from point to point, the highest first, and on beyond the outer two, at `y`. */
export function lineThrough(points: readonly (readonly [y: number, value: number])[], y: number): number {
  const last = points.length - 1
  const below = Math.max(
    1,
    points.findIndex(([at], i) => i > 0 && (y >= at || i === last)),
  )
  const [[lowY, low], [highY, high]] = [points[below]!, points[below - 1]!]
  return lineAt(y, low, lowY, high, highY)
}

/** What the adjusters do together: how far the leaf and its jamb move at a height, how much the head's strike end rises, and how far each
 *  hinge between the outer two stands off their line, from the top down, in ticks. */
export type Moved = {
  readonly leafAt: (y: number) => number
  readonly jambAt: (y: number) => number
  readonly rise: number
  readonly binds: readonly number[]
}

/** By how much each adjuster is moved in all, in ticks. */
const amountsOf =
  (moves: readonly Move[], step: Length) =>
  (adjuster: Adjuster): number =>
    moves.reduce((sum, one) => (one.adjuster === adjuster ? sum + one.steps * step : sum), 0)

/** The effect of moves of one `step` each. Moves of one adjuster add. */
export function movedBy({ leaf, hinges }: HungLeaf, moves: readonly Move[], step: Length): Moved {
  const by = amountsOf(moves, step)
  const { bottom, inner, top } = hinges
  const names = innerNames(inner.length)
  const at = (name: 'top' | 'bottom' | InnerName) => by(`card.${name}`) + by(`pack.${name}`)
  const leafAt = (y: number) => lineAt(y, at('bottom'), bottom, at('top'), top)
  const jamb = [
    [top, by('pack.top')] as const,
    ...inner.map((y, i) => [y, by(`pack.${names[i]!}`)] as const),
    [bottom, by('pack.bottom')] as const,
  ]
  return {
    leafAt,
    jambAt: y => lineThrough(jamb, y),
    rise: ((at('top') - at('bottom')) / (top - bottom)) * leaf.width,
    binds: inner.map((y, i) => at(names[i]!) - leafAt(y)),
  }
}

/** The one of several that is farthest from nought; `null` of none. */
const farthest = (all: readonly number[]): number | null =>
  all.reduce<number | null>((most, one) => (most === null || Math.abs(one) > Math.abs(most) ? one : most), null)

/** The margins that were read as they stand after `moves`; `bind`, in ticks, is how far the inner hinge that stands farthest off the line
 *  of the outer two then does, `null` without one. */
export function predictReveals(
  hung: HungLeaf,
  reveals: Reveals,
  moves: readonly Move[],
  step: Length,
): { readonly reveals: Reveals; readonly bind: Length | null } {
  const moved = movedBy(hung, moves, step)
  const heights = readHeights(hung.leaf)
  const by = amountsOf(moves, step)
  const change = (name: RevealName): number => {
    const [side, place] = name.split('.') as [string, string]
    if (side === 'hinge') return moved.leafAt(heights[place as Height]) - moved.jambAt(heights[place as Height])
    if (side === 'strike') return -moved.leafAt(heights[place as Height]) - by(`strike.${place as Height}`)
    if (FIXED_REVEALS.has(name)) return 0
    return side === 'head' ? moved.rise + by('foot') : -moved.rise
  }
  const after = REVEALS.flatMap(name => {
    const read = reveals[name]
    return read === undefined ? [] : [[name, nearestTick(read + change(name))] as const]
  })
  const bind = farthest(moved.binds)
  return { reveals: Object.fromEntries(after), bind: bind === null ? null : nearestTick(bind) }
}
