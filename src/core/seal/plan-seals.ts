import type { Finding } from '../base/finding'
import type { TradeNumber } from '../base/rule'
import type { TradeLengths } from '../base/trade-lengths'
import {
  crackFlowM3h,
  type LeakySide,
  leakageAreaCm2,
  SEASONAL_PRESSURE_PA,
  sealedFlowM3h,
  yearlyKwh,
} from '../physics/leakage'
import type { HingeSide } from '../specification/handing'
import type { GapSlot } from '../survey/slots'
import { readValue, type Survey } from '../survey/survey'
import { type Length, largestOf, metresOf, smallestOf } from '../units/length'
import { type Cents, priceOf } from '../units/quantity'
import { cutStrip, type StripCut } from './cut-strip'
import { DOOR_SIDES, type DoorSide, type Seal, type SealPlace } from './seal'
import type { SealChoice } from './seal-choice'

export type SealCode =
  | 'gap-too-wide'
  | 'gap-too-small'
  | 'leaf-too-thin'
  | 'never-here'
  | 'holds'
  | 'no-seal-holds'
  | 'latch-force'
  | 'gaps-not-read'

/** The gaps read along one side, in order; at least one. */
export type SideGapsRead = {
  readonly side: DoorSide
  readonly gaps: readonly Length[]
  readonly length: Length
  readonly depth: Length
}

export type SealOption = {
  readonly seal: Seal
  readonly holds: boolean
  readonly reasons: readonly Finding<SealCode>[]
  readonly cents: Cents
  readonly centsPerYear: number
}

/** One piece to cut, where its holes fall when the strip is drilled. */
export type CutPiece = {
  readonly side: DoorSide
  readonly sealId: string
  readonly length: Length
  readonly cut: StripCut | null
  readonly joined: boolean
}

export type SidePlan = SideGapsRead & {
  readonly options: readonly SealOption[]
  /** `null` when no seal is chosen or none holds. */
  readonly chosen: SealOption | null
  readonly piece: CutPiece | null
  /** At 50 Pa, m³/h. */
  readonly flowBefore50: number
  readonly flowAfter50: number
}

export type SealPlan = {
  readonly sides: readonly SidePlan[]
  readonly latchForceN: number
  readonly latchLimitN: number
  readonly before: Draft
  readonly after: Draft
  readonly cents: Cents
  /** Money saved in a year, in cents; and the years until the seals have paid for themselves, `null` when they save nothing. */
  readonly savedCentsYear: number
  readonly payBackYears: number | null
  readonly findings: readonly Finding<SealCode>[]
}

/** What blows through a door: at 4, 50 and 75 Pa in m³/h, as a hole in cm², and the heat of a year in kWh. */
export type Draft = {
  readonly flowM3h: readonly [number, number, number]
  readonly holeCm2: number
  readonly kwhYear: number
}

export type SealRequest = {
  readonly survey: Survey
  readonly hinges: HingeSide
  readonly leafWidth: Length
  readonly leafHeight: Length
  readonly material: string | null
  readonly heatingDegreeDays: number
  readonly centsPerKwh: number
  readonly choice: SealChoice
  readonly seals: readonly Seal[]
  readonly latchLimitN: TradeNumber
  readonly lengths: TradeLengths
}

const SLOTS: Readonly<Record<DoorSide, readonly GapSlot[]>> = {
  head: ['gap.head.left', 'gap.head.centre', 'gap.head.right'],
  left: ['gap.left.top', 'gap.left.middle', 'gap.left.bottom'],
  right: ['gap.right.top', 'gap.right.middle', 'gap.right.bottom'],
  bottom: ['gap.bottom.left', 'gap.bottom.centre', 'gap.bottom.right'],
}

/** Chooses a seal for each side whose gaps were read, cuts it, and says what draft and money it stops; `null` until a gap is read. */
export function planSeals(request: SealRequest): SealPlan | null {
  const read = DOOR_SIDES.flatMap(side => gapsRead(side, request) ?? [])
  if (read.length === 0) return null
  const sides = read.map(one => planSide(one, request))
  const before = draft(
    pressure => total(read.map(one => crackFlowM3h(leaky(one), pressure))),
    request.heatingDegreeDays,
  )
  const after = draft(
    pressure => total(sides.map(one => flowAfter(one, one.chosen, pressure))),
    request.heatingDegreeDays,
  )
  const cents = total(sides.map(one => one.chosen?.cents ?? 0))
  const savedCentsYear = (before.kwhYear - after.kwhYear) * request.centsPerKwh
  const latchForceN = total(sides.map(one => latchForce(one, request.hinges)))
  return {
    sides,
    latchForceN,
    latchLimitN: request.latchLimitN.value,
    before,
    after,
    cents,
    savedCentsYear,
    payBackYears: savedCentsYear > 0 ? cents / savedCentsYear : null,
    findings: [
      ...unread(request.survey),
      ...unsealed(sides, request.choice),
      ...tooStiff(latchForceN, request.latchLimitN),
    ],
  }
}

const total = (all: readonly number[]): number => all.reduce((sum, one) => sum + one, 0)

function gapsRead(side: DoorSide, { survey, leafWidth, leafHeight, lengths }: SealRequest): SideGapsRead | null {
  const gaps = SLOTS[side].flatMap(slot => readValue(survey, slot) ?? [])
  const length = side === 'head' || side === 'bottom' ? leafWidth : leafHeight
  return gaps.length ? { side, gaps, length, depth: lengths['leaf-thickness'].value } : null
}

/** A closed leaf's edge is a straight crack with the one bend of its stop, but for the bottom, which has none. */
const leaky = ({ side, gaps, length, depth }: SideGapsRead): LeakySide => ({
  gaps,
  length,
  depth,
  bends: side === 'bottom' ? 0 : 1,
})

const placeOn = (side: DoorSide, hinges: HingeSide): SealPlace =>
  side === 'bottom' ? 'bottom' : side === hinges ? 'hinge' : 'head-latch'

function planSide(read: SideGapsRead, request: SealRequest): SidePlan {
  const place = placeOn(read.side, request.hinges)
  const options = request.seals
    .filter(seal => seal.places.includes(place))
    .map(seal => judgeSeal(seal, read, request))
    .sort(
      (a, b) =>
        Number(b.holds) - Number(a.holds) || a.centsPerYear - b.centsPerYear || (a.seal.id < b.seal.id ? -1 : 1),
    )
  const chosen = choose(options, request.choice[read.side])
  return {
    ...read,
    options,
    chosen,
    piece: chosen ? cutPiece(read, chosen.seal, request.lengths) : null,
    flowBefore50: crackFlowM3h(leaky(read), 50),
    flowAfter50: flowAfter(read, chosen, 50),
  }
}

function choose(options: readonly SealOption[], wanted: string | null | undefined): SealOption | null {
  if (wanted === null) return null
  const named = options.find(one => one.seal.id === wanted && one.holds)
  return named ?? options.find(one => one.holds) ?? null
}

function judgeSeal(seal: Seal, read: SideGapsRead, { material, lengths }: SealRequest): SealOption {
  const [smallest, largest] = [smallestOf(read.gaps), largestOf(read.gaps)]
  const refusals: Finding<SealCode>[] = []
  const refuse = (code: SealCode, facts: Finding['facts']) =>
    refusals.push({ code, place: `seal.${read.side}`, severity: 'stop', facts, rule: seal.id, cures: [] })
  if (largest > seal.gap[1]) refuse('gap-too-wide', { gap: { length: largest }, limit: { length: seal.gap[1] } })
  if (smallest < seal.gap[0]) refuse('gap-too-small', { gap: { length: smallest }, limit: { length: seal.gap[0] } })
  if (lengths['leaf-thickness'].value < seal.leastLeaf) {
    refuse('leaf-too-thin', { leaf: { length: lengths['leaf-thickness'].value }, limit: { length: seal.leastLeaf } })
  }
  const never = seal.never.find(one => one.material === material)
  if (never) refuse('never-here', { reason: never.reason })
  const cents = priceOf(read.length, seal.centsPerMetre)
  const fine: Finding<SealCode> = {
    code: 'holds',
    place: `seal.${read.side}`,
    severity: 'fine',
    rule: seal.id,
    cures: [],
    facts: { smallest: { length: smallest }, largest: { length: largest } },
  }
  return {
    seal,
    holds: refusals.length === 0,
    reasons: refusals.length ? refusals : [fine],
    cents,
    centsPerYear: cents / seal.years,
  }
}

function cutPiece({ side, length }: SideGapsRead, seal: Seal, lengths: TradeLengths): CutPiece {
  const joined = length > seal.stock
  const outcome =
    seal.holes && !joined
      ? cutStrip({
          stock: seal.stock,
          first: seal.holes.first,
          pitch: seal.holes.pitch,
          holes: seal.holes.count,
          length,
          leastEnd: lengths['seal-least-end'].value,
        })
      : null
  return { side, sealId: seal.id, length, cut: outcome?.ok ? outcome.value : null, joined }
}

function flowAfter(read: SideGapsRead, chosen: SealOption | null, pressure: number): number {
  return chosen
    ? sealedFlowM3h(chosen.seal.leakM3hPerMetreAt50, read.length, pressure)
    : crackFlowM3h(leaky(read), pressure)
}

function draft(flowAt: (pressurePa: number) => number, heatingDegreeDays: number): Draft {
  const seasonal = flowAt(SEASONAL_PRESSURE_PA)
  return {
    flowM3h: [seasonal, flowAt(50), flowAt(75)],
    holeCm2: leakageAreaCm2(seasonal),
    kwhYear: yearlyKwh(seasonal, heatingDegreeDays),
  }
}

/** Latch side and head press fully against the latch, the hinge side by half; the bottom does not. */
function latchForce({ side, length, chosen }: SidePlan, hinges: HingeSide): number {
  if (!chosen || side === 'bottom') return 0
  return chosen.seal.forceNPerMetre * metresOf(length) * (side === hinges ? 0.5 : 1)
}

function unread(survey: Survey): readonly Finding<SealCode>[] {
  const missing = DOOR_SIDES.filter(side => SLOTS[side].every(slot => readValue(survey, slot) === null))
  return missing.map(side => ({
    code: 'gaps-not-read',
    place: SLOTS[side][0]!,
    severity: 'watch',
    facts: { side },
    rule: 'gap-survey',
    cures: ['gap.read'],
  }))
}

function unsealed(sides: readonly SidePlan[], choice: SealChoice): readonly Finding<SealCode>[] {
  return sides
    .filter(one => one.chosen === null && choice[one.side] !== null)
    .map(one => ({
      code: 'no-seal-holds',
      place: `seal.${one.side}`,
      severity: 'correct',
      facts: { side: one.side, largest: { length: largestOf(one.gaps) }, smallest: { length: smallestOf(one.gaps) } },
      rule: 'seal-range',
      cures: ['seal.tune-first'],
    }))
}

function tooStiff(forceN: number, limit: TradeNumber): readonly Finding<SealCode>[] {
  if (forceN <= limit.value) return []
  return [
    {
      code: 'latch-force',
      place: 'seal.head',
      severity: 'correct',
      facts: { force: Math.round(forceN), limit: limit.value },
      rule: limit.id,
      cures: ['seal.lighter', 'seal.strike-out'],
    },
  ]
}
