import type { MakerQuestion } from '@/core/order/maker-questions'
import { memberName } from './members'

/** A question to a maker as it is asked. */
export function questionWords(question: MakerQuestion): string {
  switch (question.kind) {
    case 'own':
      return question.question
    case 'detail':
      return `${memberName(`details.${question.detail}`)}: which one does it come with, and what else is there?`
    case 'member':
      return `${memberName(question.member)}: your list does not say it. What is it?`
    case 'convention':
      return 'By which convention do you read a hand’s code: from outside, back to the hinges, push side, or DIN 107?'
    case 'days':
      return `Your list says ${question.days} days. Does that still hold?`
  }
}

/** The open questions as a letter's text. */
export const askText = (
  tag: string,
  { article, name }: { readonly article: string; readonly name: string },
  hand: string,
  questions: readonly string[],
): string => [`${article} ${name}, for ${tag}. ${hand}`, ...questions.map((one, i) => `${i + 1}. ${one}`)].join('\n')
