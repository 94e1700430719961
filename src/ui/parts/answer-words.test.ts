import { SCHOOL_ANSWERS, SCHOOL_IDS } from '@/core/base/schools'
import { answerWords } from './answer-words'

it.each([
  ['rough-opening', 'half', '1/16', '+ 1/2 in'],
  ['rough-opening', 'masonry', '1/16', '+ 1 1/2 in'],
  ['rough-opening', 'three-quarters', '0.5', '+ ≈ 19.1 mm'],
  ['rough-opening', 'half', null, '+ 1/2 in (12.7 mm)'],
  ['head-allowance', 'one-and-a-quarter', '1/16', '1 1/4 in'],
  ['head-allowance', 'one-and-a-half', '1', '38.1 mm'],
  ['extension', 'field-mould', '1', 'Extension up to 50.8 mm'],
] as const)('%s, %s in %s is %s', (id, answer, step, said) => expect(answerWords(id, answer, step)).toBe(said))

it('no answer holds a length of its own, or a figure that is not there', () => {
  for (const id of SCHOOL_IDS)
    for (const answer of SCHOOL_ANSWERS[id]) expect(answerWords(id, answer, '1')).not.toMatch(/\bin\b \d|\d in\b|[{}]/)
})
