import { cure } from '../base/cures'
import type { Finding } from '../base/finding'
import type { Answer } from './answer'
import type { Reading } from './reading'
import { isLater, struckIn } from './survey'

export type UncheckedCode = 'reading-by-trainee'

/** The readings that stand on the word of somebody who learns: the latest of their place and occasion, not read there by anybody else as well,
 *  and not signed. `readings` are those that were not struck. */
export function uncheckedReadings(readings: readonly Reading[], answers: readonly Answer[]): readonly Reading[] {
  const gone = struckIn(answers)
  const signed = new Set(answers.flatMap(one => (one.kind === 'signed' && !gone.has(one.id) ? [one.code] : [])))
  return readings.filter(
    one =>
      one.unchecked &&
      !signed.has(one.id) &&
      !readings.some(
        other =>
          other.slot === one.slot && other.occasion === one.occasion && (!other.unchecked || isLater(other, one)),
      ),
  )
}

/** Each of them is checked before anything is ordered by it. */
export const judgeUnchecked = (
  readings: readonly Reading[],
  answers: readonly Answer[],
): readonly Finding<UncheckedCode>[] =>
  uncheckedReadings(readings, answers).map(({ slot, takenBy }) => ({
    code: 'reading-by-trainee',
    place: slot,
    severity: 'correct',
    facts: { by: takenBy },
    rule: 'look',
    cures: [cure('reading.sign'), cure('reading.take-check')],
  }))
