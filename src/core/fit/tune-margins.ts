import type { TradeLengths } from '../base/trade-lengths'
import type { Further } from '../specification/further'
import { hingeMiddles } from '../specification/hinge-places'
import type { Wishes } from '../specification/wishes'
import type { GapSlot } from '../survey/slots'
import { ADJUSTERS, type Adjuster, type HungLeaf, REVEALS, type RevealName, type Reveals } from '../tuning/reveals'
import { type Tuned, tuneReveals } from '../tuning/tune-reveals'
import { inches, type Length, minus, smallestOf } from '../units/length'
import type { ShimPoint } from './plan-shims'

/** One leaf as it hangs: on which side, how large, where its hinges are, from the top down, above its bottom. */
export type Hanging = {
  readonly hinges: 'left' | 'right'
  readonly leaf: HungLeaf['leaf']
  readonly hingeMiddles: readonly Length[]
  /** Whether it is timber with a label, whose margin has less room. */
  readonly isLabelledTimber: boolean
}

/** How the one leaf of an opening hangs; `null` while its side, its size or its hinges are not known, and while no unit is chosen. */
export function hangingOf(
  { leaf, hingePlaces }: Pick<Further, 'leaf' | 'hingePlaces'>,
  material: string | null,
  { hinges, labelMinutes }: Pick<Wishes, 'hinges' | 'labelMinutes'>,
): Hanging | null {
  if (!leaf || !hingePlaces || !hinges || material === null) return null
  return {
    hinges,
    leaf: { width: leaf.width.value, height: leaf.height.value },
    hingeMiddles: hingeMiddles(hingePlaces, leaf.height.value),
    isLabelledTimber: material === 'timber' && (labelMinutes ?? 0) > 0,
  }
}

/** Where it stands: its packs, and what is left over its head. */
export type TuneGiven = {
  /** As they were read. */
  readonly margins: Reveals
  readonly aim: Aim
  readonly means: Means
  readonly hanging: Hanging
  readonly points: readonly ShimPoint[]
  readonly headGap: Length
  readonly lengths: TradeLengths
}

/** The margins that were read, what they are wanted to be, and the least moves towards it; `tuned` is `null` with the reason why. */
export type MarginPlan = {
  readonly margins: Reveals
  readonly target: Length
  readonly tolerance: Length
  readonly step: Length
} & (
  | { readonly tuned: Tuned; readonly why: null }
  | { readonly tuned: null; readonly why: 'not-read' | 'hinges' | 'binds' }
)

/** Cards and packs come in steps of this. */
export const TUNE_STEP = inches(0, 1, 32)
const STEP = TUNE_STEP
const HALF_STEP = inches(0, 1, 64)
const MOST_STEPS = 12

/** Which gap each margin of a leaf that hangs on `hinges` is read as. */
export function marginSlots(hinges: 'left' | 'right'): Readonly<Record<RevealName, GapSlot>> {
  const strike = hinges === 'left' ? 'right' : 'left'
  return {
    'hinge.top': `gap.${hinges}.top`,
    'hinge.middle': `gap.${hinges}.middle`,
    'hinge.bottom': `gap.${hinges}.bottom`,
    'head.hinge': `gap.head.${hinges}`,
    'head.strike': `gap.head.${strike}`,
    'strike.top': `gap.${strike}.top`,
    'strike.middle': `gap.${strike}.middle`,
    'strike.bottom': `gap.${strike}.bottom`,
    'sill.hinge': `gap.bottom.${hinges}`,
    'sill.strike': `gap.bottom.${strike}`,
  }
}

/** The leaf as its margins move with it; `null` on more than three hinges, or one. */
export function hungLeafOf({ leaf, hingeMiddles: middles }: Hanging): HungLeaf | null {
  const hinges = hingesOf(middles)
  return hinges && { leaf, hinges }
}

/** What may be moved: everything there is, only cards, or only packs and the foot. */
export const MEANS = ['all', 'cards', 'packs'] as const
export type Means = (typeof MEANS)[number]
/** To inside the band, or to its middle. */
export const AIMS = ['band', 'middle'] as const
export type Aim = (typeof AIMS)[number]

/** What evens the margins out: each wanted at its target, the ends of head and sill alike. What can be moved is what is there: cards are
 *  put in, packs go no thinner than they are and no thicker than the room leaves. */
export function tuneMargins({ margins, aim, means, hanging, points, headGap, lengths }: TuneGiven): MarginPlan {
  const target = lengths[hanging.isLabelledTimber ? 'reveal-label' : 'reveal-target'].value
  const isMiddle = aim === 'middle'
  const tolerance = isMiddle ? HALF_STEP : lengths['test-margins'].value
  const plan = { margins, target, tolerance, step: STEP }
  const sides = REVEALS.filter(name => /^(hinge|strike)/.test(name) && margins[name] !== undefined)
  if (sides.length === 0) return { ...plan, tuned: null, why: 'not-read' }
  const hinges = hingesOf(hanging.hingeMiddles)
  if (hinges === null) return { ...plan, tuned: null, why: 'hinges' }
  // A sill's margin is no eighth: its strike end is wanted as its hinge end is, and counts for nothing where that was not read.
  const { 'sill.strike': sill, ...others } = margins
  const entered = margins['sill.hinge'] === undefined || sill === undefined ? others : margins
  const aimOf = (name: RevealName): Length =>
    (name === 'head.strike' ? margins['head.hinge'] : name === 'sill.strike' ? margins['sill.hinge'] : undefined) ??
    target
  const tuned = tuneReveals({
    leaf: hanging.leaf,
    hinges,
    reveals: entered,
    aims: Object.fromEntries(REVEALS.map(name => [name, aimOf(name)])) as Record<RevealName, Length>,
    tolerance,
    bind: isMiddle ? HALF_STEP : lengths['reveal-bind'].value,
    step: STEP,
    limits: limitsOf(points, headGap, hinges, lengths['gap-least'].value, means),
    evenOut: true,
  })
  return tuned ? { ...plan, tuned, why: null } : { ...plan, tuned: null, why: 'binds' }
}

/** Two or three hinges; `null` for one or more than three, whose inner ones bind each in its way. */
function hingesOf(middles: readonly Length[]): HungLeaf['hinges'] | null {
  const [bottom, ...rest] = [...middles].sort((a, b) => a - b)
  if (bottom === undefined || rest.length < 1 || rest.length > 2) return null
  return { bottom, middle: rest.length === 2 ? rest[0]! : null, top: rest.at(-1)! }
}

function limitsOf(
  points: readonly ShimPoint[],
  headGap: Length,
  hinges: HungLeaf['hinges'],
  least: Length,
  means: Means,
): Readonly<Record<Adjuster, readonly [number, number]>> {
  const stepsIn = (length: number) => Math.min(MOST_STEPS, Math.max(0, Math.floor(length / STEP)))
  const gapAt = (place: string): Length | null => points.find(one => one.place === place)?.gap ?? null
  const strikes = points.filter(one => one.place.startsWith('strike.')).map(one => one.gap)
  const beyond = strikes.length ? stepsIn(minus(smallestOf(strikes), least)) : 0
  const limit = (adjuster: Adjuster): readonly [number, number] => {
    const [what, height] = adjuster.split('.') as [string, string | undefined]
    if (hinges.middle === null && height === 'middle' && what !== 'strike') return [0, 0]
    if (means === (what === 'card' ? 'packs' : 'cards')) return [0, 0]
    if (what === 'card') return [0, MOST_STEPS]
    if (what === 'foot') return [0, stepsIn(minus(headGap, least))]
    const gap = gapAt(what === 'pack' ? `hinge.${height}` : height === 'middle' ? 'strike.latch' : `strike.${height}`)
    if (gap === null) return [0, 0]
    return [-stepsIn(gap) + 0, what === 'pack' ? beyond : MOST_STEPS]
  }
  return Object.fromEntries(ADJUSTERS.map(one => [one, limit(one)])) as Record<Adjuster, readonly [number, number]>
}
