import { judgeOf } from './judge-of'
import type { Shape } from './offer'
import { prepare } from './preparation'
import type { Request } from './request'
import type { CatalogueUnit } from './unit'

/** Judges a unit's shape: whether it goes in, and the work that takes. Structure is never altered. */
export function judgeShape(unit: CatalogueUnit, request: Request): Shape {
  const { work, ...judged } = judgeOf(request.judges, unit).judge(unit, request)
  const preparations = work.map(one => prepare(...one, request.rates))
  return { ...judged, preparations, minutes: preparations.reduce((sum: number, one) => sum + one.minutes, 0) }
}
