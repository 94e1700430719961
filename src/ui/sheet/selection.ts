import { isAnswered, type Survey } from '@/core/survey/survey'
import type { Question } from '@/core/survey/survey-of'

/** The next question that is open, after `from` in walking order and round to the start; `null` when none is.
 *  One that was skipped is asked again only when nothing else is left open. */
export function nextOpen<Q extends Question>(questions: readonly Q[], survey: Survey, from: Question | null): Q | null {
  const open = afterFirst(questions, from).filter(one => !isAnswered(survey, one) && one !== from)
  return open.find(one => !survey.skipped.has(one)) ?? null
}

/** One further or back on the list, round its ends. */
export function neighbourOf<Q extends Question>(questions: readonly Q[], from: Q, by: 1 | -1): Q {
  const at = questions.indexOf(from) + by
  return questions[(at + questions.length) % questions.length]!
}

/** The list turned so that it begins behind `from`; as it is when `from` is not in it. */
function afterFirst<Q extends Question>(questions: readonly Q[], from: Question | null): readonly Q[] {
  const behind = questions.map(one => one !== from).lastIndexOf(false) + 1
  return [...questions.slice(behind), ...questions.slice(0, behind)]
}
