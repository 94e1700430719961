import type { Doubt } from '@/core/survey/doubt'
import { boundsOf } from '@/core/survey/readable'
import type { Slot } from '@/core/survey/slots'
import { type DisplayStep, formatRead, formatWithUnit } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { slotName } from './walk'

/** Why nobody can have read this here. */
export function impossibleWords(slot: Slot, text: string): string {
  const { least } = boundsOf(slot)
  return `“${text}” can’t be ${slotName(slot)}: ${least > 0 ? 'it is nothing, or larger than any door' : 'it is far beyond what can be there'}. Check the unit and read it again`
}

/** What is asked before an odd value is taken. */
export function doubtWords(doubt: Doubt, value: Length, step: DisplayStep): string {
  const shown = formatRead(value, step)
  const keep = 'press Enter once more to keep it.'
  switch (doubt.code) {
    case 'apart':
      return `${shown} is ${formatWithUnit(doubt.by, step)} from the others. Read it again, or ${keep}`
    case 'unusual':
      return `${shown} is unusual for a door. Check the unit, or ${keep}`
    case 'much-for-a-gap':
      return `${shown} is a lot for a gap. Read it again, or ${keep}`
  }
}
