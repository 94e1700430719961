import type { Finding, Severity } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import type { OpeningPoints } from '../opening/opening'
import { type Pinch, pinchOf } from '../opening/pinch'
import { type Placement, placeUnit } from '../opening/place-unit'
import { chooseJamb, type JambOption } from '../specification/choose-jamb'
import type { Wishes } from '../specification/wishes'
import { type Length, largestOf, magnitude, minus, plus, ticks, times, ZERO } from '../units/length'
import type { Cents } from '../units/quantity'
import { judgeRoom, type RoomCode, type RoomVerdict } from './judge-room'
import { type Preparation, type PreparationId, prepare, type Rates } from './preparation'
import type { CatalogueUnit } from './unit'

export type OfferCode =
  | RoomCode
  | 'hand-not-made'
  | 'swing-not-made'
  | 'label-too-low'
  | 'material-other'
  | 'bore-other'

/** `dropped` when a hard requirement is missed, whatever its size. */
export type OfferVerdict = RoomVerdict | 'dropped'

/** One unit judged for one opening. */
export type Offer = {
  readonly unit: CatalogueUnit
  readonly verdict: OfferVerdict
  readonly reasons: readonly Finding<OfferCode>[]
  readonly placement: Placement
  readonly pinch: Pinch
  /** Packing under the sill that the floor inside asks for with this unit. */
  readonly pad: Length
  readonly jamb: JambOption | null
  readonly preparations: readonly Preparation[]
  readonly minutes: number
  readonly cents: {
    readonly unit: Cents
    readonly freight: Cents
    readonly material: Cents
    readonly work: Cents
    readonly disposal: Cents
    readonly total: Cents
  }
  readonly days: number
}

/** The opening and the wishes as the judge needs them. */
export type Request = {
  readonly points: OpeningPoints
  readonly wishes: Wishes
  /** The jamb wanted, `null` while no wall was read. */
  readonly wall: Length | null
  /** The highest finished floor above the sub-sill, `null` while it was not read. */
  readonly floor: Length | null
  readonly jambStandards: readonly Length[]
  readonly lengths: TradeLengths
  readonly rates: Rates
}

const SEVERE: Severity = 'stop'

/** Judges one unit: hard requirements, geometry, the preparation it would need, total and days. */
export function judgeUnit(unit: CatalogueUnit, request: Request): Offer {
  const { wishes, lengths, rates } = request
  const pad = padFor(unit, request)
  const placement = placeUnit(request.points, { unit, pad, leastGap: lengths['gap-least'].value, shift: wishes.shift })
  const pinch = pinchOf(request.points, unit, placement)
  const dropped = hardRequirements(unit, wishes)
  const geometry = judgeRoom(placement, lengths)
  const jamb = request.wall === null ? null : jambFor(unit.jamb, request.wall, request)
  const preparations = preparationsFor(unit, request, placement, pinch, pad, jamb)
  const material = sum(preparations.map(one => one.materialCents))
  const work = sum(preparations.map(one => one.workCents))
  const freight = unit.stock ? rates.freightStock : rates.freightMade
  return {
    unit,
    verdict: dropped.length ? 'dropped' : geometry.verdict,
    reasons: [...dropped, ...geometry.reasons],
    placement,
    pinch,
    pad,
    jamb,
    preparations,
    minutes: sum(preparations.map(one => one.minutes)),
    cents: {
      unit: unit.priceCents,
      freight,
      material,
      work,
      disposal: rates.disposal,
      total: unit.priceCents + freight + material + work + rates.disposal,
    },
    days: unit.leadDays,
  }
}

const sum = (all: readonly number[]): number => all.reduce((total, one) => total + one, 0)

function reason(
  code: OfferCode,
  severity: Severity,
  facts: Finding['facts'],
  rule: string,
  place = 'unit',
): Finding<OfferCode> {
  return { code, place, severity, facts, rule, cures: [] }
}

const GARAGE_MINUTES = 20

function hardRequirements(unit: CatalogueUnit, wishes: Wishes): readonly Finding<OfferCode>[] {
  const failed: Finding<OfferCode>[] = []
  if (wishes.hinges && unit.hinges !== 'both' && unit.hinges !== wishes.hinges) {
    failed.push(reason('hand-not-made', SEVERE, { made: unit.hinges, wanted: wishes.hinges }, 'wish.hinges'))
  }
  if (wishes.swing && unit.swing !== 'both' && unit.swing !== wishes.swing) {
    failed.push(reason('swing-not-made', SEVERE, { made: unit.swing, wanted: wishes.swing }, 'wish.swing'))
  }
  if (wishes.use === 'garage-to-house' && unit.material !== 'steel' && unit.labelMinutes < GARAGE_MINUTES) {
    failed.push(reason('label-too-low', SEVERE, { label: unit.labelMinutes, wanted: GARAGE_MINUTES }, 'garage'))
  }
  if (wishes.material && unit.material !== wishes.material) {
    failed.push(reason('material-other', SEVERE, { made: unit.material, wanted: wishes.material }, 'wish.material'))
  }
  if (wishes.bore && unit.bore !== wishes.bore) {
    failed.push(reason('bore-other', SEVERE, { made: unit.bore, wanted: wishes.bore }, 'wish.bore'))
  }
  return failed
}

function padFor(unit: CatalogueUnit, { wishes, floor, lengths }: Request): Length {
  if (wishes.swing !== 'in' || floor === null) return ZERO
  return largestOf([ZERO, minus(lengths['floor-target'].value, minus(unit.leafBottom, floor))])
}

/** How this unit's own jamb meets the wall. */
function jambFor(jamb: Length, wall: Length, { lengths }: Request): JambOption {
  const chosen = chooseJamb(wall, { standards: [jamb], extensionLimit: lengths['jamb-extension'].value })
  return chosen.options[0]!
}

function preparationsFor(
  unit: CatalogueUnit,
  request: Request,
  { sideRoom, headGap, sillSupport }: Placement,
  pinch: Pinch,
  pad: Length,
  jamb: JambOption | null,
): readonly Preparation[] {
  const { lengths, rates } = request
  const legs = plus(times(unit.height, 2), unit.width)
  const wanted = lengths['room-width'].value
  const work: Preparation[] = []
  const add = (id: PreparationId, place: string, amount: Length, run: Length) =>
    work.push(prepare(id, place, amount, run, rates))
  if (sideRoom > lengths['room-loose'].value) add('pack-sides', 'sides', minus(sideRoom, wanted), times(unit.height, 2))
  if (sideRoom < wanted - lengths['deviation-tape'].value)
    add('relieve-pinch', pinch.place, minus(wanted, sideRoom), unit.height)
  if (headGap > lengths['room-loose'].value)
    add('build-down-head', 'head', minus(headGap, lengths['room-height'].value), unit.width)
  if (pad > 0) add('pad-sill', 'sill', pad, unit.width)
  const hollow = minus(largestOf(sillSupport), pad)
  if (hollow > lengths['sill-correct'].value) add('level-sill', 'sill', hollow, unit.width)
  if (jamb && jamb.kind === 'extension') add('extend-jamb', 'jamb', jamb.difference, legs)
  if (jamb && jamb.kind === 'solid') add('solid-jamb', 'jamb', jamb.jamb, legs)
  if (jamb && jamb.kind === 'standard' && magnitude(jamb.difference) > lengths['wall-spare'].value)
    add('plane-jamb', 'jamb', ticks(Math.abs(jamb.difference)), legs)
  return work
}

const RANK: Readonly<Record<OfferVerdict, number>> = {
  fits: 0,
  tight: 0,
  loose: 0,
  'too-large': 1,
  'too-small': 1,
  dropped: 2,
}

/** Every unit judged and ranked: what goes in by total, then days, then article; then what does not; then what was dropped. */
export function judgeUnits(units: readonly CatalogueUnit[], request: Request): readonly Offer[] {
  return units
    .map(unit => judgeUnit(unit, request))
    .sort(
      (a, b) =>
        RANK[a.verdict] - RANK[b.verdict] ||
        a.cents.total - b.cents.total ||
        a.days - b.days ||
        (a.unit.article < b.unit.article ? -1 : 1),
    )
}

export const goesIn = (offer: Offer): boolean => RANK[offer.verdict] === 0

/** The two or three that matter: cheapest, soonest, least work; each named once, in that order. */
export function standOuts(
  offers: readonly Offer[],
): readonly { readonly offer: Offer; readonly best: readonly ('cheapest' | 'soonest' | 'least-work')[] }[] {
  const possible = offers.filter(goesIn)
  const least = (key: (offer: Offer) => number) =>
    possible.reduce<Offer | null>((best, one) => (best && key(best) <= key(one) ? best : one), null)
  const picks = [
    ['cheapest', least(one => one.cents.total)],
    ['soonest', least(one => one.days)],
    ['least-work', least(one => one.minutes)],
  ] as const
  const offersPicked = [...new Set(picks.flatMap(([, offer]) => offer ?? []))]
  return offersPicked.map(offer => ({ offer, best: picks.filter(([, one]) => one === offer).map(([name]) => name) }))
}
