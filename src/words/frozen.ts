import type { Finding } from '@/core/base/finding'
import type { DisplayStep } from '@/core/units/format-length'
import { codeWords } from './codes'
import { findingWords, isFindingCode } from './findings'

/** What a finding said when it was frozen into an order; a code of another version of Harvek is said as it is. */
export const frozenWords = (code: string, place: string, facts: Finding['facts'], step: DisplayStep): string =>
  isFindingCode(code) ? findingWords({ code, place, facts, cures: [] }, step).title : codeWords(code)
