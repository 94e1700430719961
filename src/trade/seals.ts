import type { Seal } from '@/core/seal-stock/seal'
import { SEALS_BOTTOM } from './seals-bottom'
import { SEALS_ROUND } from './seals-round'

/** Seals by kind. Gap range, push, leakage when compressed, price and life are typical of the kind, not of a maker. */
export const SEALS: readonly Seal[] = [...SEALS_ROUND, ...SEALS_BOTTOM]

/** What a sheet calls the seals its unit ships with, and which of these that is: the first word that stands in it. */
const SHIPPED: readonly (readonly [word: RegExp, side: string, bottom: string])[] = [
  [/none|without/i, '', ''],
  [/magnet/i, 'magnetic-strip', 'sweep-fin-long'],
  [/bronze/i, 'spring-bronze', 'sweep-fin-long'],
  [/brush/i, 'carrier-brush', 'sweep-brush'],
  [/double/i, 'push-in-foam', 'sweep-double'],
  [/drop/i, 'push-in-foam', 'drop-seal'],
  [/fin|sweep/i, 'edge-fin', 'sweep-fin-long'],
  [/bulb|tube/i, 'push-in-tube', 'threshold-bulb'],
  [/foam|push/i, 'push-in-foam', 'sweep-fin-long'],
]

/** The seal a sheet's words mean at the sides or at the bottom; `null` where they mean none. */
export function shippedSeal(words: string | undefined, where: 'sides' | 'bottom'): Seal | null {
  const found = words ? SHIPPED.find(([word]) => word.test(words)) : undefined
  const id = found?.[where === 'sides' ? 1 : 2]
  return SEALS.find(one => one.id === id) ?? null
}
