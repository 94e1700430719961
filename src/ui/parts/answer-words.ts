import { figureOf } from '@/core/base/figure'
import { lengthsBySchool } from '@/core/base/school-lengths'
import { resolveSchools, type SchoolId } from '@/core/base/schools'
import type { DisplayStep } from '@/core/units/format-length'
import { LENGTHS } from '@/trade/lengths'
import { NUMBERS } from '@/trade/rates'
import { SCHOOL_LENGTHS } from '@/trade/schools'
import { bothUnits } from '@/words/both-units'
import { figureWords } from '@/words/figures'
import { answerName } from '@/words/schools'

/** What the answer to a practice is called, with the lengths it sets: in the step of a job, in both units where there is none. */
export function answerWords(id: SchoolId, answer: string, step: DisplayStep | null): string {
  const lengths = lengthsBySchool(LENGTHS, resolveSchools({}, {}, { [id]: answer }), SCHOOL_LENGTHS)
  return answerName(id, answer, ref => {
    const figure = figureOf(ref, lengths, NUMBERS)
    return step === null && 'length' in figure ? bothUnits(figure.length, '1/16') : figureWords(figure, step ?? '1/16')
  })
}
