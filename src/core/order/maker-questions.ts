import type { Offer } from '../catalogue/offer'
import { detailChoices } from '../catalogue/unit-values'
import type { Detail } from '../specification/wish-values'
import type { OrderChoices } from './order-choices'
import type { OrderOf } from './order-of'

/** What is to be asked of the maker before a unit is ordered. */
export type MakerQuestion =
  /** The sheet does not say it, and nobody settled it. */
  | { readonly kind: 'detail'; readonly detail: Detail }
  /** The sheet is silent on a member that was judged by what the trade has. */
  | { readonly kind: 'member'; readonly member: string }
  /** A code for the hand of an out-swing door can be read two ways. */
  | { readonly kind: 'convention' }
  /** What is made to order takes as long as it takes. */
  | { readonly kind: 'days'; readonly days: number }
  /** Somebody's own. */
  | { readonly kind: 'own'; readonly question: string; readonly answer: string }

type Asked = {
  readonly of: OrderOf
  readonly offer: Offer
  readonly questions: OrderChoices['questions']
  /** What the order names already. */
  readonly details: { readonly [detail in Detail]?: string }
  readonly isHandUnclear: boolean
}

/** Every question to the maker that is open, the installer's own first; and those of the own that were answered, last. */
export function makerQuestions({ of, offer, questions, details, isHandUnclear }: Asked): readonly MakerQuestion[] {
  const { unit } = offer
  const own = questions.map(one => ({ kind: 'own', ...one }) as const)
  return [
    ...own.filter(one => one.answer === ''),
    ...offer.reasons.flatMap(({ code, facts }) =>
      code === 'sheet-silent' ? [{ kind: 'member', member: String(facts.member) } as const] : [],
    ),
    ...of
      .details(unit)
      .filter(detail => details[detail] === undefined && detailChoices(unit.details[detail]).length === 0)
      .map(detail => ({ kind: 'detail', detail }) as const),
    ...(isHandUnclear ? [{ kind: 'convention' } as const] : []),
    ...(unit.stock ? [] : [{ kind: 'days', days: unit.leadDays } as const]),
    ...own.filter(one => one.answer !== ''),
  ]
}

export const isOpen = (question: MakerQuestion): boolean => question.kind !== 'own' || question.answer === ''
