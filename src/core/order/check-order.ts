import { type Cure, cure } from '../base/cures'
import type { Finding } from '../base/finding'
import type { Counting } from '../catalogue/firm'
import { goesIn } from '../catalogue/judge-unit'
import type { Offer } from '../catalogue/offer'
import type { Specification } from '../specification/specify'
import type { SpecifyOf } from '../specification/specify-of'
import type { Detail } from '../specification/wish-values'
import type { Wishes } from '../specification/wishes'
import type { Survey } from '../survey/survey'
import type { OrderChoices } from './order-choices'
import { type DetailFacts, foundDetail } from './order-line'
import type { OrderOf } from './order-of'
import type { SignedChoice } from './signed-choice'

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
  | 'order-stopped'
  | 'order-correct-first'
  | 'order-went-on'
  | 'order-unread'
  | 'pet-flap'
  | 'order-flap-label'
  | 'order-flap-elsewhere'
  | 'hinges-plain'
  | 'finish-near-sea'
  | 'signed-otherwise'

export type OrderRequest = {
  readonly specify: Pick<SpecifyOf, 'settles' | 'hasJamb' | 'derivesUnit'>
  /** What the chosen unit's kind answers; `null` while none is chosen. */
  readonly of: OrderOf | null
  readonly survey: Survey
  readonly specification: Specification
  readonly wishes: Wishes
  readonly questions: OrderChoices['questions']
  /** Reasons to go on against what is to be corrected first. */
  readonly waived: OrderChoices['waived']
  /** What must be read before anything is ordered, and was not. */
  readonly unread: readonly string[]
  readonly offer: Offer | null
  /** What the order names of the chosen unit, as far as it is settled. */
  readonly details: { readonly [detail in Detail]?: string }
  readonly facts: DetailFacts
  /** What measuring, diagnosing and specifying found. */
  readonly findings: readonly Finding[]
  readonly answers: { readonly 'sill-lumber': string }
  /** Whether the maker's convention for a hand is known. */
  readonly isConventionKnown: boolean
  readonly labelWanted: number
  /** A unit made to order above this is measured twice. */
  readonly secondLookCents: number
  readonly counting: Counting
  readonly isMeasuredTwice: boolean
  /** The least class of hinge that carries the leaf; `null` where its weight is not known. */
  readonly hingeClass: string | null
  /** What the customer chose and signed; `null` where nothing was. */
  readonly signed: SignedChoice | null
}

/** What stands in the way of releasing a line (stop), and what is risky (watch). Empty means it can go. */
export function checkOrder(request: OrderRequest): readonly Finding<OrderCode>[] {
  const { offer, findings } = request
  return [
    ...missingIn(request).map(missing),
    ...(offer && !goesIn(offer) ? [make('order-does-not-fit', 'stop', { article: offer.unit.article })] : []),
    ...findings.flatMap(one => riskOf(one, request) ?? []),
    ...(offer?.reasons ?? []).filter(one => one.severity === 'correct').map(one => againstIt(one, request)),
    ...(request.unread.length ? [againstIt(unread(request.unread), request)] : []),
    ...uncheckedRisk(findings),
    ...(offer && offer.verdict === 'tight' ? [make('order-edge', 'watch', { article: offer.unit.article })] : []),
    ...secondLook(request),
    ...treatedBoard(request),
    ...sillAgainstSwing(request),
    ...foundOtherwise(request),
    ...petFlap(request),
    ...plainHinges(request),
    ...signedOtherwise(request),
    ...nearSea(request),
    ...request.questions
      .filter(one => one.answer === '')
      .map(({ question }) => make('order-question-open', 'watch', { question }, 'questions')),
  ]
}

function missingIn(request: OrderRequest): readonly string[] {
  const { specification, wishes, offer, specify, of, survey } = request
  const has = (fact: OrderOf['hand'][number]) => of?.hand.includes(fact) ?? false
  const stays = of !== null && !of.isDerived
  const wantsSize = specify.derivesUnit && !stays
  return [
    ...(wantsSize && !specification.unit ? ['size'] : []),
    ...specify.settles.filter(name => wishes[name] === null),
    ...(has('activeLeaf') && !survey.facts.get('fact.active-leaf') ? ['active-leaf'] : []),
    ...(has('panels') && !survey.facts.get('fact.moving-panel') ? ['panels'] : []),
    ...(specify.hasJamb && !stays && !specification.jamb ? ['wall'] : []),
    ...(offer ? [] : ['unit']),
    ...(wishes.settings.includes('fire-label') && request.labelWanted === 0 ? ['label'] : []),
    ...(offer && of ? of.details(offer.unit).filter(one => request.details[one] === undefined) : []).map(
      one => `detail.${one}`,
    ),
  ]
}

function make(
  code: OrderCode,
  severity: 'watch' | 'correct' | 'stop',
  facts: Finding['facts'],
  place = 'order',
  cures: readonly Cure[] = [],
): Finding<OrderCode> {
  return { code, place, severity, facts, rule: 'completeness', cures }
}

/** Where what is missing is settled: a reading, a fact, a wish, or the detail's own field. */
const placeOfMissing: Readonly<Record<string, string>> = {
  'active-leaf': 'fact.active-leaf',
  panels: 'fact.moving-panel',
  wall: 'wall.left',
  unit: 'unit',
  label: 'wish.labelMinutes',
}
const missing = (what: string): Finding<OrderCode> =>
  make('order-missing', 'stop', { what }, placeOfMissing[what] ?? (what.includes('.') ? what : `wish.${what}`), [
    cure('order.settle'),
  ])

function riskOf({ code, place, severity, facts }: Finding, request: OrderRequest): Finding<OrderCode> | null {
  switch (code) {
    case 'reading-suspect':
    case 'reading-contradicts':
    case 'second-differs':
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
      if (severity === 'correct') return againstIt({ code, place, facts }, request)
      return severity === 'stop' ? make('order-stopped', 'stop', { code }, place) : null
  }
}

/** The key by which a finding is gone on against. */
export const waiverOf = ({ code, place }: Pick<Finding, 'code' | 'place'>): string => `${code} ${place}`

/** One reason to go on against everything that should be corrected first. */
export const waiversFor = (findings: readonly Finding[], reason: string): OrderChoices['waived'] =>
  Object.fromEntries(
    findings
      .filter(one => one.code === 'order-correct-first')
      .map(({ place, facts }) => [waiverOf({ code: String(facts.of), place }), reason]),
  )

type Against = Pick<Finding, 'code' | 'place' | 'facts'>

/** What is to be corrected first stands in the way until somebody says why it is ordered all the same. */
function againstIt({ code, place, facts }: Against, { waived }: OrderRequest): Finding<OrderCode> {
  const reason = waived[waiverOf({ code, place })]
  return reason === undefined
    ? make('order-correct-first', 'correct', { ...facts, of: code }, place)
    : make('order-went-on', 'watch', { ...facts, of: code, reason }, place)
}

/** All that was not read in one line. */
const unread = (slots: readonly string[]): Against => ({
  code: 'order-unread',
  place: slots[0]!,
  facts: { slot: slots.join(' ') },
})

/** All unchecked readings in one line: a list of them would hide what stops the order. */
function uncheckedRisk(findings: readonly Finding[]): readonly Finding<OrderCode>[] {
  const unchecked = findings.filter(one => one.code === 'reading-unchecked')
  const slot = unchecked.map(one => one.facts.slot).join(' ')
  return unchecked.length ? [make('order-unchecked', 'watch', { slot }, unchecked[0]!.place)] : []
}

/** What is made to order and dear can't be sent back: its size is measured by another way, hand or instrument first. */
function secondLook({
  offer,
  secondLookCents,
  counting,
  isMeasuredTwice,
}: OrderRequest): readonly Finding<OrderCode>[] {
  if (!offer || offer.unit.stock || offer.unit.priceCents <= secondLookCents || isMeasuredTwice) return []
  return [make('order-second-look', 'stop', { article: offer.unit.article, cents: offer.unit.priceCents, ...counting })]
}

/** A treated board eats aluminium it touches. */
function treatedBoard({ offer, answers }: OrderRequest): readonly Finding<OrderCode>[] {
  const touches = offer !== null && offer.pad > 0 && /alumin/i.test(offer.unit.details.sill ?? offer.unit.material)
  return touches && answers['sill-lumber'] === 'treated' ? [make('order-treated-board', 'watch', {})] : []
}

const STANDS_SALT = /stainless|brass|bronze/i

/** Salt eats plated steel: near the sea hinges and hardware are of a metal that stands it. */
function nearSea(request: OrderRequest): readonly Finding<OrderCode>[] {
  const finish = request.details['hinge-finish']
  if (!request.wishes.settings.includes('near-sea') || finish === undefined || STANDS_SALT.test(finish)) return []
  return [againstIt({ code: 'finish-near-sea', place: 'detail.hinge-finish', facts: { made: finish } }, request)]
}

/** The customer signed for another unit, another colour, or to keep the old door. */
function signedOtherwise(request: OrderRequest): readonly Finding<OrderCode>[] {
  const { signed, offer, details } = request
  if (!signed || !offer) return []
  const colour = details['colour-outside'] ?? details['colour-inside']
  const isOtherUnit = signed.unit !== offer.unit.id
  const isOtherColour = signed.colour !== '' && colour !== undefined && colour !== signed.colour
  if (!isOtherUnit && !isOtherColour) return []
  const facts = {
    by: signed.by,
    made: isOtherUnit ? offer.unit.article : (colour ?? ''),
    wanted: isOtherUnit ? signed.name : signed.colour,
  }
  return [
    againstIt({ code: 'signed-otherwise', place: isOtherUnit ? 'unit' : 'detail.colour-outside', facts }, request),
  ]
}

const isBall = (text: string): boolean => /\bball/i.test(text)

/** Plain hinges under a leaf that wants ball bearings wear, and the leaf drops onto its strike. */
function plainHinges(request: OrderRequest): readonly Finding<OrderCode>[] {
  const [size, wanted] = [request.details['hinge-size'], request.hingeClass]
  if (size === undefined || wanted === null || !isBall(wanted) || !/\bplain\b/i.test(size) || isBall(size)) return []
  const against = { code: 'hinges-plain', place: 'detail.hinge-size', facts: { made: size, wanted } }
  return [againstIt(against, request)]
}

/** A flap is made into the leaf, never into a labelled one. Where one is why, it is settled with the order, or a reason said. */
function petFlap(request: OrderRequest): readonly Finding<OrderCode>[] {
  const { of, offer, wishes, details, labelWanted } = request
  const [flap, place] = [details['pet-flap'], 'detail.pet-flap']
  if (!of || !offer) return []
  if (flap !== undefined && flap !== 'none' && labelWanted > 0)
    return [make('order-flap-label', 'stop', { label: labelWanted }, place)]
  if (!wishes.visit.reasons.includes('pet') || flap !== undefined) return []
  return of.extras.some(one => one === 'pet-flap')
    ? [againstIt({ code: 'pet-flap', place, facts: {} }, request)]
    : [make('order-flap-elsewhere', 'watch', {}, 'visit.reasons')]
}

const OUT_SWING_SILL = /out-?\s?swing|bumper/i
const IN_SWING_SILL = /in-?\s?swing/i

/** A sill made for the other swing: its bumper stops an in-swing leaf, and an out-swing leaf finds none. */
function sillAgainstSwing({ offer, of, wishes, details }: OrderRequest): readonly Finding<OrderCode>[] {
  if (!offer || !wishes.swing || !of?.hand.includes('swing')) return []
  const sill = details.sill ?? ''
  const wrong = (wishes.swing === 'in' ? OUT_SWING_SILL : IN_SWING_SILL).test(sill)
  return wrong ? [make('order-sill-swing', 'stop', { sill, swing: wishes.swing }, 'detail.sill')] : []
}

/** What is made otherwise than what was found of the old door. Holes for what is not there do no harm; others have to match. */
function foundOtherwise({ offer, of, details, facts }: OrderRequest): readonly Finding<OrderCode>[] {
  if (!offer || !of) return []
  return of.details(offer.unit).flatMap(detail => {
    const [found, made] = [foundDetail(offer.unit, detail, facts), details[detail]]
    if (detail === 'anchors' || found === null || made === undefined || made === found) return []
    return [
      make('order-found-otherwise', found === 'none' ? 'watch' : 'stop', { detail, found, made }, `detail.${detail}`),
    ]
  })
}

export const mayRelease = (findings: readonly Finding<OrderCode>[]): boolean =>
  findings.every(one => one.severity !== 'stop' && one.severity !== 'correct')
