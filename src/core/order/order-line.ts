import type { Finding } from '../base/finding'
import type { Schools } from '../base/schools'
import type { TradeLengths } from '../base/trade-lengths'
import type { Firm } from '../catalogue/firm'
import type { Offer } from '../catalogue/offer'
import type { CatalogueUnit } from '../catalogue/unit'
import { anchorsFor, detailChoices, detailsAsked, extrasOf, settledDetail } from '../catalogue/unit-values'
import { type HandConvention, handingCodes } from '../specification/handing'
import type { Specification } from '../specification/specify'
import { type HingeTrade, hingeCount } from '../specification/weigh-leaf'
import type { Detail } from '../specification/wish-values'
import type { Wishes } from '../specification/wishes'
import type { FactSlot } from '../survey/facts'
import { leafRead, type Survey } from '../survey/survey'
import type { OrderLine } from './order'
import { sparesFor } from './spares'

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
  'closer-prep': 'fact.closer',
  'exit-device': 'fact.exit-device',
}

/** What the survey says a detail has to be; `null` where it says nothing of it. */
export function foundDetail(unit: CatalogueUnit, name: Detail, { found }: DetailFacts): string | null {
  if (name === 'anchors') return anchorsFor(unit.details.anchors, found['fact.wall-kind'])
  const slot = BY_FACT[name]
  return slot ? (found[slot] ?? null) : null
}

/** What an order names beside sizes and hand, as far as it is settled: by the sheet, by a wish, or by what was found where the sheet
 *  leaves it open. Where the outside casing stays, the unit comes without its own. */
export function detailsOf(
  unit: CatalogueUnit,
  { details }: Pick<Wishes, 'details'>,
  facts: DetailFacts,
): { readonly [detail in Detail]?: string } {
  const settledFor = (name: Detail): string | null => {
    if (name === 'brickmould' && facts.trim === 'keep') return 'none, the outside casing stays'
    const settled = settledDetail(unit.details[name], details[name])
    if (details[name]) return settled
    const found = foundDetail(unit, name, facts)
    if (name === 'anchors') return found ?? settled
    const choices = detailChoices(unit.details[name])
    return found !== null && (choices.length === 0 || choices.includes(found)) ? found : settled
  }
  const settled = [...detailsAsked(unit), ...extrasOf(unit)].flatMap(name => {
    const value = settledFor(name)
    return value === null ? [] : [[name, value] as const]
  })
  return Object.fromEntries(settled)
}

export type LineRequest = {
  readonly opening: OrderLine['opening']
  readonly survey: Survey
  readonly specification: Specification
  readonly wishes: Wishes
  readonly offer: Offer
  readonly schools: Schools
  readonly firm: Firm
  readonly lengths: TradeLengths
  readonly hingeTrade: HingeTrade
  readonly labelWanted: number
  readonly risks: readonly Finding[]
  readonly core: string
}

/** The line as it will be frozen. What is missing or contradicts has been looked for before. */
export function orderLine(request: LineRequest): OrderLine {
  const { opening, survey, specification, wishes, offer, schools, labelWanted } = request
  const { unit } = offer
  const isHinged = unit.panels === null
  const last = [...survey.bySlot.values()].reduce((latest, one) => (one.takenAt > latest.takenAt ? one : latest))
  const hinges = isHinged && unit.family !== 'pair' ? wishes.hinges : null
  const swing = isHinged ? wishes.swing : null
  const codes = hinges && swing ? handingCodes(hinges, swing) : null
  const hingesEach = isHinged && !unit.lock ? hingeCount(unit.leafHeight, request.hingeTrade) : null
  const hasTrim = detailsAsked(unit).includes('brickmould')
  const hasJamb = offer.jamb !== null
  return {
    opening: { id: opening.id, tag: opening.tag, name: opening.name },
    quantity: 1,
    unit,
    ...sizesFor(request),
    hinges,
    swing,
    hingeCount: hingesEach,
    activeLeaf: unit.family === 'pair' ? sideOf(survey.facts.get('fact.active-leaf')?.code) : null,
    panels: panelsOf(survey, unit),
    codes,
    code: codes && codeFor(codes, request),
    wall: hasJamb ? (specification.jamb?.wanted.value ?? null) : null,
    jambExtension: offer.jamb?.kind === 'extension' ? offer.jamb.difference : null,
    flushFace: hasJamb ? schools.answers['flush-face'] : null,
    outsideTrim: hasTrim ? schools.answers['outside-trim'] : null,
    pad: offer.pad,
    padOf: offer.pad > 0 ? schools.answers['sill-lumber'] : null,
    cut: offer.storm && {
      pack: offer.storm.pack,
      rail: offer.storm.rail,
      headGap: offer.storm.headGap,
      bottomGap: offer.storm.bottomGap,
      closer: offer.storm.closer,
      closerPin: offer.storm.closerPin,
    },
    details: detailsOf(unit, wishes, detailFacts(survey, schools.answers['outside-trim'])),
    agreed: wishes.questions.filter(one => one.answer !== ''),
    labelWanted,
    spares: hingesEach === null ? {} : sparesFor(unit.family, hingesEach),
    tolerance: request.lengths['receipt-accepts'].value,
    preparations: [...offer.preparations],
    cents: offer.cents,
    way: survey.way,
    measuredBy: last.takenBy,
    measuredAt: last.takenAt,
    reason: wishes.chosen?.reason ?? '',
    compared: [...wishes.compared],
    risks: request.risks.map(one => one.code),
    core: request.core,
  }
}

const sideOf = (code: string | undefined): 'left' | 'right' | null =>
  code === 'left' || code === 'right' ? code : null

function panelsOf(survey: Survey, unit: CatalogueUnit): 'OX' | 'XO' | null {
  const moving = sideOf(survey.facts.get('fact.moving-panel')?.code)
  return unit.panels === null || moving === null ? null : moving === 'left' ? 'OX' : 'XO'
}

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
function sizesFor({ specification, offer, survey }: LineRequest): Pick<OrderLine, 'derived' | 'roughOpening'> {
  if (offer.unit.lock) return { derived: null, roughOpening: null }
  if (offer.storm) {
    const { width, height } = offer.storm.fit.governing
    return { derived: { width, height }, roughOpening: null }
  }
  if (offer.leaf) return { derived: leafRead(survey), roughOpening: null }
  const { unit } = specification
  return {
    derived: unit && { width: unit.width.value, height: unit.height.value },
    roughOpening: unit && { width: unit.roughWidth.value, height: unit.roughHeight.value },
  }
}
