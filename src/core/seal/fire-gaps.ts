import type { Length } from '../units/length'

/** What a rule allows at an edge; `null` where it sets no limit on that side. */
export type GapRule = readonly [least: Length | null, most: Length | null]
export type GapVerdict = 'within' | 'too close' | 'beyond'

/** The worst of an edge's readings against its rule: too close to call within `deviation` of a limit, on either side of it, ends included.
 *  `null` without a reading. */
export function judgeGaps(gaps: readonly Length[], [least, most]: GapRule, deviation: Length): GapVerdict | null {
  const verdicts = gaps.map((gap): GapVerdict => {
    // How far it is inside its nearest limit; negative outside.
    const inside = Math.min(
      least === null ? Number.POSITIVE_INFINITY : gap - least,
      most === null ? Number.POSITIVE_INFINITY : most - gap,
    )
    return Math.abs(inside) <= deviation ? 'too close' : inside > 0 ? 'within' : 'beyond'
  })
  return (['beyond', 'too close', 'within'] as const).find(one => verdicts.includes(one)) ?? null
}
