import type { TradeNumbers } from '../base/figure'
import type { Finding } from '../base/finding'
import type { Schools } from '../base/schools'
import type { Stage } from '../base/stage'
import type { TradeLengths } from '../base/trade-lengths'
import type { VanStock } from '../catalogue/firm'
import type { Offer, OfferCode } from '../catalogue/offer'
import type { LogEntry } from '../log/log'
import { standingEntries } from '../log/standing'
import { type SillSupport, sillSupports } from '../opening/sill-supports'
import { type Delivery, type DeliveryCode, deliveryFindings, type Owed } from '../order/delivery'
import { type Cavity, cavityFill, type SillSystem, sillSystem } from '../specification/bedding'
import { hingePlaces, SILENT_HINGES } from '../specification/hinge-places'
import type { LeafSheet } from '../specification/hung-leaf'
import { sillPan } from '../specification/sill-pan'
import type { Specified } from '../specification/specified'
import { trimStays } from '../specification/visit'
import type { HingeTrade } from '../specification/weigh-leaf'
import type { Wishes } from '../specification/wishes'
import type { Answer } from '../survey/answer'
import type { FactSlot } from '../survey/facts'
import type { Reading } from '../survey/reading'
import { type Survey, standingReadings } from '../survey/survey'
import { type Length, minus, nearestTick, ZERO } from '../units/length'
import type { FrameToFasten } from './fastening'
import { type FitOf, type FrameOf, type MakerAsks, passiveWidth, type StepList } from './fit-of'
import { type HeaderRule, headerRule, screwOrder } from './fix-order'
import { type Hanging, oneHanging, pairHanging } from './hanging'
import type { StepCode } from './judge-steps'
import { judgeMargins, type MarginCode, type MarginLog, marginLogs } from './margin-log'
import { planShims, type ShimPlan } from './plan-shims'
import { planSteps } from './plan-steps'
import type { PlannedStep, SettingStep } from './setting-step'
import type { StepFacts } from './step-facts'
import { judgeVan, type VanCode } from './van'

export type PackCode = 'pack-impossible'
export type FitCode = PackCode | DeliveryCode | StepCode | MarginCode | VanCode | 'header-by-sheet'

/** What was noted in place of steps while those of its kind were not worked out: it was set by its maker's sheet. */
export const SET_BY_SHEET = 'set-by-sheet'

/** A sill pan's two ends, which stay whole, and its centre pieces as they are cut. */
export type PanPieces = { readonly end: Length; readonly cuts: readonly Length[] }

/** How the chosen unit is set: what is packed where, and the steps. */
export type Fitted = {
  readonly chance: number | null
  readonly shims: ShimPlan | null
  readonly steps: readonly PlannedStep[]
  /** Noted as set by its maker's sheet, in place of steps; `null` without such a note. */
  readonly setBySheet: LogEntry | null
  /** Places in the order in which they are screwed fast, and whether anything goes into the header. */
  readonly screwOrder: readonly string[]
  readonly header: HeaderRule
  /** The leg that is set first; `null` while it is not known, or nothing is packed. */
  readonly firstLeg: 'left' | 'right' | null
  /** What stands under the sill, from the unit's left end. */
  readonly supports: readonly SillSupport[]
  /** What lies under the sill, and what fills the gap round the frame: as the maker asks, else by the practice. */
  readonly sill: SillSystem
  readonly cavity: Cavity
  /** The pieces of the pan under the chosen unit; `null` where none lies there. */
  readonly pan: PanPieces | null
  /** What the chosen unit stands on: under its sill, or under both legs. */
  readonly pad: Length
  readonly delivery: Delivery
  /** How each leaf hangs and its margins stand, a passive leaf first; none for other kinds, and while its side or size is not known. */
  readonly hung: readonly Hung[]
  /** Whether it is shut by a closer, and whether its threshold's cap can be set by screws. */
  readonly hasCloser: boolean
  readonly hasCap: boolean
}

export type Hung = { readonly hanging: Hanging; readonly margins: MarginLog }

export type FitGiven = {
  readonly of: FitOf
  readonly chosen: Offer | null
  readonly frame: FrameOf | null
  readonly sheet: LeafSheet | null
  readonly asks: MakerAsks
  readonly schools: Schools
  readonly survey: Survey
  readonly specified: Specified
  readonly wishes: Pick<Wishes, 'hinges' | 'swing' | 'visit' | 'labelMinutes'>
  /** Whether what was surveyed was the old leaf. */
  readonly surveyIsOldLeaf: boolean
  /** Of what the leaf that hangs is: the chosen unit's, or of a door that stays its own; `null` while no unit is chosen. */
  readonly leafMaterial: string | null
  readonly readings: readonly Reading[]
  readonly answers: readonly Answer[]
  readonly chance: number | null
  readonly delivery: Delivery
  readonly owed: Owed | null
  readonly log: readonly LogEntry[]
  readonly now: string
  readonly lengths: TradeLengths
  readonly numbers: TradeNumbers
  readonly zone: string
  readonly flats: readonly Length[]
  readonly van: VanStock | null
  readonly hingeTrade: HingeTrade
  readonly steps: Readonly<Record<StepList, readonly SettingStep[]>>
}

/** Plans packs and screws of the chosen unit where it stands, and its steps as far as they are done. */
export function fitOpening(given: FitGiven): Stage<Fitted, FitCode | OfferCode> {
  const { of, chosen, delivery, schools, asks } = given
  const header = headerRule(given.frame, schools.answers.header, asks)
  const shims = shimsFor(given, header)
  const facts = factsFor(given, header)
  const planned = planSteps(given.steps[of.steps], facts, given.log, given)
  const hung = hungIn(given)
  const bySheet = standingEntries('step', given.log).get(SET_BY_SHEET)
  return {
    value: {
      chance: given.chance,
      shims,
      steps: planned.steps,
      setBySheet: bySheet?.result === 'done' ? bySheet : null,
      screwOrder: screwOrder(shims?.points ?? [], schools.answers['screw-order']),
      header,
      firstLeg: firstLegOf(given),
      supports: supportsUnder(given),
      sill: facts.sill,
      cavity: facts.cavity,
      pan: facts.sill === 'pan' ? panUnder(given) : null,
      pad: chosen?.pad ?? ZERO,
      delivery,
      hung,
      hasCloser: closerIn(given),
      hasCap: capIn(given),
    },
    findings: [
      ...deliveryFindings(delivery, given.owed),
      ...planned.findings,
      ...(chosen?.reasons ?? []),
      ...packFindings(shims),
      ...judgeVan(shims, given.van),
      ...hung.flatMap(one => judgeMargins(one.margins, given.lengths)),
      ...(header === 'by-sheet' || header === 'not-by-sheet' ? [headerFinding(header)] : []),
    ],
  }
}

function hungIn(given: FitGiven): Fitted['hung'] {
  const { of, specified, leafMaterial, wishes, survey, frame, asks } = given
  const known = { further: specified.further, material: leafMaterial, wishes, screws: asks.hingeScrews }
  const active = survey.facts.get('fact.active-leaf')?.code
  const hangings =
    of.tunes === 'leaf'
      ? oneHanging(known)
      : of.tunes === 'leaves'
        ? pairHanging(known, active === 'left' || active === 'right' ? active : null, passiveWidth(frame, survey))
        : []
  const logs = marginLogs({ ...given, hangings }, standingReadings(given.readings, given.answers), given.log)
  return hangings.map((hanging, i) => ({ hanging, margins: logs[i]! }))
}

const closerIn = ({ of, survey }: FitGiven): boolean =>
  of.bringsCloser === true || (survey.facts.get('fact.closer')?.code ?? 'none') !== 'none'

/** Of a unit as its sheet says it; of a door that stays, and of a sheet that is silent, as was seen. */
const capIn = ({ asks, chosen, survey }: FitGiven): boolean =>
  (chosen !== null && asks.hasCap) || survey.facts.get('fact.threshold')?.code === 'adjustable-cap'

const headerFinding = (header: HeaderRule): Finding<FitCode> => ({
  code: 'header-by-sheet',
  place: 'unit',
  severity: 'watch',
  facts: { verdict: header },
  rule: 'step-order',
  cures: [],
})

function factsFor(given: FitGiven, header: HeaderRule): StepFacts {
  const { of, chosen, frame, survey, specified, wishes, delivery, asks, schools } = given
  const said = (slot: FactSlot) => survey.facts.get(slot)?.code
  const oldDoor = said('fact.old-door')
  const hinges = wishes.hinges
  return {
    swing: wishes.swing,
    hasPad: (chosen?.pad ?? 0) > 0,
    // Nobody said it: an old door is more likely still there than not, and taking one out is what must not be forgotten.
    oldDoor: oldDoor === 'out' || oldDoor === 'new-wall' ? oldDoor : 'in-place',
    isHoleRead: !specified.holeIsAssumed,
    isAccepted: delivery === 'accepted',
    hasCap: asks.hasCap,
    sill: sillSystem(schools.answers.sill, asks),
    cavity: cavityFill(schools.answers.cavity, asks),
    trim: trimStays(wishes.visit, schools.answers['outside-trim']),
    wall: chosen?.bucks || said('fact.wall-kind') === 'masonry' ? 'masonry' : 'framed',
    hasFlange: said('fact.frame-kind') === 'flange',
    packsHingeLeg: !(frame && hinges && frame.sidelights[hinges] > 0),
    holdsHeader: header === 'beside-pack' || header === 'by-sheet',
    hanging: asks.hanging,
    form: asks.form ?? of.form,
    hasCloser: closerIn(given),
    lockKind: asks.lock ?? (said('fact.lock-case') === 'mortise-case' ? 'mortise-case' : 'tubular-latch'),
    preparations: chosen?.preparations ?? [],
    schools: asks.asksClip ? { ...schools.answers, 'fresh-unit': 'clipped' } : schools.answers,
    visit: wishes.visit,
    now: given.now,
    zone: given.zone,
  }
}

/** Of a pair the passive leaf's leg, of a frame with lights or panels the fixed side's, else the hinge leg. */
function firstLegOf({ frame, survey, wishes }: FitGiven): 'left' | 'right' | null {
  const opposite = (side: string | undefined) => (side === 'left' ? 'right' : side === 'right' ? 'left' : null)
  if (!frame) return null
  if (frame.passiveLeaf !== null) return opposite(survey.facts.get('fact.active-leaf')?.code)
  const moving = survey.facts.get('fact.moving-panel')?.code
  if (moving) return opposite(moving)
  if (frame.sidelights.left > 0) return 'left'
  return frame.sidelights.right > 0 ? 'right' : wishes.hinges
}

/** Under an outside sill at equal distances; whatever has no sill is not supported. */
function supportsUnder({ of, chosen, lengths }: FitGiven): readonly SillSupport[] {
  if (!of.hasSill || !chosen?.hole || !chosen.placement) return []
  return sillSupports(chosen.hole, chosen.placement, chosen.unit.width, lengths['support-every'].value)
}

/** As wide as the hole at the sill, from stock pieces. */
function panUnder({ of, chosen, lengths }: FitGiven): PanPieces | null {
  if (!of.hasSill || !chosen?.hole) return null
  const { L0, R0 } = chosen.hole
  const end = lengths['pan-end'].value
  const parts = { end, centre: lengths['pan-centre'].value, overlap: lengths['pan-overlap'].value }
  const pan = sillPan(nearestTick(R0.x - L0.x), parts)
  return pan && { end, cuts: pan.cuts }
}

function shimsFor(given: FitGiven, header: HeaderRule): ShimPlan | null {
  const { of, chosen, frame, lengths } = given
  if (!chosen?.placement || !chosen.hole || !frame) return null
  const fastened = frameFor(given, chosen, frame)
  if (!fastened) return null
  return planShims(
    of.points(fastened).filter(one => one.member !== 'head' || header === 'beside-pack'),
    {
      hole: chosen.hole,
      placement: chosen.placement,
      bucks: chosen.bucks,
      filler: chosen.filler,
      unit: chosen.unit,
      jamb: frame.jamb,
      legThickness: frame.legThickness,
      legMaterial: frame.legMaterial,
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
