import type { Finding } from '@/core/base/finding'
import type { ReceiptCode } from '@/core/order/judge-receipt'
import { type DisplayStep, formatWithUnit } from '@/core/units/format-length'
import { RECEIPT_WORDS } from './order'
import type { Say } from './say'

/** A finding on a delivered unit in words, its lengths in the job's unit. */
export function receiptWords(
  finding: Finding<ReceiptCode>,
  step: DisplayStep,
): { readonly title: string; readonly why: string } {
  const say: Say = name => {
    if (name === 'unitPlace' || name === 'place' || name === 'assumed') return finding.place
    const fact = finding.facts[name]
    if (fact === undefined) return ''
    return typeof fact === 'object' ? formatWithUnit(fact.length, step) : String(fact)
  }
  const { title, why } = RECEIPT_WORDS[finding.code]
  return { title: title(say), why: why(say) }
}
