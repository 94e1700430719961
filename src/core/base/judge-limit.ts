import type { Length } from '../units/length'
import type { Severity } from './finding'
import type { TradeLength } from './trade-lengths'

/** A figure against its limits. `certain` is false when the figure's own deviation reaches across the limit it was judged by. */
export type LimitVerdict = {
  readonly severity: Severity
  readonly limit: Length
  readonly rule: TradeLength['id']
  readonly certain: boolean
}

/** Fine up to `fine`, watch up to `correct`, correct first above it. Without `correct`, anything over is a watch. */
export function judgeLimit(size: number, deviation: number, fine: TradeLength, correct?: TradeLength): LimitVerdict {
  const beyond = correct !== undefined && size > correct.value
  const judgedBy = beyond ? correct : fine
  const certain = [fine, correct].every(one => !one || Math.abs(size - one.value) > deviation)
  return {
    severity: beyond ? 'correct' : size > fine.value ? 'watch' : 'fine',
    limit: judgedBy.value,
    rule: judgedBy.id,
    certain,
  }
}
