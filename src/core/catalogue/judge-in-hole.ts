import type { Finding } from '../base/finding'
import { type Bucks, bucksFor, pointsBetween } from '../opening/bucks'
import { pinchOf } from '../opening/pinch'
import { placeUnit } from '../opening/place-unit'

import { judgeBedding, type SettingSheet } from '../specification/bedding'
import { floorTarget } from '../specification/floor-target'
import { type MouldSheet, trimShort } from '../specification/trim-outside'
import { trimStays } from '../specification/visit'
import type { Size } from '../units/call-size'
import {
  type Length,
  largestOf,
  magnitude,
  minus,
  nearestTick,
  plus,
  smallestOf,
  sumOf,
  times,
  ZERO,
} from '../units/length'
import { type FrameSheet, fillerFor, jambFor, jambReasons, jambWork } from './fill-and-jamb'
import { judgeRoom } from './judge-room'
import { because, type Filler, type Judged, NO_SHAPE, notRead, type ShapeCode, silent, type Work } from './offer'
import type { Request } from './request'

/** How a unit that stands in the hole is judged beside its size. */
export type HoleSheet = FrameSheet &
  Partial<SettingSheet> &
  MouldSheet & {
    /** The leaf's bottom above the sub-sill: `null` where the sheet is silent, and no member where it clears no floor by packing. */
    readonly leafBottom?: Length | null
    readonly sillDepth?: Length | null
    readonly sillHorns?: Length | null
    readonly sillUnderside?: string | null
  }

type Options = {
  /** Whether its jamb must meet the wall. */
  readonly meetsWall: boolean
}

/** Judges a unit for the hole it stands in: where it stands on its packing, between its bucks, moved as wished; the room that is left,
 *  and the work the hole wants for it. This placement is the one that packs, chance, drawings and papers read. */
export function judgeInHole(unit: Size & HoleSheet, request: Request, { meetsWall }: Options): Judged {
  const { points, wishes, lengths, site } = request
  if (!points) return notRead('opening')
  const { pad, reasons: padReasons } = padFor(unit, request)
  const hinges = wishes.hinges ?? 'left'
  const bucks = request.hasBucks ? bucksFor(points, unit, { pad, hinges, lengths }) : null
  const hole = bucks ? pointsBetween(points, bucks) : points
  const leastGap = lengths['gap-least'].value
  const bare = placeUnit(hole, { unit, pad, leastGap })
  const filler = bare.sideRoom > lengths['fill-sides-most'].value ? null : fillerFor(bare.sideRoom, request)
  const shift = plus(request.shift, offMiddle(filler))
  const placement = shift === 0 ? bare : placeUnit(hole, { unit, pad, shift, leastGap })
  const pinch = pinchOf(hole, unit, placement)
  const room = judgeRoom(placement, lengths)
  const jamb = meetsWall && request.wall !== null ? jambFor(unit.jamb, request.wall, request) : null
  const wrongJamb = jambReasons(unit, jamb, meetsWall, request)
  const bedding = beddingReasons(unit, request)
  const trim =
    trimStays(wishes.visit, request.schools.answers['outside-trim']) === 'keep'
      ? COVERS
      : trimShort(unit, site.trimCovered, lengths)
  const goesByRoom = room.verdict !== 'too-large' && room.verdict !== 'too-small'
  return {
    ...NO_SHAPE,
    // What does not go in at all is said first; what goes in by its size and not by its jamb is not what was asked for.
    verdict: goesByRoom && [...wrongJamb, ...bedding].some(one => one.severity === 'stop') ? 'dropped' : room.verdict,
    reasons: [
      ...wrongJamb,
      ...room.reasons,
      ...padReasons,
      ...thresholdReasons(unit, pad, request),
      ...bedding,
      ...hornReasons(unit, request),
      ...sillReasons(unit, request),
      ...trimReasons(trim),
    ],
    placement,
    hole,
    bucks,
    filler,
    pinch,
    pad,
    jamb,
    work: [
      ...roomWork(unit, request, { ...placement, pinchPlace: pinch.place, pad, bucks }),
      ...sidingWork(unit, site.siding),
      ...trimWork(unit, trim),
      ...jambWork(unit, jamb, request),
    ],
  }
}

/** How far filler behind one leg only moves the unit off the middle, + to the right. */
const offMiddle = (filler: Filler | null): Length =>
  filler ? nearestTick((sumOf(filler.left) - sumOf(filler.right)) / 2) : ZERO

/** The packing under the sill, and whether a fire label has lowered the clearance it is packed to. Legs without a sill stand on packs as
 *  thick as the covering that comes later. */
function padFor(
  { leafBottom }: HoleSheet,
  { wishes, floor, covering, lengths, site }: Request,
): { readonly pad: Length; readonly reasons: readonly Finding<ShapeCode>[] } {
  if (leafBottom === undefined) return { pad: covering, reasons: [] }
  if (wishes.swing !== 'in' || floor === null) return { pad: ZERO, reasons: [] }
  const wanted = lengths['floor-target'].value
  const target = floorTarget(site.labelMinutes, lengths)
  const lowered = because<ShapeCode>(
    'label-floor',
    'watch',
    { most: { length: target.value }, wanted: { length: wanted } },
    target.id,
  )
  const bottom = leafBottom ?? lengths['leaf-bottom'].value
  return {
    pad: largestOf([ZERO, minus(target.value, minus(bottom, floor.over))]),
    reasons: [...(target.value < wanted ? [lowered] : []), ...(leafBottom === null ? [silent('leafBottom')] : [])],
  }
}

/** Whether the threshold's back stands too low over the floor inside to be finished. The leaf's bottom is taken for its top: it closes just
 *  over it, or behind its bumper. */
function thresholdReasons(
  { leafBottom, sillDepth }: HoleSheet,
  pad: Length,
  { floor, lengths }: Request,
): readonly Finding<ShapeCode>[] {
  if (floor === null || leafBottom == null || sillDepth == null) return []
  const back = minus(plus(leafBottom, pad), floor.atDoor)
  const least = lengths['threshold-back-least']
  if (back >= least.value) return []
  const facts = { back: { length: largestOf([ZERO, back]) }, least: { length: least.value } }
  return [because<ShapeCode>('threshold-low', 'watch', facts, least.id)]
}

/** A sill that ends behind the old one's edge leaves its ground bare; one that ends before it stands over the step. */
function sillReasons({ sillDepth }: HoleSheet, { site, lengths }: Request): readonly Finding<ShapeCode>[] {
  if (sillDepth == null || site.sillDepth === null) return []
  const over = minus(sillDepth, site.sillDepth)
  const limit = lengths['sill-reach']
  if (magnitude(over) <= limit.value) return []
  const facts = { made: { length: sillDepth }, old: { length: site.sillDepth }, by: { length: magnitude(over) } }
  return [because<ShapeCode>(over < 0 ? 'sill-short' : 'sill-long', 'watch', facts, limit.id)]
}

/** Horns of a sill run on behind a casing that stays: they are cut, or the casing is. */
function hornReasons({ sillHorns }: HoleSheet, { schools, wishes }: Request): readonly Finding<ShapeCode>[] {
  if (sillHorns == null || sillHorns === 0 || trimStays(wishes.visit, schools.answers['outside-trim']) !== 'keep')
    return []
  return [because<ShapeCode>('horns-in-casing', 'watch', { horns: { length: sillHorns } }, 'outside-trim')]
}

/** What is wrong with what lies under its sill; nothing for a kind without one. */
function beddingReasons(
  { asksPan, asksBeads, asksFoam, sillUnderside }: HoleSheet,
  { schools, wishes }: Request,
): readonly Finding<ShapeCode>[] {
  if (asksPan === undefined || asksBeads === undefined || asksFoam === undefined) return []
  const isCovered = wishes.settings.includes('covered')
  const isInRain = wishes.settings.includes('exposed') && !isCovered
  return judgeBedding(
    { asksPan, asksBeads, asksFoam },
    { practice: schools.answers.sill, isCovered, isRibbed: sillUnderside === 'ribbed', isInRain },
  )
}

type Stood = {
  readonly sideRoom: Length
  readonly headGap: Length
  readonly sillSupport: readonly Length[]
  readonly pinchPlace: string
  readonly pad: Length
  readonly bucks: Bucks | null
}

const when = (holds: boolean, ...work: Work): readonly Work[] => (holds ? [work] : [])

function roomWork(unit: Size & HoleSheet, request: Request, stood: Stood): readonly Work[] {
  const { lengths } = request
  const { sideRoom, headGap, sillSupport, pinchPlace, pad, bucks } = stood
  const legs = times(unit.height, 2)
  const loose = looseRoom(request)
  const wanted = lengths['room-width'].value
  const builtDown = minus(headGap, lengths['room-height'].value)
  const crown = crownOf(request)
  // What is ground off in the middle the ends no longer lack.
  const hollow = minus(largestOf(sillSupport), plus(pad, crown))
  const isTight = sideRoom < wanted - lengths['deviation-tape'].value
  return [
    ...when(sideRoom > loose, 'pack-sides', 'sides', minus(sideRoom, loose), legs),
    ...when(isTight && !bucks, 'relieve-pinch', pinchPlace, minus(wanted, sideRoom), unit.height),
    ...when(bucks?.isRipped === true && bucks.left + bucks.right > 0, 'rip-bucks', 'sides', thinner(bucks), legs),
    ...when(headGap > lengths['room-loose'].value, 'build-down-head', 'head', builtDown, unit.width),
    ...when(builtDown > lengths['patch-above'].value, 'patch-siding', 'head', builtDown, unit.width),
    ...when(pad > 0 && unit.leafBottom !== undefined, 'pad-sill', 'sill', pad, unit.width),
    ...when(crown > 0, 'grind-crown', 'sill', crown, unit.width),
    ...when(hollow > lengths['sill-correct'].value, 'level-sill', 'sill', hollow, unit.width),
    ...when(isTwisted(request), 'move-wall', 'sides', request.twist ?? ZERO, unit.height),
  ]
}

/** How far the sill stands up in its middle where that is more than can stay; else nothing. */
function crownOf({ points, lengths }: Request): Length {
  if (!points) return ZERO
  const crown = nearestTick(points.S.y - (points.L0.y + points.R0.y) / 2)
  return crown > lengths['crown-correct'].value ? crown : ZERO
}

/** Whether the wall is out of plane by more than its two legs can share; one of blocks is not moved. */
const isTwisted = ({ twist, hasBucks, lengths }: Request): boolean =>
  twist !== null && !hasBucks && twist > lengths['twist-correct'].value

const COVERS = { side: ZERO, head: ZERO }

/** New trim that does not reach as far as the old one leaves bare wall beside it. */
const trimReasons = ({ side, head }: typeof COVERS): readonly Finding<ShapeCode>[] =>
  side === 0 && head === 0
    ? []
    : [
        because<ShapeCode>(
          'trim-short',
          'watch',
          { ...(side > 0 ? { sides: { length: side } } : {}), ...(head > 0 ? { head: { length: head } } : {}) },
          'mould-width',
        ),
      ]

const trimWork = (unit: Size, { side, head }: typeof COVERS): readonly Work[] => [
  ...when(side > 0, 'patch-siding', 'sides', side, times(unit.height, 2)),
  ...when(head > 0, 'patch-siding', 'trim', head, unit.width),
]

const thinner = (bucks: Bucks | null): Length => (bucks ? smallestOf([bucks.left, bucks.right]) : ZERO)

/** From which room at the sides on filler is wanted: never under what the unit was ordered with. */
export const looseRoom = ({ lengths }: Pick<Request, 'lengths'>): Length =>
  largestOf([lengths['room-loose'].value, lengths['room-width'].value])

const sidingWork = (unit: Size, siding: Length | null): readonly Work[] =>
  siding !== null && siding > 0 ? [['pad-siding', 'siding', siding, plus(times(unit.height, 2), unit.width)]] : []
