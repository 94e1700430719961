import type { Offer } from '../catalogue/offer'
import { detailChoices, detailsAsked } from '../catalogue/unit-values'
import type { Detail } from '../specification/wish-values'
import type { Wishes } from '../specification/wishes'
import { type DetailFacts, detailsOf } from './order-line'

/** What is to be asked of the maker before a unit is ordered. */
export type MakerQuestion =
  /** The sheet does not say it, and nobody settled it. */
  | { readonly kind: 'detail'; readonly detail: Detail }
  /** A code for the hand of an out-swing door can be read two ways. */
  | { readonly kind: 'convention' }
  /** What is made to order takes as long as it takes. */
  | { readonly kind: 'days'; readonly days: number }
  /** Somebody's own. */
  | { readonly kind: 'own'; readonly question: string; readonly answer: string }

type Asked = {
  readonly offer: Offer
  readonly wishes: Pick<Wishes, 'details' | 'questions'>
  readonly facts: DetailFacts
  readonly isHandUnclear: boolean
}

/** Every question to the maker that is open, the installer's own first; and those of the own that were answered, last. */
export function makerQuestions({ offer, wishes, facts, isHandUnclear }: Asked): readonly MakerQuestion[] {
  const { unit } = offer
  const settled = detailsOf(unit, wishes, facts)
  const own = wishes.questions.map(one => ({ kind: 'own', ...one }) as const)
  return [
    ...own.filter(one => one.answer === ''),
    ...detailsAsked(unit)
      .filter(detail => settled[detail] === undefined && detailChoices(unit.details[detail]).length === 0)
      .map(detail => ({ kind: 'detail', detail }) as const),
    ...(isHandUnclear ? [{ kind: 'convention' } as const] : []),
    ...(unit.stock ? [] : [{ kind: 'days', days: unit.leadDays } as const]),
    ...own.filter(one => one.answer !== ''),
  ]
}

export const isOpen = (question: MakerQuestion): boolean => question.kind !== 'own' || question.answer === ''
