import type { Finding } from '../base/finding'
import { pinchOf } from '../opening/pinch'
import { placeUnit } from '../opening/place-unit'
import { chooseJamb, type JambOption, jambRules } from '../specification/choose-jamb'
import { type Length, largestOf, magnitude, minus, plus, smallestOf, ticks, times, ZERO } from '../units/length'
import { judgeLeaf } from './judge-leaf'
import { judgeRoom } from './judge-room'
import { judgeStorm } from './judge-storm'
import { judgeThroat } from './judge-throat'
import { because, type Shape, type ShapeCode } from './offer'
import { type PreparationId, prepare } from './preparation'
import { judgedBy, type Request } from './request'
import type { CatalogueUnit } from './unit'

/** A piece of preparation before it is priced. */
export type Work = readonly [id: PreparationId, place: string, amount: Length, run: Length]

/** What was judged of a shape, before its work is priced. */
export type Judged = Omit<Shape, 'preparations' | 'minutes'> & { readonly work: readonly Work[] }

export const NO_SHAPE: Omit<Judged, 'verdict' | 'reasons' | 'work'> = {
  placement: null,
  pinch: null,
  pad: ZERO,
  jamb: null,
  storm: null,
  leaf: null,
}

/** Judges a unit's shape: whether it goes in, and the work that takes. Structure is never altered. */
export function judgeShape(unit: CatalogueUnit, request: Request): Shape {
  const { work, ...judged } = judgedFor(unit, request)
  const preparations = work.map(one => prepare(...one, request.rates))
  return { ...judged, preparations, minutes: preparations.reduce((sum: number, one) => sum + one.minutes, 0) }
}

function judgedFor(unit: CatalogueUnit, request: Request): Judged {
  switch (judgedBy(unit)) {
    case 'hole':
      return request.points ? judgeInHole(unit, request, request.points) : notRead('opening')
    case 'trim':
      return request.site.trim ? judgeStorm(unit, unit.storm!, request.site.trim, request) : notRead('brickmould')
    case 'leaf':
      return request.site.leaf ? judgeLeaf(unit, unit.leaf!, request.site.leaf, request) : notRead('leaf')
    case 'lock':
      return judgeLock(unit, request)
  }
}

const notRead = (what: string): Judged => ({
  ...NO_SHAPE,
  verdict: 'dropped',
  reasons: [because('not-read', 'stop', { what }, 'completeness')],
  work: [],
})

function judgeInHole(unit: CatalogueUnit, request: Request, points: NonNullable<Request['points']>): Judged {
  const { wishes, lengths } = request
  const { pad, reasons: padReasons } = padFor(unit, request)
  const placement = placeUnit(points, { unit, pad, shift: wishes.shift })
  const pinch = pinchOf(points, unit, placement)
  const room = judgeRoom(placement, lengths)
  const throat = unit.frame ? judgeThroat(unit.frame.throat, request) : null
  const jamb = request.wall === null || unit.frame ? null : jambFor(unit.jamb, request.wall, request)
  return {
    ...NO_SHAPE,
    verdict: throat?.isWrong ? 'dropped' : room.verdict,
    reasons: [...(throat?.reasons ?? []), ...room.reasons, ...padReasons, ...thresholdReasons(unit, pad, request)],
    placement,
    pinch,
    pad,
    jamb,
    work: [
      ...roomWork(unit, request, { ...placement, pinchPlace: pinch.place, pad }),
      ...jambWork(unit, jamb, request),
      ...(throat?.work(unit) ?? []),
    ],
  }
}

/** The packing under the sill, and whether a fire label has lowered the clearance it is packed to. */
function padFor(
  unit: CatalogueUnit,
  { wishes, floor, lengths, site }: Request,
): { readonly pad: Length; readonly reasons: readonly Finding<ShapeCode>[] } {
  if (wishes.swing !== 'in' || floor === null || unit.leafBottom === 0) return { pad: ZERO, reasons: [] }
  const wanted = lengths['floor-target'].value
  const isLabelled = unit.labelMinutes > 0 && site.labelMinutes > 0
  const target = isLabelled ? smallestOf([wanted, lengths['label-floor-most'].value]) : wanted
  const reasons =
    target < wanted
      ? [
          because<ShapeCode>(
            'label-floor',
            'watch',
            { most: { length: target }, wanted: { length: wanted } },
            'label-floor-most',
          ),
        ]
      : []
  return { pad: largestOf([ZERO, minus(target, minus(unit.leafBottom, floor))]), reasons }
}

/** Whether the threshold's back stands too low over the floor inside to be finished. The leaf's bottom is taken for its top: it closes just
 *  over it, or behind its bumper. */
function thresholdReasons(
  unit: CatalogueUnit,
  pad: Length,
  { floor, lengths }: Request,
): readonly Finding<ShapeCode>[] {
  if (floor === null || unit.leafBottom === 0 || unit.sillDepth === 0) return []
  const back = minus(plus(unit.leafBottom, pad), floor)
  const least = lengths['threshold-back-least']
  if (back >= least.value) return []
  const facts = { back: { length: largestOf([ZERO, back]) }, least: { length: least.value } }
  return [because<ShapeCode>('threshold-low', 'watch', facts, least.id)]
}

/** How this unit's own jamb meets the wall. */
function jambFor(jamb: Length, wall: Length, { lengths }: Request): JambOption {
  const chosen = chooseJamb(wall, jambRules([jamb], lengths))
  return chosen.options[0]!
}

type Stood = {
  readonly sideRoom: Length
  readonly headGap: Length
  readonly sillSupport: readonly Length[]
  readonly pinchPlace: string
  readonly pad: Length
}

function roomWork(
  unit: CatalogueUnit,
  { lengths, site }: Request,
  { sideRoom, headGap, sillSupport, pinchPlace, pad }: Stood,
): readonly Work[] {
  const wanted = lengths['room-width'].value
  const legs = times(unit.height, 2)
  const loose = lengths['room-loose'].value
  const builtDown = minus(headGap, lengths['room-height'].value)
  const hollow = minus(largestOf(sillSupport), pad)
  const when = (holds: boolean, ...work: Work): readonly Work[] => (holds ? [work] : [])
  return [
    ...when(sideRoom > loose, 'pack-sides', 'sides', minus(sideRoom, wanted), legs),
    ...when(
      sideRoom < wanted - lengths['deviation-tape'].value,
      'relieve-pinch',
      pinchPlace,
      minus(wanted, sideRoom),
      unit.height,
    ),
    ...when(headGap > loose, 'build-down-head', 'head', builtDown, unit.width),
    ...when(builtDown > lengths['patch-above'].value, 'patch-siding', 'head', builtDown, unit.width),
    ...when(pad > 0, 'pad-sill', 'sill', pad, unit.width),
    ...when(hollow > lengths['sill-correct'].value, 'level-sill', 'sill', hollow, unit.width),
    ...when(
      site.siding !== null && site.siding > 0,
      'pad-siding',
      'siding',
      site.siding ?? ZERO,
      plus(legs, unit.width),
    ),
  ]
}

function jambWork(unit: CatalogueUnit, jamb: JambOption | null, { lengths }: Request): readonly Work[] {
  const run = plus(times(unit.height, 2), unit.width)
  switch (jamb?.kind) {
    case 'extension':
      return [['extend-jamb', 'jamb', jamb.difference, run]]
    case 'solid':
      return [['solid-jamb', 'jamb', jamb.jamb, run]]
    case 'standard':
      return magnitude(jamb.difference) > lengths['wall-spare'].value
        ? [['plane-jamb', 'jamb', ticks(Math.abs(jamb.difference)), run]]
        : []
    case undefined:
      return []
  }
}

/** A lock set in the leaf that stays: another kind of case is chopped in, or the old one filled. */
function judgeLock(unit: CatalogueUnit, { site }: Request): Judged {
  const lock = unit.lock!
  if (!site.lock) return notRead('lock')
  const changes = site.lock.kind !== null && site.lock.kind !== lock.kind
  const isChopped = lock.kind === 'mortise case'
  const depth = lock.case ?? lock.backset
  return {
    ...NO_SHAPE,
    verdict: 'fits',
    reasons: [because('lock-fits', 'fine', { backset: { length: lock.backset } }, 'backset-near')],
    work: changes ? [[isChopped ? 'chop-case' : 'fill-edge', 'lock', depth, unit.height]] : [],
  }
}
