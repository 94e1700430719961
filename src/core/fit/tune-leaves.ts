import type { TradeLengths } from '../base/trade-lengths'
import { type Move, predictReveals, REVEALS, type RevealName, type Reveals } from '../tuning/reveals'
import { type Length, magnitude, minus } from '../units/length'
import type { Hung } from './fitted'
import { type Hanging, hungLeafOf } from './hanging'
import { causesOf, type MarginCause } from './margin-causes'
import type { ShimPoint } from './plan-shims'
import { type Aim, type MarginPlan, type Means, meansOf, tuneMargins } from './tune-margins'

/** Every leaf of an opening that hangs, with where it stands. */
export type TuneLeavesGiven = {
  readonly hung: readonly Hung[]
  readonly aim: Aim
  readonly means: Means
  readonly points: readonly ShimPoint[]
  readonly headGap: Length
  readonly lengths: TradeLengths
}

/** What evens one leaf's margins out, by every means there is; `margins` as they stand, the meeting edge as it will once the passive leaf
 *  is even. */
export type LeafPlan = {
  readonly hanging: Hanging
  readonly margins: Reveals
  readonly causes: readonly MarginCause[]
  readonly means: Means
  readonly plan: MarginPlan
  readonly others: readonly (readonly [Means, MarginPlan])[]
}

const nowOf = ({ margins }: Hung): Reveals => Object.fromEntries(margins.states.map(one => [one.name, one.now]))

/** The least moves of each leaf. Of two that meet the passive one is made even and locked first; the active one then meets it, its margins
 *  at the meeting edge less what the passive leaf came nearer, its head wanted flush with the other's. */
export function tuneLeaves(given: TuneLeavesGiven): readonly LeafPlan[] {
  const plans: LeafPlan[] = []
  for (const one of given.hung) plans.push(planOf(one, given, plans.at(-1) ?? null))
  return plans
}

function planOf(one: Hung, given: TuneLeavesGiven, passive: LeafPlan | null): LeafPlan {
  const { hanging } = one
  const { aim, points, headGap, lengths } = given
  const margins = passive ? towards(nowOf(one), passive) : nowOf(one)
  const headAim = passive ? headAfter(passive) : undefined
  const others = meansOf(hanging).map(
    means => [means, tuneMargins({ margins, aim, means, hanging, headAim, points, headGap, lengths })] as const,
  )
  const [means, plan] = others.find(([by]) => by === given.means) ?? others[0]!
  const causes = causesOf(margins, plan.target, lengths['test-margins'].value)
  return { hanging, margins, causes, means, plan, others }
}

/** The meeting edge's margins less what the other leaf will come nearer. */
function towards(margins: Reveals, { hanging, plan }: LeafPlan): Reveals {
  const leaf = hungLeafOf(hanging)
  if (!leaf || !plan.tuned) return margins
  const meeting = Object.fromEntries(
    REVEALS.flatMap(name => (name.startsWith('strike.') && margins[name] !== undefined ? [[name, margins[name]]] : [])),
  ) as Reveals
  return { ...margins, ...predictReveals(leaf, meeting, plan.tuned.moves, plan.step).reveals }
}

/** Where the passive leaf's head ends up at the meeting edge. */
const headAfter = ({ plan, margins }: LeafPlan): Length | undefined =>
  plan.tuned?.reveals['head.strike'] ?? margins['head.strike']

/** What is tried by hand before anything is taken apart: the first move pressed, and the margin that shows it most. */
export type ByHand = { readonly move: Move; readonly name: RevealName; readonly comesTo: Length }

/** `null` where nothing is to be moved, or no margin that was read shows the first move. */
export function byHand({ hanging, plan, margins }: Pick<LeafPlan, 'hanging' | 'plan' | 'margins'>): ByHand | null {
  const leaf = hungLeafOf(hanging)
  const move = plan.tuned?.moves[0]
  if (!leaf || !move) return null
  const after = predictReveals(leaf, margins, [move], plan.step).reveals
  const shown = REVEALS.flatMap(name => {
    const [read, comesTo] = [margins[name], after[name]]
    return read === undefined || comesTo === undefined || comesTo === read
      ? []
      : [{ name, comesTo, by: magnitude(minus(comesTo, read)) }]
  }).sort((one, other) => other.by - one.by)[0]
  return shown ? { move, name: shown.name, comesTo: shown.comesTo } : null
}
