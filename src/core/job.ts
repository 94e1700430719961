import { type Finding, worstFirst } from './base/finding'
import { overrideLengths } from './base/override-lengths'
import type { TradeNumber } from './base/rule'
import { lengthsBySchool, type SchoolLengths } from './base/school-lengths'
import { resolveSchools, type SchoolChoices, type Schools } from './base/schools'
import type { Leaf } from './base/trace'
import type { TradeLengths } from './base/trade-lengths'
import type { Firm } from './catalogue/firm'
import { judgeUnits } from './catalogue/judge-unit'
import type { Offer, OfferCode } from './catalogue/offer'
import type { Rates } from './catalogue/preparation'
import type { Request } from './catalogue/request'
import { isJudgeable, requestFor } from './catalogue/request-for'
import type { CatalogueUnit } from './catalogue/unit'
import { byStormSchool } from './diagnosis/by-storm-school'
import { type DiagnosisCode, diagnose } from './diagnosis/diagnose'
import { planShims, type ShimPlan } from './fit/plan-shims'
import { type PlannedStep, planSteps, type SettingStep } from './fit/plan-steps'
import type { LogEntry } from './handover/log'
import { type Handover, type HandoverCode, type HandoverTest, planTests } from './handover/plan-tests'
import { stepsDone } from './handover/standing'
import { chanceToFit } from './opening/chance'
import type { DecidingReading } from './opening/deciding-readings'
import type { ChanceCode } from './opening/judge-chance'
import {
  assumedHole,
  assumedOpening,
  betweenBucks,
  type MeasuringCode,
  type ModelledOpening,
  modelOpening,
} from './opening/model-opening'
import type { AdjustedOpening } from './opening/opening'
import { plumbRectangle } from './opening/place-unit'
import { checkOrder, mayRelease, type OrderCode } from './order/check-order'
import { type Delivery, type DeliveryCode, deliveryFindings, deliveryOf } from './order/delivery'
import { isMeasuredTwice } from './order/measured-twice'
import type { Order, OrderLine } from './order/order'
import { orderLine } from './order/order-line'
import type { Receipt } from './order/receipt'
import { planSeals, type SealCode, type SealPlan } from './seal/plan-seals'
import type { Seal } from './seal/seal'
import type { SealChoice } from './seal/seal-choice'
import { type Specification, type SpecificationCode, specify } from './specification/specify'
import { type FamilyCode, type FamilySpecification, specifyFamily } from './specification/specify-family'
import type { HingeTrade } from './specification/weigh-leaf'
import type { Wishes } from './specification/wishes'
import type { Answer } from './survey/answer'
import { FAMILY_RULES, type Family } from './survey/families'
import { judgeSurvey, type SurveyCode } from './survey/judge-survey'
import type { LockFamily } from './survey/lock-family'
import type { Reading } from './survey/reading'
import { judgeSecond, type SecondCode } from './survey/second-reading'
import { leafRead, type Survey, standingReadings, surveyOf, waysRead } from './survey/survey'
import type { Size } from './units/call-size'
import { type Length, minus, split } from './units/length'
import { decideBy, typicalChance, unitToJudge } from './verdict/judge-typical'

/** Frozen into every issued order and paper. */
export const CORE_VERSION = '2'

/** Everything people said about one opening. */
export type OpeningRecords = {
  readonly opening: { readonly id: string; readonly tag: string; readonly name: string; readonly family: Family }
  readonly readings: readonly Reading[]
  readonly answers: readonly Answer[]
  readonly wishes: Wishes
  readonly sealChoice: SealChoice
  readonly orders: readonly Order[]
  readonly receipts: readonly Receipt[]
  readonly log: readonly LogEntry[]
}

/** What the trade knows, and what the firm offers and asks. */
export type Trade = {
  readonly lengths: TradeLengths
  readonly jambStandards: readonly Length[]
  readonly locks: readonly LockFamily[]
  readonly hinges: HingeTrade
  readonly fillers: readonly Length[]
  readonly crewLiftKg: number
  readonly twoClosersKg: number
  readonly flats: readonly Length[]
  readonly rates: Rates
  /** What the firm keeps of its own, and the practices its job chose. */
  readonly firm: Firm
  readonly jobSchools: SchoolChoices
  readonly schoolLengths: SchoolLengths
  readonly units: readonly CatalogueUnit[]
  readonly seals: readonly Seal[]
  readonly steps: readonly SettingStep[]
  readonly tests: readonly HandoverTest[]
  readonly latchLimitN: TradeNumber
  /** What a label between garage and house must show, min. */
  readonly garageMinutes: TradeNumber
  /** From which chance a fit is called certain. */
  readonly sureChance: TradeNumber
}

export type PlumbCode = 'plumb-smaller' | 'plumb-large-enough'
export type FitCode = 'pack-impossible' | DeliveryCode
export type FindingCode =
  | MeasuringCode
  | SurveyCode
  | SecondCode
  | ChanceCode
  | DiagnosisCode
  | SpecificationCode
  | FamilyCode
  | PlumbCode
  | OfferCode
  | OrderCode
  | FitCode
  | SealCode
  | HandoverCode

/** Everything the core says about one opening. A stage that cannot run yet is `null` or empty. */
export type JobResult = {
  readonly family: Family
  readonly wishes: Wishes
  readonly survey: Survey
  readonly lengths: TradeLengths
  /** The practices that hold here, and who chose them. */
  readonly schools: Schools
  readonly model: ModelledOpening | null
  /** The hole to place a unit in: the modelled one where it was read, else an assumed one. */
  readonly hole: AdjustedOpening | null
  readonly holeIsAssumed: boolean
  readonly specification: Specification
  /** What the family's own readings lead to, beside its size. */
  readonly familySpecification: FamilySpecification
  readonly request: Request
  readonly offers: readonly Offer[]
  readonly chosen: Offer | null
  readonly chance: number | null
  readonly shims: ShimPlan | null
  readonly steps: readonly PlannedStep[]
  readonly seals: SealPlan | null
  readonly handover: Handover
  readonly line: OrderLine | null
  /** Where the ordered unit is: the old door stays until it is accepted. */
  readonly delivery: Delivery
  readonly findings: {
    readonly measure: readonly Finding<FindingCode>[]
    readonly diagnose: readonly Finding<FindingCode>[]
    readonly specify: readonly Finding<FindingCode>[]
    readonly order: readonly Finding<FindingCode>[]
    readonly fit: readonly Finding<FindingCode>[]
    readonly seal: readonly Finding<FindingCode>[]
    readonly handover: readonly Finding<FindingCode>[]
  }
}

/** The whole work on one opening: each arrow is records and trade in, value and findings out. */
export function job(records: OpeningRecords, trade: Trade): JobResult {
  const { wishes, log } = records
  const schools = resolveSchools(trade.firm.schools, trade.jobSchools, wishes.schools)
  const lengths = overrideLengths(lengthsBySchool(trade.lengths, schools, trade.schoolLengths), wishes.allowances)
  const { family } = records.opening
  const rules = FAMILY_RULES[family]
  const readings = standingReadings(records.readings, records.answers)
  const survey = surveyOf(wishes.way, records.readings, records.answers)
  const seconds = judgeSecond(readings, lengths)
  const modelled = modelOpening(survey, lengths, {
    ways: rules.ways,
    confirmed: seconds.filter(one => one.code === 'second-agrees').map(one => one.place),
  })
  const model = modelled.value
  const units = trade.units.filter(unit => unit.family === family)
  const unitChosen = units.find(unit => unit.id === wishes.chosen?.unit) ?? null
  // A lock set hangs in the leaf that stays: it says nothing of the leaf.
  const hung = unitChosen?.lock ? null : unitChosen
  const sizeWay = waysRead(survey, [wishes.way, ...rules.ways])[0] ?? wishes.way
  const specification = specify(survey, sizeWay, wishes, lengths, {
    jambStandards: trade.jambStandards,
    garageMinutes: trade.garageMinutes.value,
    leafBottom: hung && hung.leafBottom > 0 ? leafBottomOf(hung) : undefined,
    derivesUnit: rules.derivesUnit,
    settles: rules.settles,
    hasJamb: rules.hasJamb,
    countsDrop: schools.answers['height-start'] === 'finished-floor',
    flushFace: schools.answers['flush-face'],
  })
  const familySpecification = specifyFamily({
    family,
    survey,
    wishes,
    lengths,
    leaf: leafOf(family, hung, specification, lengths),
    opening: model?.adjusted ?? null,
    trade,
  })
  const hole = holeOf(model, specification, lengths)
  const holeIsAssumed = !model?.isHole
  const isOpening = rules.derivesUnit || model?.isHole === true
  const diagnosis =
    model && isOpening ? byStormSchool(family, schools, diagnose(survey, model.adjusted, wishes.subfloor, lengths)) : []
  const plumb = hole && !holeIsAssumed ? checkPlumb(hole, specification, lengths) : []
  const { jambStandards, rates } = trade
  const garageMinutes = trade.garageMinutes.value
  const given = { wishes, lengths, schools, jambStandards, rates, garageMinutes }
  const request = requestFor(family, hole, specification, survey, given)
  const offers = isJudgeable(request) ? judgeUnits(units, request) : []
  const chosen = offers.find(offer => offer.unit === unitChosen) ?? null
  const shims = hole && chosen?.placement && wishes.hinges ? shimsFor(hole, chosen, wishes, lengths, trade) : null
  const seals = sealsFor(records, survey, hung, specification, lengths, trade)
  const handover = planTests(trade.tests, wishes, log)
  const chance = hole && chosen?.placement ? chanceToFit(hole, chosen.placement, lengths) : null
  const measure = [
    ...modelled.findings,
    ...(model && rules.derivesUnit && !model.isHole ? [assumedHole(model.way)] : []),
    ...seconds,
    ...judgeSurvey(family, survey, lengths, trade.locks),
    ...typicalChance(model, unitToJudge(specification, chosen), survey, lengths, trade.sureChance),
  ]
  const measured = [...measure, ...specification.findings]
  const delivery = deliveryOf(records.opening.id, records.orders, records.receipts)
  const { labelMinutes: labelWanted } = request.site
  const order = checkOrder({
    survey,
    specification,
    wishes,
    offer: chosen,
    findings: measured,
    asked: rules,
    answers: schools.answers,
    isConventionKnown: chosen !== null && trade.firm.conventions[chosen.unit.maker] !== undefined,
    labelWanted,
    secondLookCents: trade.firm.secondLookCents,
    isMeasuredTwice: isMeasuredTwice(measured, survey, rules.ways),
  })
  return {
    family,
    wishes,
    survey,
    lengths,
    schools,
    model,
    hole,
    holeIsAssumed,
    specification,
    familySpecification,
    request,
    offers,
    chosen,
    shims,
    seals,
    handover,
    chance,
    steps: planSteps(trade.steps, wishes, shims, !holeIsAssumed, stepsDone(log)),
    delivery,
    line:
      chosen && mayRelease(order)
        ? orderLine({
            opening: records.opening,
            survey,
            specification,
            wishes,
            offer: chosen,
            schools,
            firm: trade.firm,
            lengths,
            hingeTrade: trade.hinges,
            labelWanted,
            risks: order,
            core: CORE_VERSION,
          })
        : null,
    findings: {
      measure: worstFirst(measure),
      diagnose: worstFirst([...diagnosis, ...plumb]),
      specify: worstFirst([...specification.findings, ...familySpecification.findings]),
      order: worstFirst([...order, ...(chosen?.reasons ?? [])]),
      fit: worstFirst([...deliveryFindings(delivery), ...(chosen?.reasons ?? []), ...packFindings(shims)]),
      seal: worstFirst(seals?.findings ?? []),
      handover: worstFirst(handover.findings),
    },
  }
}

/** What the catalogue is judged by for an opening; `null` while nothing was read to judge it by. */
export function requestOf(records: OpeningRecords, trade: Trade): Request | null {
  const { request } = job(records, { ...trade, units: [] })
  return isJudgeable(request) ? request : null
}

/** The readings of the modelled way by what they decide for the chosen or derived unit; empty while neither is known. */
export function whatDecides({ model, specification, chosen, survey, lengths }: JobResult): readonly DecidingReading[] {
  const unit = unitToJudge(specification, chosen)
  return model && unit ? decideBy(model, unit, survey, lengths) : []
}

/** The leaf that will hang, of a pair one of them: the chosen unit's, else what the derived size leaves for one. */
function leafOf(
  family: Family,
  unit: CatalogueUnit | null,
  { unit: derived }: Specification,
  lengths: TradeLengths,
): Size | null {
  if (unit) return { width: unit.leafWidth, height: unit.leafHeight }
  if (!derived) return null
  const width = minus(derived.width.value, lengths['core-width'].value)
  return {
    width: family === 'pair' ? split(width, 2)[0]! : width,
    height: minus(derived.height.value, lengths['core-height'].value),
  }
}

const leafBottomOf = (unit: CatalogueUnit): Leaf => ({
  kind: 'unit',
  name: 'leafBottom',
  value: unit.leafBottom,
  origin: `${unit.maker} ${unit.article}`,
})

function holeOf(model: ModelledOpening | null, { unit }: Specification, lengths: TradeLengths): AdjustedOpening | null {
  if (model?.way === 'masonry') return betweenBucks(model.adjusted, lengths.buck.value)
  if (model?.isHole) return model.adjusted
  return unit ? assumedOpening(unit.roughWidth.value, unit.roughHeight.value, lengths) : null
}

/** The size comes from the smallest width; the plumb rectangle confirms it, or shows that leaning sides leave less. */
function checkPlumb(
  hole: AdjustedOpening,
  { unit }: Specification,
  lengths: TradeLengths,
): readonly Finding<PlumbCode>[] {
  if (!unit) return []
  const plumb = plumbRectangle(hole.points, { width: unit.width.value, height: unit.height.value })
  const short = unit.roughWidth.value - plumb.width
  const tolerance = lengths['deviation-tape'].value
  const facts = {
    width: { length: plumb.width },
    wanted: { length: unit.roughWidth.value },
    unit: { length: unit.width.value },
  }
  const smaller = short > tolerance
  return [
    {
      code: smaller ? 'plumb-smaller' : 'plumb-large-enough',
      place: 'lean.left',
      severity: smaller ? 'correct' : 'fine',
      facts,
      rule: 'room-width',
      cures: smaller ? ['plumb.smaller-unit', 'plumb.more-room'] : [],
    },
  ]
}

function shimsFor(hole: AdjustedOpening, chosen: Offer, wishes: Wishes, lengths: TradeLengths, trade: Trade): ShimPlan {
  return planShims(hole.points, chosen.unit, wishes.hinges!, {
    pad: chosen.pad,
    shift: wishes.shift,
    lengths,
    flats: trade.flats,
  })
}

function packFindings(shims: ShimPlan | null): readonly Finding<FitCode>[] {
  return (shims?.points ?? [])
    .filter(one => one.pack === null)
    .map(one => ({
      code: 'pack-impossible',
      place: `shim.${one.place}`,
      severity: 'correct',
      facts: { gap: { length: one.gap }, issue: one.issue ?? '' },
      rule: 'shim',
      cures: [],
    }))
}

function sealsFor(
  { wishes, sealChoice }: OpeningRecords,
  survey: Survey,
  hung: CatalogueUnit | null,
  { unit }: Specification,
  lengths: TradeLengths,
  trade: Trade,
): SealPlan | null {
  const leaf = leafRead(survey)
  const leafWidth = hung?.leafWidth ?? leaf?.width ?? unit?.width.value
  const leafHeight = hung?.leafHeight ?? leaf?.height ?? unit?.height.value
  if (leafWidth === undefined || leafHeight === undefined) return null
  return planSeals({
    survey,
    leafWidth,
    leafHeight,
    lengths,
    hinges: wishes.hinges ?? 'left',
    material: hung?.material ?? wishes.material,
    heatingDegreeDays: wishes.heatingDegreeDays,
    centsPerKwh: wishes.centsPerKwh,
    choice: sealChoice,
    seals: trade.seals,
    latchLimitN: trade.latchLimitN,
  })
}
