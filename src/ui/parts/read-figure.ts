import type { ReadFigure, ReadUnit } from '@/core/base/limit'
import { parseLength } from '@/core/units/parse-length'
import { issueWords } from '@/words/issues'

type Taken = { readonly value: ReadFigure } | { readonly wrong: string }

/** What was typed, as the quantity that is asked for: a length in the job's unit, or a number in its own. */
export function readFigure(draft: string, asked: ReadUnit, unit: 'in' | 'mm'): Taken {
  if (asked === 'length') {
    const parsed = parseLength(draft, { unit })
    return parsed.ok ? { value: { length: parsed.value.ticks } } : { wrong: issueWords(parsed.issues[0]!) }
  }
  const text = draft
    .trim()
    .replace(',', '.')
    .replace('−', '-')
    .replace(/\s*(N|s|°\s*C)$/i, '')
  const number = Number(text)
  const isRead = text !== '' && Number.isFinite(number) && Math.abs(number) <= 10_000
  return isRead && (number >= 0 || asked === 'celsius')
    ? { value: { number } }
    : { wrong: `“${draft}” is no number; type what was read, such as 40.` }
}
