import type { Finding } from '../base/finding'
import type { Schools } from '../base/schools'
import type { TradeLengths } from '../base/trade-lengths'
import type { Firm } from '../catalogue/firm'
import type { Offer } from '../catalogue/offer'
import type { CatalogueUnit } from '../catalogue/unit'
import { anchorsFor, detailChoices, settledDetail } from '../catalogue/unit-values'
import { type HandConvention, handingCodes } from '../specification/handing'
import type { Specification } from '../specification/specify'
import { trimOutside } from '../specification/trim-outside'
import { trimStays } from '../specification/visit'
import { panelsSaid } from '../specification/wall-rules'
import type { Detail } from '../specification/wish-values'
import type { Wishes } from '../specification/wishes'
import type { FactSlot } from '../survey/facts'
import { leafRead, type Survey } from '../survey/survey'
import type { OrderLine } from './order'
import type { OrderChoices } from './order-choices'
import type { OrderOf } from './order-of'

/** What settles a detail without a wish: whether the outside casing stays, and what the survey found, by question. */
export type DetailFacts = {
  readonly trim: 'keep' | 'strip'
  readonly found: { readonly [slot in FactSlot]?: string }
}

export const detailFacts = (survey: Survey, trim: 'keep' | 'strip'): DetailFacts => ({
  trim,
  found: Object.fromEntries([...survey.facts].map(([slot, { code }]) => [slot, code])),
})

/** Details that go by what was found of the old door or its wall. */
const BY_FACT: { readonly [detail in Detail]?: FactSlot } = {
  'frame-kind': 'fact.frame-kind',
  'hinge-pins': 'fact.pins',
  'closer-prep': 'fact.closer',
  'exit-device': 'fact.exit-device',
}

/** What the survey says a detail has to be; `null` where it says nothing of it. */
export function foundDetail(unit: CatalogueUnit, name: Detail, { found }: DetailFacts): string | null {
  if (name === 'anchors') return anchorsFor(unit.details.anchors, found['fact.wall-kind'])
  const slot = BY_FACT[name]
  return slot ? (found[slot] ?? null) : null
}

/** The outside casing stays: the unit comes without its own. */
export const NO_CASING = 'none-casing-stays'

/** What an order names beside sizes and hand, as far as it is settled: by the sheet, by a wish, or by what was found where the sheet
 *  leaves it open. Where the outside casing stays, the unit comes without its own. */
export function detailsOf(
  of: OrderOf,
  unit: CatalogueUnit,
  { details }: Pick<OrderChoices, 'details'>,
  facts: DetailFacts,
): { readonly [detail in Detail]?: string } {
  const settledFor = (name: Detail): string | null => {
    if (name === 'brickmould' && facts.trim === 'keep') return NO_CASING
    const settled = settledDetail(unit.details[name], details[name])
    if (details[name]) return settled
    const found = foundDetail(unit, name, facts)
    if (name === 'anchors') return found ?? settled
    const choices = detailChoices(unit.details[name])
    return found !== null && (choices.length === 0 || choices.includes(found)) ? found : settled
  }
  const settled = [...of.details(unit), ...of.extras].flatMap(name => {
    const value = settledFor(name)
    return value === null ? [] : [[name, value] as const]
  })
  return Object.fromEntries(settled)
}

export type LineRequest = {
  readonly of: OrderOf
  readonly opening: OrderLine['opening']
  readonly survey: Survey
  readonly specification: Specification
  readonly wishes: Pick<Wishes, 'hinges' | 'swing' | 'visit'>
  readonly choices: OrderChoices
  readonly offer: Offer
  readonly details: OrderLine['details']
  readonly schools: Schools
  readonly firm: Firm
  readonly lengths: TradeLengths
  /** How many hinges each leaf has; `null` without. */
  readonly hingesEach: number | null
  /** The least class that carries the leaf; `null` without hinges, and where nothing is known of its weight. */
  readonly hingeClass: string | null
  readonly labelWanted: number
  readonly risks: readonly Finding[]
  readonly core: string
}

/** The line as it will be frozen. What is missing or contradicts has been looked for before. */
export function orderLine(request: LineRequest): OrderLine {
  const { of, opening, survey, specification, choices, offer, schools, hingesEach } = request
  const { unit } = offer
  const last = [...survey.bySlot.values()].reduce((latest, one) => (one.takenAt > latest.takenAt ? one : latest))
  return {
    opening: { id: opening.id, tag: opening.tag, name: opening.name },
    quantity: 1,
    unit,
    ...sizesFor(request),
    ...handFor(request),
    hingeCount: hingesEach,
    hingeClass: request.hingeClass,
    ...jambFor(request),
    outsideTrim: of.details(unit).includes('brickmould')
      ? trimStays(request.wishes.visit, schools.answers['outside-trim'])
      : null,
    trimOutside: trimOf(request),
    pad: offer.pad,
    padOf: offer.pad === 0 ? null : specification.covering ? 'under-legs' : schools.answers['sill-lumber'],
    cut: offer.storm && {
      pack: offer.storm.pack,
      rail: offer.storm.rail,
      headGap: offer.storm.headGap,
      bottomGap: offer.storm.bottomGap,
      closer: offer.storm.closer,
      closerPin: offer.storm.closerPin,
    },
    details: request.details,
    agreed: choices.questions.filter(one => one.answer !== ''),
    labelWanted: request.labelWanted,
    spares: hingesEach === null ? {} : of.spares(hingesEach),
    tolerance: request.lengths['receipt-accepts'].value,
    preparations: [...offer.preparations],
    cents: offer.cents,
    way: survey.way,
    measuredBy: last.takenBy,
    measuredAt: last.takenAt,
    reason: choices.chosen?.reason ?? '',
    compared: [...choices.compared],
    risks: request.risks.filter(one => one.code !== 'order-went-on').map(one => one.code),
    wentOn: request.risks.flatMap(wentOnOf),
    traces: tracesOf(request.specification),
    core: request.core,
  }
}

/** The size over the trim a unit comes with; `null` where its kind has none, or the old casing stays. */
function trimOf({ of, offer: { unit }, wishes, schools, lengths }: LineRequest): OrderLine['trimOutside'] {
  const comesWithout =
    !of.details(unit).includes('brickmould') || trimStays(wishes.visit, schools.answers['outside-trim']) === 'keep'
  return comesWithout ? null : trimOutside(unit, lengths)
}

/** A finding that was gone on against, with the reason, as the paper says it. */
function wentOnOf({ code, place, facts }: Finding): OrderLine['wentOn'] {
  const { of, reason, ...own } = facts
  return code === 'order-went-on' ? [{ code: String(of), place, facts: own, reason: String(reason) }] : []
}

function tracesOf({ unit, jamb, floor }: Specification): OrderLine['traces'] {
  return [
    ...(unit
      ? [
          { name: 'width' as const, trace: unit.width },
          { name: 'height' as const, trace: unit.height },
        ]
      : []),
    ...(jamb ? [{ name: 'jamb' as const, trace: jamb.wanted }] : []),
    ...(floor ? [{ name: 'floor' as const, trace: floor.withPad }] : []),
  ]
}

type Hand = Pick<OrderLine, 'hinges' | 'swing' | 'activeLeaf' | 'panels' | 'codes' | 'code'>

/** The facts of its hand that a kind has, and their code where it is made of both. */
function handFor(request: LineRequest): Hand {
  const { of, survey, wishes } = request
  const has = (fact: OrderOf['hand'][number]) => of.hand.includes(fact)
  const hinges = has('hinges') ? wishes.hinges : null
  const swing = has('swing') ? wishes.swing : null
  const codes = hinges && swing ? handingCodes(hinges, swing) : null
  return {
    hinges,
    swing,
    activeLeaf: has('activeLeaf') ? sideOf(survey.facts.get('fact.active-leaf')?.code) : null,
    panels: has('panels') ? panelsSaid(survey) : null,
    codes,
    code: codes && codeFor(codes, request),
  }
}

function jambFor({
  specification,
  offer,
  schools,
}: LineRequest): Pick<OrderLine, 'wall' | 'jambExtension' | 'flushFace'> {
  const hasJamb = offer.jamb !== null
  return {
    wall: hasJamb ? (specification.jamb?.wanted.value ?? null) : null,
    jambExtension: offer.jamb?.kind === 'extension' ? offer.jamb.difference : null,
    flushFace: hasJamb ? schools.answers['flush-face'] : null,
  }
}

const sideOf = (code: string | undefined): 'left' | 'right' | null =>
  code === 'left' || code === 'right' ? code : null

/** By the maker's convention where it is known, else by the firm's own. */
function codeFor(
  codes: Readonly<Record<HandConvention, string>>,
  { firm, schools, offer }: LineRequest,
): NonNullable<OrderLine['code']> {
  const known = firm.conventions[offer.unit.maker]
  const convention = known ?? schools.answers['hand-naming']
  return { convention, hand: codes[convention], isKnown: known !== undefined }
}

/** What the size was derived from: readings of a hole, of the trim, or of the old leaf. */
function sizesFor({ of, specification, offer, survey }: LineRequest): Pick<OrderLine, 'derived' | 'roughOpening'> {
  if (offer.storm) {
    const { width, height } = offer.storm.fit.governing
    return { derived: { width, height }, roughOpening: null }
  }
  if (offer.leaf) return { derived: leafRead(survey), roughOpening: null }
  const unit = of.isDerived ? specification.unit : null
  return {
    derived: unit && { width: unit.width.value, height: unit.height.value },
    roughOpening: unit && { width: unit.roughWidth.value, height: unit.roughHeight.value },
  }
}
