import type { LogEntry } from '@/core/log/log'
import type { Answer } from '@/core/survey/answer'
import type { Reading } from '@/core/survey/reading'
import { slotName } from './walk'

/** What somebody added to an opening, as a name for it in a sentence. */
export function rowWords(row: Reading | Answer | LogEntry): string {
  if (!('slot' in row)) return 'What was noted of the work'
  return 'text' in row ? `${slotName(row.slot)} “${row.text}”` : `${slotName(row.slot)}: what was said`
}
