import type { Finding } from './base/finding'
import type { TradeLengths } from './base/trade-lengths'
import type { Offered } from './catalogue/offered'
import type { Door } from './doors/door'
import { NOTHING_ASKED, passiveWidth } from './fit/fit-of'
import type { FitGiven, Fitted } from './fit/fitted'
import type { TestsRequest } from './handover/plan-tests'
import type { TestWhere } from './handover/tests-of'
import { chanceOf } from './opening/judge-standing'
import { deliveryOf, owedOn } from './order/delivery'
import type { OrderGiven } from './order/ordered'
import type { SignedChoice } from './order/signed-choice'
import { closedQuestions } from './seal/closed-answers'
import type { SealStepsGiven } from './seal/seal-steps'
import type { Sealed, SealGiven } from './seal/sealed'
import type { Specified } from './specification/specified'
import { sealedAgainst, type Visit } from './specification/visit'
import { type Survey, standingReadings } from './survey/survey'
import { essentialFor } from './survey/survey-of'
import { CORE_VERSION, type OpeningRecords, type Terms, type Trade } from './terms'
import { minus, plus, split } from './units/length'
import type { Chosen, Work } from './work-parts'

// What the later arrows are handed, each from what stands before it.

/** The work as far as the catalogue is judged. */
export type Worked = {
  readonly records: OpeningRecords
  readonly trade: Trade
  readonly door: Door
  readonly terms: Terms
  readonly chosen: Chosen | null
  readonly measured: Work['measure']
  readonly specified: Work['specify']
  readonly offered: Offered
  readonly diagnosed: readonly Finding[]
}

export const orderGiven = (worked: Worked, signed: SignedChoice | null): OrderGiven => {
  const { records, trade, door, terms, chosen, measured, specified, offered, diagnosed } = worked
  return {
    opening: records.opening,
    ways: door.survey.ways,
    essential: essentialFor(door.survey, records.wishes.way),
    specify: door.specify,
    of: chosen?.door.order ?? null,
    survey: measured.value.survey,
    specified: specified.value,
    offered,
    wishes: records.wishes,
    choices: records.order,
    terms,
    firm: trade.firm,
    measured: measured.findings,
    diagnosed,
    wanted: specified.findings,
    core: CORE_VERSION,
    signed,
  }
}

export const fitGiven = (worked: Worked, now: string): FitGiven => {
  const { records, trade, door, terms, chosen, measured, specified, offered } = worked
  const { lengths } = terms
  const unit = chosen?.unit as never
  return {
    of: door.fit,
    chosen: offered.chosen,
    frame: chosen?.door.frame(unit) ?? null,
    sheet: chosen?.sheet?.sheet ?? null,
    asks: chosen?.door.asks(unit) ?? NOTHING_ASKED,
    schools: terms.schools,
    survey: measured.value.survey,
    specified: specified.value,
    wishes: records.wishes,
    // What was surveyed is the old leaf's as soon as a new one is chosen.
    surveyIsOldLeaf: door.seal.surveyIsOldLeaf || chosen !== null,
    leafMaterial: chosen?.unit.material ?? (door.takes.length === 0 ? (records.wishes.material ?? 'timber') : null),
    readings: records.readings,
    answers: records.answers,
    chance: chanceOf(specified.value.hole, offered.stood, lengths),
    delivery: deliveryOf(records.opening.id, records.orders, records.receipts),
    owed: owedOn(records.opening.id, records.orders, records.receipts),
    log: records.log,
    now,
    lengths,
    numbers: trade.numbers,
    zone: trade.zone,
    flats: trade.flats,
    van: trade.firm.van,
    hingeTrade: trade.hinges,
    steps: trade.steps,
  }
}

/** What closes, what it ships with, and what it is sealed against. */
type Closing = Pick<SealGiven, 'leaf' | 'leftLeaf' | 'own' | 'purposes'>

/** What the gaps of the leaves that hang have become by moves since they were read. */
export const movedGaps = (hung: Fitted['hung']): Pick<SealGiven, 'moved'> => ({
  moved: hung.flatMap(({ margins }) =>
    margins.states.filter(one => one.now !== one.read).map(({ slot, now }) => ({ slot, now })),
  ),
})

export function closingGiven(
  door: Door,
  survey: Survey,
  specified: Specified,
  chosen: Chosen | null,
  visit: Visit,
  { shippedSeal }: Trade,
  lengths: TradeLengths,
): Closing {
  const { details } = chosen?.unit ?? {}
  return {
    ...closedIn(door, survey, specified, chosen, lengths),
    own: chosen?.sheet
      ? { sides: shippedSeal(details?.weatherstrip, 'sides'), bottom: shippedSeal(details?.sweep, 'bottom') }
      : null,
    purposes: sealedAgainst(visit),
  }
}

export const sealGiven = (
  { records, trade, door, terms, chosen, measured }: Worked,
  closing: Closing & Pick<SealGiven, 'moved'>,
  now: string,
): SealGiven => {
  const { settings, labelMinutes, construction } = records.wishes
  return {
    of: door.seal,
    survey: measured.value.survey,
    readings: records.readings,
    answers: records.answers,
    ...closing,
    hinges: records.wishes.hinges,
    material: chosen?.sheet ? chosen.unit.material : records.wishes.material,
    isNew: chosen !== null,
    isInRain: settings.includes('exposed') && !settings.includes('covered'),
    labelMinutes: labelMinutes ?? 0,
    choice: records.seal,
    log: records.log,
    seals: trade.seals,
    fireRules: trade.fireRules,
    latchLimitN: trade.numbers['latch-force'],
    centsPerHour: trade.rates.centsPerHour,
    lengths: terms.lengths,
    leafRw: construction === null ? null : trade.sound[construction].rw,
    // By the day: what is due does not change by the minute.
    today: now.slice(0, 10),
  }
}

/** The steps of fitting seals: what is planned, after what sets the door. */
export const sealStepsGiven = (
  { records, trade, terms }: Worked,
  { steps, delivery }: Fitted,
  { plan }: Sealed,
  now: string,
): SealStepsGiven => ({
  plan,
  corners: records.seal.corners,
  setting: steps,
  byKind: trade.sealSteps,
  log: records.log,
  isAccepted: delivery === 'accepted',
  now,
  zone: trade.zone,
  lengths: terms.lengths,
  numbers: trade.numbers,
})

/** What closes: the one leaf, both that meet, or the panel that slides; and the left leaf of two. */
function closedIn(
  { fit }: Door,
  survey: Survey,
  { further, specification }: Specified,
  chosen: Chosen | null,
  lengths: TradeLengths,
): Pick<SealGiven, 'leaf' | 'leftLeaf'> {
  const { leaf } = further
  if (!leaf) return { leaf: fit.tunes === 'panel' ? panelIn(specification, chosen, lengths) : null, leftLeaf: null }
  const size = { width: leaf.width.value, height: leaf.height.value, thickness: leaf.thickness.value }
  if (fit.tunes !== 'leaves') return { leaf: size, leftLeaf: null }
  const frame = chosen?.door.frame(chosen.unit as never) ?? null
  const passive = passiveWidth(frame, survey) ?? size.width
  const isActiveLeft = survey.facts.get('fact.active-leaf')?.code === 'left'
  return { leaf: { ...size, width: plus(size.width, passive) }, leftLeaf: isActiveLeft ? size.width : passive }
}

/** A sliding panel is half as wide as its unit, and as much lower as a frame takes. */
function panelIn(
  { unit }: Specified['specification'],
  chosen: Chosen | null,
  lengths: TradeLengths,
): SealGiven['leaf'] {
  const [width, height] = [chosen?.unit.width ?? unit?.width.value, chosen?.unit.height ?? unit?.height.value]
  if (width === undefined || height === undefined) return null
  return {
    width: split(width, 2)[0]!,
    height: minus(height, lengths['core-height'].value),
    thickness: lengths['leaf-thickness'].value,
  }
}

export function testsGiven(
  { records, trade, door, terms, chosen, measured }: Worked,
  { hung, hasCloser, hasCap }: Fitted,
  { edges }: Sealed,
): TestsRequest {
  const { settings, labelMinutes, swing } = records.wishes
  const hasLabel = (labelMinutes ?? 0) > 0
  return {
    of: chosen?.door.tests ?? door.tests,
    tests: trade.tests,
    partedOn: trade.testsPartedOn,
    swing,
    where: whereOf({
      accessible: settings.includes('accessible') && !hasLabel,
      label: hasLabel,
      closer: hasLabel || hasCloser,
    }),
    lengths: terms.lengths,
    numbers: trade.numbers,
    log: records.log,
    readings: standingReadings(records.readings, records.answers),
    facts: measured.value.survey.facts,
    hung,
    closed: closedQuestions(edges, measured.value.survey, hasCap),
  }
}

const whereOf = (holds: Readonly<Record<TestWhere, boolean>>): ReadonlySet<TestWhere> =>
  new Set((Object.keys(holds) as TestWhere[]).filter(one => holds[one]))
