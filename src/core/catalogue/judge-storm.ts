import type { Finding, Severity } from '../base/finding'
import type { StormVerdict } from '../specification/fit-storm'
import { takenHeights } from '../specification/handle-window'
import { type Length, smallestOf, times, ZERO } from '../units/length'
import type { RoomVerdict } from './judge-room'
import type { Judged, Work } from './judge-shape'
import { because, type OfferVerdict, type ShapeCode } from './offer'
import type { Request, TrimRead } from './request'
import { cutStorm, type StormCut } from './storm-cut'
import type { CatalogueUnit, StormSheet } from './unit'

const VERDICTS: Readonly<Record<StormVerdict, RoomVerdict>> = {
  fits: 'fits',
  pack: 'loose',
  'trim in': 'too-large',
  taper: 'too-large',
  'too low': 'too-large',
  'too high': 'too-small',
  custom: 'too-small',
}

/** Judges a storm, screen or security door for the trim it stands on. */
export function judgeStorm(unit: CatalogueUnit, sheet: StormSheet, trim: TrimRead, request: Request): Judged {
  const { lengths, schools } = request
  const storm = cutStorm(sheet, trim, lengths, schools)
  const verdict = VERDICTS[storm.fit.verdict]
  const isNear = verdict === 'fits' && storm.fit.margin <= lengths['storm-near-limit'].value
  const clashes = handleClashes(sheet, trim, request)
  const isPoor = isTrimPoor(sheet, trim)
  return {
    placement: null,
    pinch: null,
    pad: ZERO,
    jamb: null,
    leaf: null,
    storm,
    verdict: isNear ? 'tight' : (verdict satisfies OfferVerdict),
    reasons: [
      rangeReason(sheet, storm, isNear),
      ...(clashes
        ? [because<ShapeCode>('storm-handle', 'watch', { at: { length: sheet.handleAt } }, 'handle-spare')]
        : []),
      ...(isPoor
        ? [
            because<ShapeCode>(
              'storm-trim',
              'watch',
              { face: { length: sheet.faceLeast }, proud: { length: sheet.proudLeast } },
              'mould-face-least',
            ),
          ]
        : []),
      ...kindReasons(unit, sheet),
    ],
    work: workFor(unit, storm, clashes, isPoor),
  }
}

function rangeReason(sheet: StormSheet, { fit, pack }: StormCut, isNear: boolean): Finding<ShapeCode> {
  const facts = {
    width: { length: fit.governing.width },
    height: { length: fit.governing.height },
    margin: { length: fit.margin },
    least: { length: fit.packLeast },
    most: { length: fit.packMost },
    pack: { length: pack },
    widthLeast: { length: sheet.widthLeast },
    widthMost: { length: sheet.widthMost },
    heightLeast: { length: sheet.heightLeast },
    heightMost: { length: sheet.heightMost },
    verdict: fit.verdict,
  }
  const say = (code: ShapeCode, severity: Severity, rule = 'storm-range') => because(code, severity, facts, rule)
  if (fit.verdict === 'fits')
    return isNear ? say('storm-edge', 'watch', 'storm-near-limit') : say('storm-in-range', 'fine')
  if (fit.verdict === 'pack') return say('storm-packed', 'watch', 'storm-pack-most')
  return say('storm-out-of-range', 'stop')
}

/** What its kind brings with it whatever the opening. */
function kindReasons(unit: CatalogueUnit, { kind }: StormSheet): readonly Finding<ShapeCode>[] {
  if (kind === 'screen') return [because('storm-screen', 'watch', {}, 'storm-kind')]
  const isFullGlass = kind === 'storm' && unit.details.style === 'full glass'
  return isFullGlass ? [because('storm-heat', 'watch', {}, 'storm-kind')] : []
}

/** Whether its handle would meet the entry door's at the height its sheet gives. */
function handleClashes(sheet: StormSheet, trim: TrimRead, { lengths }: Request): boolean {
  const bands = takenHeights(
    trim.entry,
    { half: sheet.handleHalf, proud: sheet.handleProud },
    { space: trim.space, spare: lengths['handle-spare'].value, depthSpare: lengths['handle-depth-spare'].value },
  )
  return bands.some(band => sheet.handleAt >= band.from && sheet.handleAt <= band.to)
}

const isTrimPoor = (sheet: StormSheet, { face, proud, isMoulded }: TrimRead): boolean =>
  isMoulded || (face !== null && face < sheet.faceLeast) || (proud !== null && proud < sheet.proudLeast)

function workFor(unit: CatalogueUnit, { fit, pack }: StormCut, clashes: boolean, isPoor: boolean): readonly Work[] {
  const legs: Length = times(smallestOf([fit.governing.height, unit.height]), 2)
  return [
    ...(pack > 0 ? [['pack-legs', 'sides', pack, legs] as const] : []),
    ...(isPoor ? [['rework-trim', 'trim', unit.storm!.faceLeast, legs] as const] : []),
    ...(clashes ? [['change-handle', 'handle', unit.storm!.handleAt, ZERO] as const] : []),
  ]
}
