import { allowanceLeaf, type Leaf, type Step, step } from '../base/trace'
import type { TradeLengths } from '../base/trade-lengths'
import type { OpeningPoints } from '../opening/opening'
import { type Placement, placeUnit } from '../opening/place-unit'
import type { HingeSide } from '../specification/handing'
import type { Size } from '../units/call-size'
import { type Length, minus, nearestTick, plus, roundNearest, roundUp, ticks } from '../units/length'
import { type Pack, packGap } from './pack-gap'

export const SHIM_PLACES = [
  'hinge.top',
  'hinge.middle',
  'hinge.bottom',
  'strike.top',
  'strike.latch',
  'strike.bottom',
] as const
export type ShimPlace = (typeof SHIM_PLACES)[number]

/** One point where the frame is packed and screwed. */
export type ShimPoint = {
  readonly place: ShimPlace
  readonly side: HingeSide
  /** Above the unit's bottom. */
  readonly height: Length
  readonly gap: Length
  /** What fills the gap; `null` when nothing does, and `issue` says why. */
  readonly pack: Pack | null
  readonly issue: string | null
  readonly screw: Step
  /** The screw to take: the next longer one that is stocked. */
  readonly screwLength: Length
}

export type ShimPlan = { readonly placement: Placement; readonly points: readonly ShimPoint[] }

/** The unit's sizes that decide where it is packed. */
export type FrameSheet = Size & { readonly leafHeight: Length; readonly leafBottom: Length; readonly jamb: Length }

/** Heights above the unit's bottom: behind every hinge, at the strike, and near both ends of the strike leg. */
export function shimHeights(sheet: FrameSheet, lengths: TradeLengths): Readonly<Record<ShimPlace, Length>> {
  const top = plus(sheet.leafBottom, sheet.leafHeight)
  const half = nearestTick(lengths['hinge-height'].value / 2)
  const upper = minus(top, plus(lengths['hinge-top'].value, half))
  const lower = plus(sheet.leafBottom, plus(lengths['hinge-bottom'].value, half))
  return {
    'hinge.top': upper,
    'hinge.middle': nearestTick((upper + lower) / 2),
    'hinge.bottom': lower,
    'strike.top': minus(top, lengths['strike-corner'].value),
    'strike.latch': plus(sheet.leafBottom, lengths['strike-height'].value),
    'strike.bottom': plus(sheet.leafBottom, lengths['strike-corner'].value),
  }
}

/** What to pack behind every hinge and at the strike, and which screw goes there. */
export function planShims(
  points: OpeningPoints,
  sheet: FrameSheet,
  hinges: HingeSide,
  {
    pad,
    shift,
    lengths,
    flats,
  }: {
    readonly pad: Length
    readonly shift: Length
    readonly lengths: TradeLengths
    readonly flats: readonly Length[]
  },
): ShimPlan {
  const heights = shimHeights(sheet, lengths)
  const placement = placeUnit(points, {
    unit: sheet,
    pad,
    shift,
    shimHeights: SHIM_PLACES.map(place => heights[place]),
  })
  const strike: HingeSide = hinges === 'left' ? 'right' : 'left'
  return {
    placement,
    points: SHIM_PLACES.map((place, i): ShimPoint => {
      const side = place.startsWith('hinge') ? hinges : strike
      const gap = placement.gaps[i]![side]
      return {
        place,
        side,
        height: heights[place],
        gap,
        ...packed(gap, sheet, lengths, flats),
        ...screwFor(place, gap, lengths),
      }
    }),
  }
}

/** Packs the gap to the nearest step: an adjusted gap has more digits than anybody can read or cut. */
function packed(
  exact: Length,
  sheet: FrameSheet,
  lengths: TradeLengths,
  flats: readonly Length[],
): Pick<ShimPoint, 'pack' | 'issue'> {
  const gap = roundNearest(exact, lengths['pack-step'].value)
  const wedge = {
    tip: lengths['wedge-tip'].value,
    butt: lengths['wedge-butt'].value,
    length: lengths['wedge-length'].value,
  }
  const outcome = packGap(gap, { wedge, bearing: sheet.jamb, flats, slack: lengths['pack-slack'].value })
  return outcome.ok ? { pack: outcome.value, issue: null } : { pack: null, issue: outcome.issues[0]!.code }
}

function screwFor(place: ShimPlace, gap: Length, lengths: TradeLengths): Pick<ShimPoint, 'screw' | 'screwLength'> {
  const leaf: Leaf = { kind: 'unit', name: `gap.${place}`, value: ticks(Math.max(0, gap)), origin: 'placing the unit' }
  const screw = step('screw.length', 'sum', [
    allowanceLeaf(lengths['jamb-thickness']),
    leaf,
    allowanceLeaf(lengths['screw-bite']),
  ])
  return { screw, screwLength: roundUp(screw.value, lengths['screw-step'].value) }
}
