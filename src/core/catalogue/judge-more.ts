import type { Size } from '../units/call-size'
import { type Length, magnitude, minus } from '../units/length'
import { judgeThroat } from './judge-throat'
import { because, type Judged, type ShapeCode } from './offer'
import type { Request } from './request'

/** What was judged, for a frame that wraps the wall: its throat must take the wall, whatever the hole. */
export function withThroat(judged: Judged, unit: Size & { readonly throat: Length }, request: Request): Judged {
  const throat = judgeThroat(unit.throat, request)
  return {
    ...judged,
    verdict: throat.isWrong ? 'dropped' : judged.verdict,
    reasons: [...throat.reasons, ...judged.reasons],
    work: [...judged.work, ...throat.work(unit)],
  }
}

type Sidelit = { readonly sidelightLeft: Length | null; readonly sidelightRight: Length | null }

/** What was judged, for a unit with fixed lights: where they are not as wide as the old ones, trim and floor show it. */
export function withSidelights(judged: Judged, unit: Sidelit, { site, lengths }: Request): Judged {
  const limit = lengths['agree-ways'].value
  const differs = (['left', 'right'] as const).flatMap(side => {
    const [made, read] = [side === 'left' ? unit.sidelightLeft : unit.sidelightRight, site.sidelights[side]]
    if (made === null || read === null || magnitude(minus(made, read)) <= limit) return []
    const facts = { side, made: { length: made }, read: { length: read } }
    return [because<ShapeCode>('sidelights-differ', 'watch', facts, 'agree-ways')]
  })
  return { ...judged, reasons: [...judged.reasons, ...differs] }
}
