import { type Cure, cure } from '../base/cures'
import type { Finding, RuleId } from '../base/finding'
import { readValue } from '../survey/survey'
import { magnitude } from '../units/length'
import { triedFindings } from './closed-answers'
import { checkContact } from './contact-check'
import { GAP_CLASSES } from './gap-classes'
import type { SealCode } from './judge-seal'
import { type EdgeGaps, isTight, leastOf, mostOf } from './read-edges'
import type { EdgePlan, SealPlan, SealRequest } from './seal-plan'

const make = (
  code: SealCode,
  place: string,
  severity: Finding['severity'],
  facts: Finding['facts'],
  rule: RuleId,
  cures: readonly Cure[] = [],
): Finding<SealCode> => ({ code, place, severity, facts, rule, cures })

/** What is to be said of a plan: air that must stay, contacts, what was not read, what stays open, a push too hard, a target missed. */
export function findingsOf(
  plan: SealPlan,
  opened: readonly (EdgeGaps & { readonly ownFails: boolean })[],
  request: SealRequest,
): readonly Finding<SealCode>[] {
  return [
    ...airFindings(plan, request),
    ...contactFindings(request),
    ...triedFindings(opened, request.site.survey),
    ...unreadFindings(plan, request),
    ...opened.filter(one => one.ownFails).map(ownFails),
    ...plan.edges.flatMap(one => handFails(one, request)),
    ...opened.flatMap(classesContradict),
    ...plan.edges.flatMap((_, i) => unsealed(plan, i, request)),
    ...tooStiff(plan, request),
    ...missed(plan),
  ]
}

/** What burns behind the door keeps its air: nothing is closed at the bottom. A room's only return air is a watch, with what is left of it. */
function airFindings({ edges }: SealPlan, { site }: SealRequest): readonly Finding<SealCode>[] {
  const airflow = site.survey.facts.get('fact.airflow')?.code
  if (airflow === 'appliance-behind-it')
    return [make('bottom-stays-open', 'fact.airflow', 'stop', {}, 'airflow', [cure('airflow.ask-licensed')])]
  if (airflow !== 'needed') return []
  const bottoms = edges.filter(one => one.edge.role === 'bottom')
  const areaOf = (one: (typeof bottoms)[number]) =>
    Math.round((one.edge.length * mostOf((one.gap ?? one.stop)!)) / 3200 / 3200 / 100)
  const now = bottoms.reduce((sum, one) => sum + areaOf(one), 0)
  const after = bottoms.reduce((sum, one) => sum + (one.chosen.length + one.stays.length > 0 ? 0 : areaOf(one)), 0)
  return [
    make('bottom-takes-air', 'fact.airflow', 'watch', { first: now, left: after }, 'airflow', [
      cure('airflow.keep-path'),
    ]),
  ]
}

const CONTACTS = ['contact.top', 'contact.middle', 'contact.bottom'] as const

/** A leaf presses its strip enough at every height, and alike: else it is twisted against its stops, and a seal there is squeezed or
 *  stands open. */
function contactFindings({ site, lengths }: SealRequest): readonly Finding<SealCode>[] {
  const read = CONTACTS.flatMap(slot => {
    const width = readValue(site.survey, slot)
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

function unreadFindings({ edges: planned }: SealPlan, { edges, site }: SealRequest): readonly Finding<SealCode>[] {
  const isRead = (one: EdgeGaps) => one.expected !== 'wanted'
  const missing = edges.filter(
    one => one.slots.length > 0 && !planned.some(plan => plan.edge.id === one.id && isRead(plan)),
  )
  const partial = planned.filter(one => isRead(one) && one.gap !== null && !one.gap.isWhole)
  return [
    ...missing.map(one =>
      make('gaps-not-read', one.slots[0]!, 'watch', { side: one.id }, 'gap-survey', [cure('gap.read')]),
    ),
    ...partial.map(({ edge }) => {
      const open = edge.slots.find(slot => readValue(site.survey, slot) === null)!
      return make('gaps-between', open, 'fine', { side: edge.id }, 'gap-survey', [cure('gap.read')])
    }),
  ]
}

const ownFails = ({ edge }: EdgeGaps): Finding<SealCode> =>
  make('own-fails', `seal.${edge.id}`, 'watch', { side: edge.id }, 'seal-range', [cure('seal.tune-first')])

/** A seal chosen by hand that no longer holds, or is no longer on the list: the plan takes another, and says so. */
function handFails({ edge, chosen }: EdgePlan, { choice, seals }: SealRequest): readonly Finding<SealCode>[] {
  const missing = (choice.edges[edge.id] ?? []).filter(id => !chosen.some(one => one.seal.id === id))
  if (missing.length === 0) return []
  const [id] = missing
  const known = seals.find(one => one.id === id)
  const facts = { side: edge.id, seal: known?.name ?? id!, why: known ? 'holds-not' : 'not-listed-now' }
  return [make('hand-fails', `seal.${edge.id}`, 'watch', facts, 'seal-range', [cure('seal.choose-again')])]
}

/** A place read as shut tight at its edge and wide open at its stop, or the other way round: the light shows through both or neither. */
function classesContradict({ edge, gap, stop }: EdgeGaps): readonly Finding<SealCode>[] {
  if (!gap || !stop || !gap.isWhole || !stop.isWhole) return []
  const at = gap.gaps.findIndex(
    (one, i) =>
      (one.most === 0) !== (stop.gaps[i]!.most === 0) &&
      Math.max(one.most, stop.gaps[i]!.most) > GAP_CLASSES.finger.value,
  )
  if (at < 0) return []
  return [make('class-contradicts', edge.slots[at]!, 'watch', { side: edge.id }, 'gap-survey', [cure('gap.read')])]
}

function unsealed(plan: SealPlan, i: number, { choice, site }: SealRequest): readonly Finding<SealCode>[] {
  const one = plan.edges[i]!
  const keepsAir = one.edge.role === 'bottom' && site.survey.facts.get('fact.airflow')?.code === 'appliance-behind-it'
  const isMeant = choice.edges[one.edge.id]?.length === 0 || choice.draftMost !== null
  if (one.chosen.length + one.stays.length > 0 || isMeant || isTight(one) || keepsAir) return []
  const row = (one.gap ?? one.stop)!
  const facts = { side: one.edge.id, largest: { length: mostOf(row) }, smallest: { length: leastOf(row) } }
  return [make('no-seal-holds', `seal.${one.edge.id}`, 'correct', facts, 'seal-range', [cure('seal.tune-first')])]
}

function tooStiff({ latchForceN }: SealPlan, { latchLimitN: limit }: SealRequest): readonly Finding<SealCode>[] {
  if (latchForceN <= limit.value) return []
  const facts = { force: Math.round(latchForceN), limit: limit.value }
  return [make('latch-force', 'seal.head', 'correct', facts, limit.id, [cure('seal.lighter'), cure('seal.strike-out')])]
}

const missed = ({ meetsTargets, latchForceN, latchLimitN }: SealPlan): readonly Finding<SealCode>[] =>
  meetsTargets || latchForceN > latchLimitN
    ? []
    : [make('target-missed', 'seal.head', 'correct', {}, 'seal-range', [cure('seal.tune-first')])]
