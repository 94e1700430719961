import type { Finding } from '../base/finding'
import type { Schools } from '../base/schools'
import type { Stage } from '../base/stage'
import type { TradeLengths } from '../base/trade-lengths'
import type { Firm } from '../catalogue/firm'
import type { OfferCode } from '../catalogue/offer'
import type { Offered } from '../catalogue/offered'
import { labelWanted } from '../specification/floor-target'
import type { Specified } from '../specification/specified'
import type { SpecifyOf } from '../specification/specify-of'
import { trimStays } from '../specification/visit'
import type { Wishes } from '../specification/wishes'
import { isAnswered, type Survey } from '../survey/survey'
import type { Question } from '../survey/survey-of'
import type { Way } from '../survey/ways'
import { checkOrder, mayRelease, type OrderCode } from './check-order'
import { isMeasuredTwice } from './measured-twice'
import type { OrderLine } from './order'
import type { OrderChoices } from './order-choices'
import { type DetailFacts, detailFacts, detailsOf, orderLine } from './order-line'
import type { OrderOf } from './order-of'
import type { SignedChoice } from './signed-choice'

/** What is ordered for an opening, as far as it is settled. */
export type Ordered = Offered & {
  /** What the chosen unit's kind answers; `null` while none is chosen. */
  readonly of: OrderOf | null
  /** What the order names of it, and what settles that without a wish. */
  readonly details: OrderLine['details']
  readonly facts: DetailFacts
  /** The line as it would be released; `null` while something stands in its way. */
  readonly line: OrderLine | null
}

export type OrderGiven = {
  readonly opening: OrderLine['opening']
  readonly ways: readonly Way[]
  /** What must be answered before anything is ordered. */
  readonly essential: readonly Question[]
  readonly specify: SpecifyOf
  readonly of: OrderOf | null
  readonly survey: Survey
  readonly specified: Specified
  readonly offered: Offered
  readonly wishes: Wishes
  readonly choices: OrderChoices
  readonly terms: { readonly schools: Schools; readonly lengths: TradeLengths }
  readonly firm: Firm
  /** What measuring, diagnosing and specifying found. */
  readonly measured: readonly Finding[]
  readonly diagnosed: readonly Finding[]
  readonly wanted: readonly Finding[]
  readonly core: string
  /** What the customer chose and signed. */
  readonly signed: SignedChoice | null
}

/** Checks what is ordered, and writes its line when nothing stands in the way. */
export function orderOpening(given: OrderGiven): Stage<Ordered, OrderCode | OfferCode> {
  const { of, survey, specified, offered, wishes, choices, firm } = given
  const findings = [...given.measured, ...given.diagnosed, ...given.wanted]
  const { schools, lengths } = given.terms
  const { chosen } = offered
  const facts = detailFacts(survey, trimStays(wishes.visit, schools.answers['outside-trim']))
  const details = chosen && of ? detailsOf(of, chosen.unit, choices, facts) : {}
  const wanted = labelWanted(survey, wishes)
  const hingeClass = specified.further.hinges?.hinge?.id ?? null
  const checks = checkOrder({
    specify: given.specify,
    of,
    survey,
    specification: specified.specification,
    wishes,
    questions: choices.questions,
    waived: choices.waived,
    unread: chosen ? given.essential.filter(question => !isAnswered(survey, question)) : [],
    offer: chosen,
    details,
    facts,
    findings,
    answers: schools.answers,
    isConventionKnown: chosen !== null && firm.conventions[chosen.unit.maker] !== undefined,
    labelWanted: wanted,
    secondLookCents: firm.secondLookCents,
    counting: { currency: firm.currency, numbers: firm.numbers },
    hingeClass,
    signed: given.signed,
    isMeasuredTwice: isMeasuredTwice(findings, survey, given.ways),
  })
  const hingesEach = of?.hand.includes('swing') && of.isDerived ? hingesOf(specified) : null
  const line =
    chosen && of && mayRelease(checks)
      ? orderLine({
          of,
          opening: given.opening,
          survey,
          specification: specified.specification,
          wishes,
          choices,
          offer: chosen,
          details,
          schools,
          firm,
          lengths,
          hingesEach,
          hingeClass: hingesEach === null ? null : hingeClass,
          labelWanted: wanted,
          risks: checks,
          core: given.core,
        })
      : null
  return { value: { ...offered, of, details, facts, line }, findings: [...checks, ...(chosen?.reasons ?? [])] }
}

const hingesOf = ({ further }: Specified): number | null => further.hingePlaces?.tops.length ?? null
