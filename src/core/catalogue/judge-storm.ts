import type { Finding, RuleId, Severity } from '../base/finding'
import type { StormVerdict } from '../specification/fit-storm'
import { takenHeights } from '../specification/handle-window'
import type { Size } from '../units/call-size'
import { type Length, smallestOf, times, ZERO } from '../units/length'
import type { RoomVerdict } from './judge-room'
import { because, type Judged, NO_SHAPE, notRead, type ShapeCode, silent, type Work } from './offer'
import type { Request } from './request'
import type { TrimRead } from './site'
import { cutStorm, type StormCut, type StormSheet } from './storm-cut'

const VERDICTS: Readonly<Record<StormVerdict, RoomVerdict>> = {
  fits: 'fits',
  pack: 'loose',
  'trim in': 'too-large',
  taper: 'too-large',
  'too low': 'too-large',
  'too high': 'too-small',
  custom: 'too-small',
}

/** A storm, screen or security door as its sheet gives it. */
export type StormUnit = Size & StormSheet & { readonly details: { readonly style?: string } }

/** Judges a storm, screen or security door for the trim it stands on. */
export function judgeStorm(unit: StormUnit, request: Request): Judged {
  const { lengths, schools, site } = request
  const { trim } = site
  if (!trim) return notRead('brickmould')
  const storm = cutStorm(unit, trim, lengths, schools)
  const verdict = VERDICTS[storm.fit.verdict]
  const isNear = verdict === 'fits' && storm.fit.margin <= lengths['storm-near-limit'].value
  const clash = handleClash(unit, trim, request)
  const [face, proud] = [
    unit.faceLeast ?? lengths['mould-face-least'].value,
    unit.proudLeast ?? lengths['mould-proud-least'].value,
  ]
  const isPoor = isTrimPoor({ face, proud }, trim)
  const poor = { face: { length: face }, proud: { length: proud } }
  return {
    ...NO_SHAPE,
    storm,
    verdict: isNear ? 'tight' : verdict,
    reasons: [
      rangeReason(unit, storm, isNear),
      ...(clash ? [because<ShapeCode>('storm-handle', 'watch', { at: { length: clash } }, 'handle-spare')] : []),
      ...(isPoor ? [because<ShapeCode>('storm-trim', 'watch', poor, 'mould-face-least')] : []),
      ...(unit.handleAt === null && trim.entry.length > 0 ? [silent('handleAt')] : []),
      ...kindReasons(unit),
    ],
    work: workFor(unit, storm, clash, isPoor ? face : null),
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
  const say = (code: ShapeCode, severity: Severity, rule: RuleId = 'storm-range') =>
    because(code, severity, facts, rule)
  if (fit.verdict === 'fits')
    return isNear ? say('storm-edge', 'watch', 'storm-near-limit') : say('storm-in-range', 'fine')
  if (fit.verdict === 'pack') return say('storm-packed', 'watch', 'storm-pack-most')
  return say('storm-out-of-range', 'stop')
}

/** What its kind brings with it whatever the opening. */
function kindReasons({ stormKind, details }: StormUnit): readonly Finding<ShapeCode>[] {
  if (stormKind === 'screen') return [because('storm-screen', 'watch', {}, 'storm-kind')]
  const isFullGlass = stormKind === 'storm' && details.style === 'full glass'
  return isFullGlass ? [because('storm-heat', 'watch', {}, 'storm-kind')] : []
}

/** The height of its handle where it would meet the entry door's; `null` where it is clear or its sheet does not say. */
function handleClash(sheet: StormSheet, trim: TrimRead, { lengths }: Request): Length | null {
  const at = sheet.handleAt
  if (at === null) return null
  const bands = takenHeights(
    trim.entry,
    {
      half: sheet.handleHalf ?? lengths['handle-half'].value,
      proud: sheet.handleProud ?? lengths['storm-handle-proud'].value,
    },
    { space: trim.space, spare: lengths['handle-spare'].value, depthSpare: lengths['handle-depth-spare'].value },
  )
  return bands.some(band => at > band.from && at < band.to) ? at : null
}

const isTrimPoor = (least: { readonly face: Length; readonly proud: Length }, trim: TrimRead): boolean =>
  trim.isMoulded || (trim.face !== null && trim.face < least.face) || (trim.proud !== null && trim.proud < least.proud)

function workFor(unit: Size, { fit, pack }: StormCut, clash: Length | null, poorFace: Length | null): readonly Work[] {
  const legs: Length = times(smallestOf([fit.governing.height, unit.height]), 2)
  return [
    ...(pack > 0 ? [['pack-legs', 'sides', pack, legs] as const] : []),
    ...(poorFace ? [['rework-trim', 'trim', poorFace, legs] as const] : []),
    ...(clash ? [['change-handle', 'handle', clash, ZERO] as const] : []),
  ]
}
