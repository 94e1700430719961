import { allowanceLeaf, type Leaf, type Step, step } from '../base/trace'
import type { TradeLengths } from '../base/trade-lengths'
import type { Filler } from '../catalogue/offer'
import type { Bucks } from '../opening/bucks'
import type { OpeningPoints } from '../opening/opening'
import { headGapsAt, type Placement, sideGapsAt } from '../opening/place-unit'
import type { Size } from '../units/call-size'
import { type Length, largestOf, minus, roundDown, roundUp, sumOf, ticks, ZERO } from '../units/length'
import type { FasteningPoint } from './fastening'
import { type Pack, packGap } from './pack-gap'

/** One point where the frame is packed and screwed. */
export type ShimPoint = FasteningPoint & {
  /** From the frame to what it stands in. */
  readonly gap: Length
  /** Flat filler that lies there before the pack. */
  readonly filler: Length
  /** What fills the rest; `null` when nothing does, and `issue` says why. */
  readonly pack: Pack | null
  readonly issue: string | null
  /** How the screw's length came about, and the one to take: the next longer that is stocked. `null` where anchors hold the frame. */
  readonly screw: Step | null
  readonly screwLength: Length | null
  /** How its hole is drilled; `null` without a screw. */
  readonly hole: ScrewHole | null
}

/** A screw's hole: into solid wood, or on through a thin buck into the block; through a hollow leg the first wall alone is opened for the
 *  head, the hole plugged afterwards. */
export type ScrewHole = {
  readonly into: 'wood' | 'block'
  readonly pilot: Length
  readonly access: Length | null
}

export type ShimPlan = { readonly points: readonly ShimPoint[] }

/** Where a unit stands, and of what its frame is. */
export type Standing = {
  readonly hole: OpeningPoints
  readonly placement: Placement
  readonly bucks: Bucks | null
  readonly filler: Filler | null
  readonly unit: Size
  /** Depth and thickness of its legs, by its sheet; `null` where it is silent. */
  readonly jamb: Length | null
  readonly legThickness: Length | null
  /** What its legs are of, by its sheet; `null` where it is silent: solid, as usual. */
  readonly legMaterial: string | null
}

export type ShimTrade = {
  readonly lengths: TradeLengths
  readonly flats: readonly Length[]
  readonly fastener: 'screw' | 'anchor'
}

/** What to pack at every point of a placed unit, and which screw goes there. The filler that was priced and the packs are one sum. */
export function planShims(points: readonly FasteningPoint[], standing: Standing, trade: ShimTrade): ShimPlan {
  const planned = points.map(point => shimAt(point, gapAt(point, standing), standing, trade))
  const longest = largestOf([ZERO, ...planned.flatMap(one => one.screwLength ?? [])])
  // No screw is longer than the top hinge's, which carries the leaf.
  return { points: planned.map(one => (isTopHinge(one) && one.screwLength ? { ...one, screwLength: longest } : one)) }
}

const isTopHinge = ({ why, place }: FasteningPoint): boolean => why === 'hinge' && place.endsWith('.top')

function gapAt({ member, at }: FasteningPoint, { hole, placement, unit }: Standing): Length {
  if (member === 'head') return headGapsAt(hole, placement, unit.height, [at])[0]!
  return sideGapsAt(hole, placement, unit.width, [at])[0]![member]
}

const NO_SCREW = { screw: null, screwLength: null, hole: null }
const HOLLOW: ReadonlySet<string> = new Set(['pvc', 'aluminium', 'steel'])

function shimAt(point: FasteningPoint, gap: Length, standing: Standing, trade: ShimTrade): ShimPoint {
  const { place, member, at, why } = point
  const filler = member === 'head' || !standing.filler ? ZERO : sumOf(standing.filler[member])
  const { pack, issue } = packed(minus(gap, filler), standing, trade)
  const isAnchored = trade.fastener === 'anchor' || member === 'head'
  const { screw, screwLength, hole } = isAnchored ? NO_SCREW : screwFor(point, gap, standing, trade.lengths)
  return { place, member, at, why, gap, filler, pack, issue, screw, screwLength, hole }
}

/** Packs the gap down to the step anybody can read or cut: never thicker than the gap. */
function packed(exact: Length, { jamb }: Standing, { lengths, flats }: ShimTrade): Pick<ShimPoint, 'pack' | 'issue'> {
  const gap = roundDown(exact, lengths['pack-step'].value)
  const wedge = {
    tip: lengths['wedge-tip'].value,
    butt: lengths['wedge-butt'].value,
    length: lengths['wedge-length'].value,
  }
  const bearing = largestOf([jamb ?? lengths['jamb-usual'].value, lengths['wedge-bearing'].value])
  const outcome = packGap(gap, { wedge, bearing, flats, slack: lengths['pack-slack'].value })
  return outcome.ok ? { pack: outcome.value, issue: null } : { pack: null, issue: outcome.issues[0]!.code }
}

/** Through leg and pack into solid wood; where a buck is thinner than the bite, on through it into the block. */
function screwFor(
  { place, member, why }: FasteningPoint,
  gap: Length,
  { bucks, legThickness, legMaterial }: Standing,
  lengths: TradeLengths,
): Pick<ShimPoint, 'screw' | 'screwLength' | 'hole'> {
  const own = (name: string, value: Length, origin: string): Leaf => ({ kind: 'unit', name, value, origin })
  const leg =
    legThickness === null
      ? allowanceLeaf(lengths['jamb-thickness'])
      : own('legThickness', legThickness, 'the unit’s sheet')
  const pack = own(`gap.${place}`, ticks(Math.max(0, gap)), 'placing the unit')
  const buck = member === 'head' ? undefined : bucks?.[member]
  const isAnchor = buck !== undefined && buck < lengths['screw-bite'].value
  const hold = isAnchor
    ? [own(`buck.${member}`, buck, 'between the blocks'), allowanceLeaf(lengths['screw-embed'])]
    : [allowanceLeaf(lengths['screw-bite'])]
  const screw = step(isAnchor ? 'screw.through-buck' : 'screw.length', 'sum', [leg, pack, ...hold])
  const least = why === 'hinge' ? lengths['hinge-screw-least'].value : ZERO
  const hole: ScrewHole = {
    into: isAnchor ? 'block' : 'wood',
    pilot: lengths[isAnchor ? 'pilot-block' : 'pilot-wood'].value,
    access: legMaterial !== null && HOLLOW.has(legMaterial) ? lengths['access-hole'].value : null,
  }
  return { screw, hole, screwLength: roundUp(largestOf([screw.value, least]), lengths['screw-step'].value) }
}
