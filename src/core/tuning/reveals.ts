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

/** A leaf and its hinges, heights above the leaf's bottom; `middle` is `null` where it hangs on two. */
export type HungLeaf = {
  readonly leaf: { readonly width: Length; readonly height: Length }
  readonly hinges: { readonly bottom: Length; readonly middle: Length | null; readonly top: Length }
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

/** What the adjusters do together: how far the leaf and its jamb move at a height, how much the head's strike end rises, and how far the
 *  middle hinge stands off the line of the outer two, in ticks; `bind` is `null` where there is none. */
export type Moved = {
  readonly leafAt: (y: number) => number
  readonly jambAt: (y: number) => number
  readonly rise: number
  readonly bind: number | null
}

/** By how much each adjuster is moved in all, in ticks. */
const amountsOf =
  (moves: readonly Move[], step: Length) =>
  (adjuster: Adjuster): number =>
    moves.reduce((sum, one) => (one.adjuster === adjuster ? sum + one.steps * step : sum), 0)

/** The effect of moves of one `step` each. Moves of one adjuster add. */
export function movedBy({ leaf, hinges }: HungLeaf, moves: readonly Move[], step: Length): Moved {
  const by = amountsOf(moves, step)
  const { bottom, middle, top } = hinges
  const at = (height: Height) => by(`card.${height}`) + by(`pack.${height}`)
  const leafAt = (y: number) => lineAt(y, at('bottom'), bottom, at('top'), top)
  const jambAt = (y: number) => {
    if (middle === null) return lineAt(y, by('pack.bottom'), bottom, by('pack.top'), top)
    return y >= middle
      ? lineAt(y, by('pack.middle'), middle, by('pack.top'), top)
      : lineAt(y, by('pack.bottom'), bottom, by('pack.middle'), middle)
  }
  const rise = ((at('top') - at('bottom')) / (top - bottom)) * leaf.width
  return { leafAt, jambAt, rise, bind: middle === null ? null : at('middle') - leafAt(middle) }
}

/** The margins that were read as they stand after `moves`; `bind`, in ticks, is how far the middle hinge then stands off the line of the
 *  outer two, `null` without one. */
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
  return { reveals: Object.fromEntries(after), bind: moved.bind === null ? null : nearestTick(moved.bind) }
}
