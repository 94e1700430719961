import type { Finding } from '../base/finding'
import { goesIn } from '../catalogue/judge-unit'
import type { Offer } from '../catalogue/offer'
import { detailsAsked } from '../catalogue/unit-values'
import type { Specification } from '../specification/specify'
import type { Wishes } from '../specification/wishes'
import type { Survey } from '../survey/survey'
import { type DetailFacts, detailFacts, detailsOf, foundDetail } from './order-line'

export type OrderCode =
  | 'order-missing'
  | 'order-does-not-fit'
  | 'order-contradiction'
  | 'order-reading-suspect'
  | 'order-unchecked'
  | 'order-hand'
  | 'order-edge'
  | 'order-differs'
  | 'order-hole-assumed'
  | 'order-second-look'
  | 'order-treated-board'
  | 'order-question-open'
  | 'order-sill-swing'
  | 'order-found-otherwise'

/** What a kind of door must have settled, and whether its jamb must be known. */
type Asked = {
  readonly settles: readonly ('hinges' | 'swing' | 'bore')[]
  readonly hasJamb: boolean
  readonly derivesUnit: boolean
}

export type OrderRequest = {
  readonly survey: Survey
  readonly specification: Specification
  readonly wishes: Wishes
  readonly offer: Offer | null
  /** What measuring and specifying found. */
  readonly findings: readonly Finding[]
  readonly asked: Asked
  readonly answers: { readonly 'outside-trim': 'keep' | 'strip'; readonly 'sill-lumber': string }
  /** Whether the maker's convention for a hand is known. */
  readonly isConventionKnown: boolean
  readonly labelWanted: number
  /** A unit made to order above this is measured twice. */
  readonly secondLookCents: number
  readonly isMeasuredTwice: boolean
}

/** What stands in the way of releasing a line (stop), and what is risky (watch). Empty means it can go. */
export function checkOrder(request: OrderRequest): readonly Finding<OrderCode>[] {
  const { offer, findings } = request
  return [
    ...missingIn(request).map((what): Finding<OrderCode> => make('order-missing', 'stop', { what })),
    ...(offer && !goesIn(offer) ? [make('order-does-not-fit', 'stop', { article: offer.unit.article })] : []),
    ...findings.flatMap(one => riskOf(one, request) ?? []),
    ...uncheckedRisk(findings),
    ...(offer && offer.verdict === 'tight' ? [make('order-edge', 'watch', { article: offer.unit.article })] : []),
    ...secondLook(request),
    ...treatedBoard(request),
    ...sillAgainstSwing(request),
    ...foundOtherwise(request),
    ...request.wishes.questions
      .filter(one => one.answer === '')
      .map(({ question }) => make('order-question-open', 'watch', { question })),
  ]
}

function missingIn({ specification, wishes, offer, asked, survey, ...request }: OrderRequest): readonly string[] {
  const isLock = offer?.unit.lock != null
  const fact = (slot: 'fact.active-leaf' | 'fact.moving-panel') => survey.facts.get(slot)
  return [
    ...(!asked.derivesUnit || isLock || specification.unit ? [] : ['size']),
    ...asked.settles.filter(name => wishes[name] === null),
    ...(offer?.unit.family === 'pair' && !fact('fact.active-leaf') ? ['active-leaf'] : []),
    ...(offer?.unit.panels && !fact('fact.moving-panel') ? ['panels'] : []),
    ...(!asked.hasJamb || isLock || specification.jamb ? [] : ['wall']),
    ...(offer ? [] : ['unit']),
    ...(wishes.settings.includes('fire-label') && request.labelWanted === 0 ? ['label'] : []),
    ...(offer ? unsettledDetails(offer, wishes, detailFacts(survey, request.answers['outside-trim'])) : []),
  ]
}

/** What an order of this unit still has to name. */
function unsettledDetails(offer: Offer, wishes: Wishes, facts: DetailFacts): readonly string[] {
  const settled = detailsOf(offer.unit, wishes, facts)
  return detailsAsked(offer.unit)
    .filter(one => settled[one] === undefined)
    .map(one => `detail.${one}`)
}

function make(
  code: OrderCode,
  severity: 'watch' | 'stop',
  facts: Finding['facts'],
  place = 'order',
): Finding<OrderCode> {
  return { code, place, severity, facts, rule: 'completeness', cures: [] }
}

function riskOf({ code, place, severity, facts }: Finding, request: OrderRequest): Finding<OrderCode> | null {
  switch (code) {
    case 'reading-suspect':
      return make('order-reading-suspect', 'stop', { slot: place }, place)
    case 'ways-disagree':
      return make('order-differs', 'stop', { slot: place }, place)
    case 'wishes-contradict':
      return severity === 'correct' ? make('order-contradiction', 'stop', facts, place) : null
    case 'hand-conventions':
      return request.isConventionKnown ? null : make('order-hand', 'watch', {}, place)
    case 'hole-assumed':
      return make('order-hole-assumed', 'watch', {}, place)
    default:
      return null
  }
}

/** All unchecked readings in one line: a list of them would hide what stops the order. */
function uncheckedRisk(findings: readonly Finding[]): readonly Finding<OrderCode>[] {
  const unchecked = findings.filter(one => one.code === 'reading-unchecked')
  const slot = unchecked.map(one => one.facts.slot).join(' ')
  return unchecked.length ? [make('order-unchecked', 'watch', { slot }, unchecked[0]!.place)] : []
}

/** What is made to order and dear can't be sent back: its size is measured by another way, hand or instrument first. */
function secondLook({ offer, secondLookCents, isMeasuredTwice }: OrderRequest): readonly Finding<OrderCode>[] {
  if (!offer || offer.unit.stock || offer.unit.priceCents <= secondLookCents || isMeasuredTwice) return []
  return [make('order-second-look', 'stop', { article: offer.unit.article, cents: offer.unit.priceCents })]
}

/** A treated board eats aluminium it touches. */
function treatedBoard({ offer, answers }: OrderRequest): readonly Finding<OrderCode>[] {
  const touches = offer !== null && offer.pad > 0 && /alumin/i.test(offer.unit.details.sill ?? offer.unit.material)
  return touches && answers['sill-lumber'] === 'treated' ? [make('order-treated-board', 'watch', {})] : []
}

const OUT_SWING_SILL = /out-?\s?swing|bumper/i
const IN_SWING_SILL = /in-?\s?swing/i

/** A sill made for the other swing: its bumper stops an in-swing leaf, and an out-swing leaf finds none. */
function sillAgainstSwing({ offer, wishes, survey, answers }: OrderRequest): readonly Finding<OrderCode>[] {
  if (!offer || !wishes.swing || offer.unit.panels !== null) return []
  const sill = detailsOf(offer.unit, wishes, detailFacts(survey, answers['outside-trim'])).sill ?? ''
  const wrong = (wishes.swing === 'in' ? OUT_SWING_SILL : IN_SWING_SILL).test(sill)
  return wrong ? [make('order-sill-swing', 'stop', { sill, swing: wishes.swing })] : []
}

/** What is made otherwise than what was found of the old door. Holes for what is not there do no harm; others have to match. */
function foundOtherwise({ offer, wishes, survey, answers }: OrderRequest): readonly Finding<OrderCode>[] {
  if (!offer) return []
  const facts = detailFacts(survey, answers['outside-trim'])
  const settled = detailsOf(offer.unit, wishes, facts)
  return detailsAsked(offer.unit).flatMap(detail => {
    const [found, made] = [foundDetail(offer.unit, detail, facts), settled[detail]]
    if (detail === 'anchors' || found === null || made === undefined || made === found) return []
    return [make('order-found-otherwise', found === 'none' ? 'watch' : 'stop', { detail, found, made })]
  })
}

export const mayRelease = (findings: readonly Finding<OrderCode>[]): boolean =>
  findings.every(one => one.severity !== 'stop')
