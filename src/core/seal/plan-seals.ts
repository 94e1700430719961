import { type Cure, cure } from '../base/cures'
import type { TradeNumber } from '../base/figure'
import type { Finding, RuleId } from '../base/finding'
import type { TradeLengths } from '../base/trade-lengths'
import { readValue, type Survey } from '../survey/survey'
import { type Length, largestOf, magnitude, metresOf, smallestOf } from '../units/length'
import type { Cents } from '../units/quantity'
import { checkContact } from './contact-check'
import { cutStrip, type StripCut } from './cut-strip'
import { type Draft, draftOf, flowWithM3h, openFlowM3h } from './draft'
import type { Edge } from './edge'
import { judgeSeal, type SealCode, type SealOption } from './judge-seal'
import { type EdgeGaps, gapsAlong, isTight } from './read-edges'
import type { Seal } from './seal'

export type { SealCode, SealOption } from './judge-seal'

/** One piece to cut, where its holes fall when the strip is drilled. */
export type CutPiece = {
  readonly sealId: string
  readonly length: Length
  readonly cut: StripCut | null
  readonly joined: boolean
}

export type EdgePlan = EdgeGaps & {
  readonly options: readonly SealOption[]
  /** `null` when no seal is chosen, none holds, or none is wanted. */
  readonly chosen: SealOption | null
  readonly piece: CutPiece | null
  /** At 50 Pa, m³/h. */
  readonly flowBefore50: number
  readonly flowAfter50: number
}

export type SealPlan = {
  readonly edges: readonly EdgePlan[]
  readonly latchForceN: number
  readonly latchLimitN: number
  readonly before: Draft
  readonly after: Draft
  readonly cents: Cents
  /** Money saved in a year, in cents; and the years until the seals have paid for themselves, `null` when they save nothing. */
  readonly savedCentsYear: number
  readonly payBackYears: number | null
}

/** Which seal is to go on each edge; `null` leaves it as it is, a missing edge takes the first choice. */
export type EdgeChoices = { readonly [edge: string]: string | null | undefined }

export type SealRequest = {
  readonly survey: Survey
  readonly edges: readonly Edge[]
  readonly material: string | null
  readonly isOutside: boolean
  readonly purposes: readonly string[]
  readonly climate: { readonly heatingDegreeDays: number; readonly centsPerKwh: number }
  readonly choice: EdgeChoices
  readonly seals: readonly Seal[]
  readonly latchLimitN: TradeNumber
  readonly lengths: TradeLengths
}

/** Chooses a seal for each edge whose gaps were read, cuts it, and says what draft and money it stops; `null` until a gap is read. */
export function planSeals(request: SealRequest): {
  readonly value: SealPlan | null
  readonly findings: readonly Finding<SealCode>[]
} {
  const read = request.edges.flatMap(edge => gapsAlong(edge, request.survey) ?? [])
  if (read.length === 0) return { value: null, findings: [] }
  const edges = read.map(one => planEdge(one, request))
  const { heatingDegreeDays, centsPerKwh } = request.climate
  const before = draftOf(pressure => total(edges.map(one => openFlowM3h(one, pressure))), heatingDegreeDays)
  const after = draftOf(
    pressure => total(edges.map(one => flowWithM3h(one, one.chosen?.seal ?? null, pressure))),
    heatingDegreeDays,
  )
  const cents = total(edges.map(one => one.chosen?.cents ?? 0))
  const savedCentsYear = (before.kwhYear - after.kwhYear) * centsPerKwh
  const latchForceN = total(edges.map(latchForce))
  const payBackYears = savedCentsYear > 0 ? cents / savedCentsYear : null
  const latchLimitN = request.latchLimitN.value
  return {
    value: { edges, latchForceN, latchLimitN, before, after, cents, savedCentsYear, payBackYears },
    findings: [
      ...airFindings(request),
      ...contactFindings(request),
      ...unreadFindings(request, edges),
      ...edges.flatMap(one => unsealed(one, request)),
      ...tooStiff(latchForceN, request.latchLimitN),
    ],
  }
}

const total = (all: readonly number[]): number => all.reduce((sum, one) => sum + one, 0)

function planEdge(read: EdgeGaps, request: SealRequest): EdgePlan {
  const tight = isTight(read)
  const options = request.seals
    .filter(seal => seal.on.includes(read.edge.role) && !tight)
    .map(seal => judgeSeal(seal, read, request))
    .sort(
      (a, b) =>
        Number(b.holds) - Number(a.holds) || a.centsPerYear - b.centsPerYear || (a.seal.id < b.seal.id ? -1 : 1),
    )
  const chosen = choose(options, request.choice[read.edge.id])
  return {
    ...read,
    options,
    chosen,
    piece: chosen ? cutPiece(read.edge, chosen.seal, request.lengths) : null,
    flowBefore50: openFlowM3h(read, 50),
    flowAfter50: flowWithM3h(read, chosen?.seal ?? null, 50),
  }
}

function choose(options: readonly SealOption[], wanted: string | null | undefined): SealOption | null {
  if (wanted === null) return null
  const named = options.find(one => one.seal.id === wanted && one.holds)
  return named ?? options.find(one => one.holds && !one.isAsked) ?? null
}

function cutPiece({ length }: Edge, seal: Seal, lengths: TradeLengths): CutPiece {
  const joined = length > seal.stock
  const outcome =
    seal.holes && !joined
      ? cutStrip({
          stock: seal.stock,
          first: seal.holes.first,
          pitch: seal.holes.pitch,
          holes: seal.holes.count,
          length,
          leastEnd: lengths['seal-least-end'].value,
        })
      : null
  return { sealId: seal.id, length, cut: outcome?.ok ? outcome.value : null, joined }
}

/** Latch side and head press fully against the latch, the hinge side by half; the bottom does not. */
function latchForce({ edge, chosen }: EdgePlan): number {
  if (!chosen || edge.role === 'bottom') return 0
  return chosen.seal.forceNPerMetre * metresOf(edge.length) * (edge.role === 'hinge' ? 0.5 : 1)
}

const make = (
  code: SealCode,
  place: string,
  severity: Finding['severity'],
  facts: Finding['facts'],
  rule: RuleId,
  cures: readonly Cure[] = [],
): Finding<SealCode> => ({ code, place, severity, facts, rule, cures })

/** What burns behind the door keeps its air: nothing is closed at the bottom. A room's only return air is a watch. */
function airFindings({ survey }: SealRequest): readonly Finding<SealCode>[] {
  const airflow = survey.facts.get('fact.airflow')?.code
  if (airflow === 'appliance-behind-it')
    return [make('bottom-stays-open', 'fact.airflow', 'stop', {}, 'airflow', [cure('airflow.ask-licensed')])]
  return airflow === 'needed'
    ? [make('bottom-takes-air', 'fact.airflow', 'watch', {}, 'airflow', [cure('airflow.keep-path')])]
    : []
}

const CONTACTS = ['contact.top', 'contact.middle', 'contact.bottom'] as const

/** A leaf presses its strip enough at every height, and alike: else it is twisted against its stops, and a seal there is squeezed or
 *  stands open. */
function contactFindings({ survey, lengths }: SealRequest): readonly Finding<SealCode>[] {
  const read = CONTACTS.flatMap(slot => {
    const width = readValue(survey, slot)
    return width === null ? [] : [{ slot, width }]
  })
  if (read.length < 2) return []
  const [least, most, even] = [lengths['contact-least'], lengths['contact-most'], lengths['contact-even']]
  const { spread, moves } = checkContact(
    read.map(one => one.width),
    { least: least.value, most: most.value, even: even.value, moveMost: lengths['contact-move-most'].value },
  )
  const off = read.flatMap(({ slot, width }, i) => {
    const by = moves[i]!
    if (by === 0) return []
    const facts = { read: { length: width }, by: { length: magnitude(by) }, towards: by > 0 ? 'to' : 'from' }
    const range = { least: { length: least.value }, most: { length: most.value } }
    return [
      make('contact-off', slot, 'watch', { ...facts, ...range }, by > 0 ? least.id : most.id, [
        cure('seal.move-stop', magnitude(by)),
      ]),
    ]
  })
  if (spread <= even.value) return off
  const facts = { spread: { length: spread }, limit: { length: even.value } }
  return [make('contact-uneven', 'contact.middle', 'watch', facts, even.id, [cure('seal.tune-first')]), ...off]
}

function unreadFindings({ edges, survey }: SealRequest, planned: readonly EdgePlan[]): readonly Finding<SealCode>[] {
  const missing = edges.filter(one => one.slots.length > 0 && !planned.some(({ edge }) => edge.id === one.id))
  const partial = planned.filter(one => !one.isWhole)
  return [
    ...missing.map(one =>
      make('gaps-not-read', one.slots[0]!, 'watch', { side: one.id }, 'gap-survey', [cure('gap.read')]),
    ),
    ...partial.map(({ edge }) => {
      const open = edge.slots.find(slot => readValue(survey, slot) === null)!
      return make('gaps-between', open, 'fine', { side: edge.id }, 'gap-survey', [cure('gap.read')])
    }),
  ]
}

function unsealed(one: EdgePlan, { choice, survey }: SealRequest): readonly Finding<SealCode>[] {
  const keepsAir = one.edge.role === 'bottom' && survey.facts.get('fact.airflow')?.code === 'appliance-behind-it'
  if (one.chosen || choice[one.edge.id] === null || isTight(one) || keepsAir) return []
  const facts = {
    side: one.edge.id,
    largest: { length: largestOf(one.gaps) },
    smallest: { length: smallestOf(one.gaps) },
  }
  return [make('no-seal-holds', `seal.${one.edge.id}`, 'correct', facts, 'seal-range', [cure('seal.tune-first')])]
}

function tooStiff(forceN: number, limit: TradeNumber): readonly Finding<SealCode>[] {
  if (forceN <= limit.value) return []
  const facts = { force: Math.round(forceN), limit: limit.value }
  return [make('latch-force', 'seal.head', 'correct', facts, limit.id, [cure('seal.lighter'), cure('seal.strike-out')])]
}
