import type { TradeLengths } from '../base/trade-lengths'
import {
  ADJUSTERS,
  type Adjuster,
  type HungLeaf,
  isThere,
  REVEALS,
  type RevealName,
  type Reveals,
} from '../tuning/reveals'
import { tuneAlike } from '../tuning/tune-alike'
import type { TuneInput } from '../tuning/tune-model'
import { type Tuned, tuneReveals } from '../tuning/tune-reveals'
import { inches, type Length, minus, nearestTick, smallestOf } from '../units/length'
import { type Hanging, hingesOf } from './hanging'
import { aimsOf, targetOf } from './margin-aims'
import { oddMargins } from './odd-margins'
import type { ShimPoint } from './plan-shims'

/** Where it stands: its packs, and what is left over its head. */
export type TuneGiven = {
  /** As they were read. */
  readonly margins: Reveals
  readonly aim: Aim
  readonly means: Means
  readonly hanging: Hanging
  /** What the head's strike end is wanted as, where another leaf's head says it; else as its own hinge end is. */
  readonly headAim?: Length | undefined
  readonly points: readonly ShimPoint[]
  readonly headGap: Length
  readonly lengths: TradeLengths
}

/** The margins that were read, what they are wanted to be, and the least moves towards it; `tuned` is `null` with the reason why. `step`
 *  is what one step of its moves is. */
export type MarginPlan = {
  readonly margins: Reveals
  readonly target: Length
  readonly tolerance: Length
  readonly step: Length
} & (
  | { readonly tuned: Tuned; readonly why: null }
  | { readonly tuned: null; readonly why: 'not-read' | 'hinges' | 'binds' }
  /** Margins no leaf that is straight can have, by their names. */
  | { readonly tuned: null; readonly why: 'odd'; readonly odd: readonly RevealName[] }
)

/** Cards and packs come in steps of this. */
const STEP = inches(0, 1, 32)
/** A set screw is turned by eighths. */
const PARTS_OF_TURN = 8
const HALF_STEP = inches(0, 1, 64)
const MOST_STEPS = 12
const MOST_TURNED = 32

/** What may be moved: cards, packs and the foot; only cards; only packs and the foot; or only the hinges' set screws. */
export const MEANS = ['all', 'cards', 'packs', 'screws'] as const
export type Means = (typeof MEANS)[number]
/** To inside the band, or to its middle. */
export const AIMS = ['band', 'middle'] as const
export type Aim = (typeof AIMS)[number]

/** The means there are for a leaf: set screws only where its hinges have them. */
export const meansOf = ({ screws }: Hanging): readonly Means[] =>
  MEANS.filter(one => one !== 'screws' || screws !== null)

/** What one step of a means is. */
const stepOf = (means: Means, { screws }: Hanging): Length =>
  means === 'screws' && screws ? nearestTick(screws.advance / PARTS_OF_TURN) : STEP

/** What evens the margins out: each wanted at its target, the ends of head and sill alike. What can be moved is what is there: cards are
 *  put in, packs go no thinner than they are and no thicker than the room leaves. */
export function tuneMargins(given: TuneGiven): MarginPlan {
  const { margins, aim, means, hanging, lengths } = given
  const target = targetOf(hanging, lengths)
  const isMiddle = aim === 'middle'
  const step = stepOf(means, hanging)
  const tolerance = isMiddle ? HALF_STEP : lengths['test-margins'].value
  const plan = { margins, target, tolerance, step }
  const sides = REVEALS.filter(name => /^(hinge|strike)/.test(name) && margins[name] !== undefined)
  if (sides.length === 0) return { ...plan, tuned: null, why: 'not-read' }
  const odd = oddMargins(margins, lengths['margin-odd'].value)
  if (odd.length > 0) return { ...plan, tuned: null, why: 'odd', odd }
  const hinges = hingesOf(hanging.hingeMiddles)
  if (hinges === null) return { ...plan, tuned: null, why: 'hinges' }
  const input: TuneInput = {
    leaf: hanging.leaf,
    hinges,
    reveals: enteredOf(margins),
    aims: aimsOf(margins, target, given.headAim),
    tolerance,
    bind: isMiddle ? HALF_STEP : lengths['reveal-bind'].value,
    step,
    limits: means === 'screws' ? screwLimits(given, step) : limitsOf(given, hinges),
    evenOut: true,
  }
  const tuned = means === 'screws' && hanging.screws?.alike ? tuneAlike(input) : tuneReveals(input)
  return tuned ? { ...plan, tuned, why: null } : { ...plan, tuned: null, why: 'binds' }
}

/** A sill's margin is no eighth: its strike end is wanted as its hinge end is, and counts for nothing where that was not read. */
function enteredOf(margins: Reveals): Reveals {
  const { 'sill.strike': sill, ...others } = margins
  return margins['sill.hinge'] === undefined || sill === undefined ? others : margins
}

type Limits = Readonly<Record<Adjuster, readonly [number, number]>>
const limitsBy = (limit: (adjuster: Adjuster) => readonly [number, number]): Limits =>
  Object.fromEntries(ADJUSTERS.map(one => [one, limit(one)])) as Limits
const stepsIn = (length: number, step: Length) => Math.max(0, Math.floor(length / step))

/** Only the screws of the hinges, both ways, as far as they go. */
function screwLimits({ lengths }: TuneGiven, step: Length): Limits {
  const most = Math.min(MOST_TURNED, stepsIn(lengths['hinge-screw-travel'].value, step))
  return limitsBy(adjuster => (adjuster.startsWith('card') ? [-most + 0, most] : [0, 0]))
}

/** Where a pack of a leg stands: behind a hinge of this leaf, or behind the strike. */
const packPlace = ({ id, meets }: Hanging, what: string, height: string | undefined): string | null => {
  if (what === 'pack') return meets ? `hinge.${id}.${height}` : `hinge.${height}`
  if (meets) return null
  return height === 'middle' ? 'strike.latch' : `strike.${height}`
}

/** Cards, packs and the foot. Two leaves that meet have no strike leg: what would be moved there is the other leaf. */
function limitsOf({ hanging, points, headGap, lengths, means }: TuneGiven, hinges: HungLeaf['hinges']): Limits {
  const least = lengths['gap-least'].value
  const stepsOf = (length: number) => Math.min(MOST_STEPS, stepsIn(length, STEP))
  const gapAt = (place: string | null): Length | null => points.find(one => one.place === place)?.gap ?? null
  const isBeyond = ({ place }: ShimPoint) =>
    hanging.meets ? place.startsWith(`hinge.${hanging.id === 'left' ? 'right' : 'left'}.`) : place.startsWith('strike.')
  const across = points.filter(isBeyond).map(one => one.gap)
  const beyond = across.length ? stepsOf(minus(smallestOf(across), least)) : 0
  return limitsBy(adjuster => {
    const [what, height] = adjuster.split('.') as [string, string | undefined]
    if (!isThere(hinges, adjuster)) return [0, 0]
    if (means === (what === 'card' ? 'packs' : 'cards')) return [0, 0]
    if (what === 'card') return [0, MOST_STEPS]
    if (what === 'foot') return [0, hanging.meets ? 0 : stepsOf(minus(headGap, least))]
    const gap = gapAt(packPlace(hanging, what, height))
    if (gap === null) return [0, 0]
    return [-stepsOf(gap) + 0, what === 'pack' ? beyond : MOST_STEPS]
  })
}
