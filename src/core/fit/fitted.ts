import type { Finding } from '../base/finding'
import type { Schools } from '../base/schools'
import type { Stage } from '../base/stage'
import type { TradeLengths } from '../base/trade-lengths'
import type { Offer, OfferCode } from '../catalogue/offer'
import type { LogEntry } from '../log/log'
import { type Delivery, type DeliveryCode, deliveryFindings, type Owed } from '../order/delivery'
import { type Cavity, cavityFill, type SillSystem, sillSystem } from '../specification/bedding'
import { hingePlaces, SILENT_HINGES } from '../specification/hinge-places'
import type { LeafSheet } from '../specification/hung-leaf'
import { sillPan } from '../specification/sill-pan'
import type { Specified } from '../specification/specified'
import type { HingeTrade } from '../specification/weigh-leaf'
import type { Wishes } from '../specification/wishes'
import type { Survey } from '../survey/survey'
import { type Length, minus, nearestTick, ZERO } from '../units/length'
import type { FrameToFasten } from './fastening'
import type { FitOf, FrameOf, MakerAsks, StepList } from './fit-of'
import { planShims, type ShimPlan } from './plan-shims'
import { type PlannedStep, planSteps, type SettingStep, type StepCode, type StepFacts } from './plan-steps'

export type PackCode = 'pack-impossible'
export type FitCode = PackCode | DeliveryCode | StepCode | 'steps-not-worked-out'

/** The one step of a kind whose steps are not worked out: it was set by its maker's sheet. */
export const SET_BY_SHEET = 'set-by-sheet'

/** A sill pan's two ends, which stay whole, and its centre pieces as they are cut. */
export type PanPieces = { readonly end: Length; readonly cuts: readonly Length[] }

/** How the chosen unit is set: what is packed where, and the steps. */
export type Fitted = {
  readonly chance: number | null
  readonly shims: ShimPlan | null
  /** Empty where the steps of this kind are not worked out. */
  readonly steps: readonly PlannedStep[]
  readonly isWorkedOut: boolean
  /** What lies under the sill, and what fills the gap round the frame: as the maker asks, else by the practice. */
  readonly sill: SillSystem
  readonly cavity: Cavity
  /** The pieces of the pan under the chosen unit; `null` where none lies there. */
  readonly pan: PanPieces | null
  readonly delivery: Delivery
}

export type FitGiven = {
  readonly of: FitOf
  readonly chosen: Offer | null
  readonly frame: FrameOf | null
  readonly sheet: LeafSheet | null
  readonly asks: MakerAsks
  readonly schools: Schools
  readonly survey: Survey
  readonly specified: Specified
  readonly wishes: Pick<Wishes, 'hinges' | 'swing' | 'visit'>
  readonly chance: number | null
  readonly delivery: Delivery
  readonly owed: Owed | null
  readonly log: readonly LogEntry[]
  readonly now: string
  readonly lengths: TradeLengths
  readonly flats: readonly Length[]
  readonly hingeTrade: HingeTrade
  readonly steps: Readonly<Record<StepList, readonly SettingStep[]>>
}

/** Plans packs and screws of the chosen unit where it stands, and its steps as far as they are done. */
export function fitOpening(given: FitGiven): Stage<Fitted, FitCode | OfferCode> {
  const { of, chosen, delivery } = given
  const shims = shimsFor(given)
  const facts = factsFor(given)
  const planned = of.steps ? planSteps(given.steps[of.steps], facts, given.log) : { steps: [], findings: [] }
  const isWorkedOut = of.steps !== null
  return {
    value: {
      chance: given.chance,
      shims,
      steps: planned.steps,
      isWorkedOut,
      sill: facts.sill,
      cavity: facts.cavity,
      pan: facts.sill === 'pan' ? panUnder(given) : null,
      delivery,
    },
    findings: [
      ...deliveryFindings(delivery, given.owed),
      ...(isWorkedOut ? [] : [notWorkedOut]),
      ...planned.findings,
      ...(chosen?.reasons ?? []),
      ...packFindings(shims),
    ],
  }
}

const notWorkedOut: Finding<FitCode> = {
  code: 'steps-not-worked-out',
  place: 'unit',
  severity: 'watch',
  facts: {},
  rule: 'step-order',
  cures: [],
}

function factsFor({ chosen, survey, specified, wishes, delivery, asks, schools, now }: FitGiven): StepFacts {
  const said = survey.facts.get('fact.old-door')?.code
  return {
    swing: wishes.swing,
    hasPad: (chosen?.pad ?? 0) > 0,
    // Nobody said it: an old door is more likely still there than not, and taking one out is what must not be forgotten.
    oldDoor: said === 'out' || said === 'new-wall' ? said : 'in-place',
    isHoleRead: !specified.holeIsAssumed,
    isAccepted: delivery === 'accepted',
    hasCap: asks.hasCap,
    sill: sillSystem(schools.answers.sill, asks),
    cavity: cavityFill(schools.answers.cavity, asks),
    visit: wishes.visit,
    now,
  }
}

/** As wide as the hole at the sill, from stock pieces. */
function panUnder({ of, chosen, lengths }: FitGiven): PanPieces | null {
  if (of.steps === null || !chosen?.hole) return null
  const { L0, R0 } = chosen.hole
  const end = lengths['pan-end'].value
  const parts = { end, centre: lengths['pan-centre'].value, overlap: lengths['pan-overlap'].value }
  const pan = sillPan(nearestTick(R0.x - L0.x), parts)
  return pan && { end, cuts: pan.cuts }
}

function shimsFor(given: FitGiven): ShimPlan | null {
  const { of, chosen, frame, lengths } = given
  if (!chosen?.placement || !chosen.hole || !frame) return null
  const fastened = frameFor(given, chosen, frame)
  if (!fastened) return null
  return planShims(
    of.points(fastened),
    {
      hole: chosen.hole,
      placement: chosen.placement,
      bucks: chosen.bucks,
      filler: chosen.filler,
      unit: chosen.unit,
      jamb: frame.jamb,
      legThickness: frame.legThickness,
    },
    { lengths, flats: given.flats, fastener: of.fastener },
  )
}

/** The frame as it is fastened; `null` while a hinge side that decides is not settled. */
function frameFor(given: FitGiven, { unit }: Offer, frame: FrameOf): FrameToFasten | null {
  const { sheet, specified, wishes, lengths, hingeTrade } = given
  if (wishes.hinges === null && sheet !== null && frame.passiveLeaf === null) return null
  const leafHeight = specified.further.leaf?.height.value ?? minus(unit.height, lengths['core-height'].value)
  return {
    width: unit.width,
    height: unit.height,
    hinges: wishes.hinges ?? 'left',
    leafBottom: sheet?.leafBottom ?? (sheet ? lengths['leaf-bottom'].value : ZERO),
    leafHeight,
    hingePlaces: hingePlaces(leafHeight, sheet ?? SILENT_HINGES, lengths, hingeTrade),
    strikeHeight: sheet?.strikeHeight ?? lengths['strike-height'].value,
    sidelights: frame.sidelights,
    leftLeaf: leftLeafOf(given, frame),
    lengths,
  }
}

/** The left leaf of a pair: the active one where it hangs left, else the passive one. */
function leftLeafOf({ survey, specified }: FitGiven, { passiveLeaf }: FrameOf): Length {
  const active = specified.further.leaf?.width.value ?? ZERO
  return survey.facts.get('fact.active-leaf')?.code === 'left' ? active : (passiveLeaf ?? active)
}

function packFindings(shims: ShimPlan | null): readonly Finding<PackCode>[] {
  return (shims?.points ?? [])
    .filter(one => one.pack === null)
    .map(one => ({
      code: 'pack-impossible',
      place: `shim.${one.place}`,
      severity: 'correct',
      facts: { gap: { length: one.gap }, issue: one.issue ?? '' },
      rule: 'pack-slack',
      cures: [],
    }))
}
