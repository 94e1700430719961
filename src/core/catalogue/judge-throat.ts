import type { Finding, RuleId } from '../base/finding'
import { packStrips } from '../specification/wrap-frame'
import type { Size } from '../units/call-size'
import { type Length, minus, plus, times } from '../units/length'
import { because, type ShapeCode, type Work } from './offer'
import type { Request } from './request'

type ThroatJudged = {
  readonly isWrong: boolean
  readonly reasons: readonly Finding<ShapeCode>[]
  readonly work: (unit: Size) => readonly Work[]
}

/** Judges a frame's throat against the thickest wall: it takes the wall, takes it with strips, or does not. */
export function judgeThroat(throat: Length, { site, lengths }: Request): ThroatJudged {
  const wall = site.wallStack
  if (wall === null)
    return { isWrong: true, reasons: [because('not-read', 'stop', { what: 'wall' }, 'completeness')], work: () => [] }
  const over = minus(throat, wall)
  const facts = { throat: { length: throat }, wall: { length: wall }, over: { length: over } }
  const say = (code: ShapeCode, severity: Finding['severity'], rule: RuleId, more: Finding['facts'] = {}) => [
    because(code, severity, { ...facts, ...more }, rule),
  ]
  if (over < 0) return { isWrong: true, reasons: say('throat-too-small', 'stop', 'wrap'), work: () => [] }
  if (over > lengths['wrap-packs'].value)
    return { isWrong: true, reasons: say('throat-too-large', 'stop', 'wrap-packs'), work: () => [] }
  if (over <= lengths['wrap-fits'].value)
    return { isWrong: false, reasons: say('throat-takes-wall', 'fine', 'wrap-fits'), work: () => [] }
  const strips = packStrips(over, { stripThickness: lengths['wrap-strip'].value, room: lengths['wrap-room'].value })
  return {
    isWrong: false,
    reasons: say('throat-strips', 'watch', 'wrap-fits', { strips }),
    work: unit => [['strip-throat', 'throat', over, times(plus(times(unit.height, 2), unit.width), strips)]],
  }
}
