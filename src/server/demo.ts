import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { NEW_FIRM } from '@/core/catalogue/firm'
import type { CatalogueUnit } from '@/core/catalogue/unit'
import { type Edits, newEdits } from '@/core/new-edits'
import { waiversFor } from '@/core/order/check-order'
import { planAll } from '@/core/plan/plan-all'
import { dayOf, minuteOf, wallAt } from '@/core/plan/wall'
import { reasonKey } from '@/core/seal/seal-wants'
import { type Answer, answerSchema } from '@/core/survey/answer'
import { instrumentFor } from '@/core/survey/instrument'
import type { Reading } from '@/core/survey/reading'
import { isGapSlot, isSlot, type Slot } from '@/core/survey/slots'
import type { OpeningRecords, Trade } from '@/core/terms'
import { ZERO } from '@/core/units/length'
import { type LengthUnit, parseLength } from '@/core/units/parse-length'
import { work } from '@/core/work'
import { readCatalogue } from '@/readers/read-catalogue'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { editOf, saveChange } from '@/store/edits'
import { firmPlace } from '@/store/firm'
import { addCompany, addOpening, insertJob } from '@/store/jobs'
import { releaseOrder } from '@/store/orders'
import { ANSWERS, addRows, LOG_ENTRIES, PLACINGS, READINGS } from '@/store/rows'
import { addUnits } from '@/store/units'
import { tradeWith } from '@/trade/trade'
import { loadExchange } from './demo-exchange'
import { demoId as idOf } from './demo-ids'
import { likenesses, settledDetails } from './demo-likeness'
import { logOf, setAtOf } from './demo-log'
import { type ScenarioOpening, scenarioSchema } from './demo-scenario'
import { loadFigured } from './load-after'
import { loadPlan } from './load-plan'
import { zoneAt } from './places'
import { openLink, shareOpening, signLink } from './share'

/** Loads the invented scenario from `folder` into an empty database. @throws when a figure of it can't be read. */
export async function loadDemo(db: Db, folder: string): Promise<void> {
  const scenario = scenarioSchema.parse(likenesses(JSON.parse(readFileSync(join(folder, 'scenario.json'), 'utf8'))))
  const { taken: units, rejected, lacking } = readCatalogue(readFileSync(join(folder, 'catalogue.csv'), 'utf8'))
  if (rejected.length || lacking.length) throw new Error(`demo/catalogue.csv: ${JSON.stringify([rejected, lacking])}`)
  const companyId = idOf('company', scenario.company)
  const people = scenario.members.map(one => ({ ...one, id: idOf('member', one.name) }))
  await addCompany(db, companyId, scenario.company, people)
  const { id: memberId, ...owner } = people[0]!
  const acting: Acting = { companyId, memberId, ...owner }
  await addUnits(db, acting, units)
  await saveChange(firmPlace(db, acting), { revision: 0, base: NEW_FIRM, data: { ...NEW_FIRM, ...scenario.firm } })
  const trade = tradeWith(units, { firm: { ...NEW_FIRM, ...scenario.firm } })
  for (const { openings, place, archivedAt, ...plain } of scenario.jobs) {
    const jobId = idOf('job', plain.name)
    await insertJob(db, acting, {
      ...plain,
      id: jobId,
      ...placed(place),
      archivedAt,
      loud: null,
    })
    for (const one of openings) {
      await loadOpening(db, acting, { id: jobId, unit: plain.unit }, one, trade, scenario.company)
      if (one.offered) await offerDemo(db, acting, { jobId, tag: one.tag, units }, one.offered)
    }
  }
  await planDemo(db, acting)
}

/** What a customer of the demo was offered by a link, and signed: the link itself is nobody’s. */
async function offerDemo(
  db: Db,
  acting: Acting,
  { jobId, tag, units }: { readonly jobId: string; readonly tag: string; readonly units: readonly CatalogueUnit[] },
  { articles, chosen, name, reason, at }: NonNullable<ScenarioOpening['offered']>,
): Promise<void> {
  const idIn = (article: string) => units.find(one => one.article === article)?.id ?? article
  const openingId = idOf('opening', jobId, tag)
  const made = await shareOpening(
    db,
    acting,
    openingId,
    { id: idOf('share', openingId), kind: 'offer', units: articles.map(idIn), note: '', mails: false },
    '',
    new Date(Date.parse(at) - 86_400_000),
  )
  const opened = 'token' in made ? await openLink(db, made.token, new Date(at)) : null
  if (!opened) throw new Error(`${tag} can't be offered: ${JSON.stringify(made)}`)
  const { colours } =
    opened.shown.kind === 'offer' ? opened.shown.choices.find(one => one.id === idIn(chosen))! : { colours: [] }
  const strokes = [
    Array.from({ length: 30 }, (_, i) => [80 + i * 22, Math.round(150 + 70 * Math.sin(i * 0.9))] as const),
  ]
  const signing = { name, choice: idIn(chosen), colour: colours.length > 1 ? colours[0]! : '', reason, strokes }
  if (!(await signLink(db, opened, signing, null, new Date(at)))) throw new Error(`${tag} is signed already`)
}

/** The demo’s first day on which something is planned. */
const PLANNED_FROM = '2026-11-27'
const PLANNED_AT = '2026-11-26T07:30:00.000Z'

/** Everything of the demo that can be done stands on the plan, as early as can be. */
async function planDemo(db: Db, acting: Acting): Promise<void> {
  // What its doors took in the past year is known before anything is planned by it.
  await loadFigured(db, acting, new Date(PLANNED_AT))
  const given = await loadPlan(db, acting, new Date(PLANNED_AT))
  const { placed } = planAll({ given, from: wallAt(PLANNED_FROM) })
  for (const { task, crew, start } of placed) {
    const [openingId, part] = task.split('/') as [string, string]
    const row = {
      part,
      crew,
      day: dayOf(start),
      minute: minuteOf(start),
      isFixed: false,
      closure: null,
      by: acting.name,
      at: PLANNED_AT,
    }
    await addRows(db, PLACINGS, acting, openingId, [{ ...row, id: idOf('placing', task) }])
  }
}

/** Where on earth a job of the scenario is, with the clock there. */
function placed({ name, latitude, longitude }: { name: string; latitude: number; longitude: number }) {
  const place = { name, latitudeE6: Math.round(latitude * 1e6), longitudeE6: Math.round(longitude * 1e6) }
  return { place, timeZone: zoneAt(place) }
}

/** What people said of an opening of the scenario, before anything was ordered; and its log. */
export function scenarioRecords(
  one: ScenarioOpening,
  { id: jobId, unit: lengthUnit }: { readonly id: string; readonly unit: LengthUnit },
  trade: Trade,
): { readonly first: Edits; readonly records: OpeningRecords } {
  const id = idOf('opening', jobId, one.tag)
  const unit = trade.units.find(candidate => candidate.article === one.choose)
  const first = newEdits(one.way)
  const { details, ...wished } = one.wishes
  const taken = [
    ...Object.entries(one.readings).map(([slot, text]) => [slot, text, one.takenBy] as const),
    ...one.again,
  ]
  const closed = Object.entries(one.closed).map(([slot, text]) => [slot, text, one.takenBy] as const)
  const readings = [
    ...[...taken, ...closed].map((row, i) => readingOf(id, row, lengthUnit, one, i)),
    ...Object.entries(one.proof).map(([slot, text], i) => onceSealed(id, slot, text, lengthUnit, one, i)),
    ...Object.entries(one.tuned?.before ?? {}).map(([slot, text], i) =>
      beforeTuning(id, slot, text, lengthUnit, one, i),
    ),
  ]
  const bare: OpeningRecords = {
    ...first,
    wishes: { ...first.wishes, ...wished },
    seal: { ...first.seal, ...defined(one.seal) },
    order: { ...first.order, details, chosen: unit ? { unit: unit.id, reason: one.reason ?? '' } : null },
    opening: { id, tag: one.tag, name: one.name, family: one.family },
    readings,
    answers: answersOf(id, one, readings.length),
    orders: [],
    receipts: [],
    log: [],
  }
  const { fit, seal } = work(bare, trade, one.takenAt)
  const planned = seal.value.plan?.edges.flatMap(({ edge, chosen }) => chosen.map(it => reasonKey(edge.id, it.seal.id)))
  return { first, records: { ...bare, log: logOf(id, one, lengthUnit, fit.value.steps, planned ?? []) } }
}

/** What was settled when it was ordered: its details, and with which reason it went out over what should have been corrected first. */
export function scenarioOrder(
  one: ScenarioOpening & { readonly release: string },
  records: OpeningRecords,
  trade: Trade,
): OpeningRecords['order'] {
  const details = one.settle ? settledDetails(records, trade, one.release) : records.order.details
  const order = { ...records.order, details }
  const { findings } = work({ ...records, order }, trade, one.release).order
  return { ...order, waived: one.goOn ? waiversFor(findings, one.goOn) : {} }
}

async function loadOpening(
  db: Db,
  acting: Acting,
  job: { readonly id: string; readonly unit: LengthUnit },
  one: ScenarioOpening,
  trade: Trade,
  company: string,
): Promise<void> {
  const { first, records } = scenarioRecords(one, job, trade)
  const { opening, readings, answers, log } = records
  const { id } = opening
  await addOpening(db, acting, job.id, opening, first)
  await saveChange(editOf(db, acting, id, 'wishes'), { revision: 1, base: first.wishes, data: records.wishes })
  await saveChange(editOf(db, acting, id, 'order'), { revision: 1, base: first.order, data: records.order })
  await saveChange(editOf(db, acting, id, 'seal'), { revision: 1, base: first.seal, data: records.seal })
  await addRows(db, READINGS, acting, id, readings)
  await addRows(db, ANSWERS, acting, id, answers)
  await addRows(db, LOG_ENTRIES, acting, id, log)
  if (one.release) await releaseOne(db, acting, job, records, { ...one, release: one.release }, trade, company)
}

/** Orders the chosen unit as it was ordered then; what should have been corrected first with the reason that was given. */
async function releaseOne(
  db: Db,
  acting: Acting,
  job: { readonly id: string; readonly unit: LengthUnit },
  records: OpeningRecords,
  one: ScenarioOpening & { readonly release: string },
  trade: Trade,
  company: string,
): Promise<void> {
  const { opening } = records
  const settled = scenarioOrder(one, records, trade)
  await saveChange(editOf(db, acting, opening.id, 'order'), { revision: 2, base: records.order, data: settled })
  const { value, findings } = work({ ...records, order: settled }, trade, one.release).order
  if (!value.line) throw new Error(`${one.tag} can't be ordered: ${JSON.stringify(findings)}`)
  const released = await releaseOrder(db, acting, job.id, {
    id: idOf('order', opening.id),
    releasedAt: one.release,
    maker: value.line.unit.maker,
    lines: [value.line],
    supersedes: null,
  })
  if (!released.ok) throw new Error(`${one.tag} is ordered already`)
  await loadExchange(db, acting, { order: released.order, company }, one, job.unit)
}

const takenAtOf = (one: ScenarioOpening, index: number): string =>
  new Date(Date.parse(one.takenAt) + index * 45_000).toISOString()

function answersOf(openingId: string, one: ScenarioOpening, after: number): readonly Answer[] {
  const rows = [
    ...Object.entries(one.facts).map(([slot, code]) => ({ slot, kind: 'fact', code, note: '' })),
    ...Object.entries(one.skips).map(([slot, [code, note]]) => ({ slot, kind: 'skipped', code, note })),
  ]
  return rows.map((row, i) =>
    answerSchema.parse({
      ...row,
      id: idOf('answer', openingId, row.slot),
      takenBy: one.takenBy,
      takenAt: takenAtOf(one, after + i),
    }),
  )
}

function readingOf(
  openingId: string,
  [slot, text, takenBy]: readonly [slot: string, text: string, takenBy: string],
  unit: LengthUnit,
  one: ScenarioOpening,
  index: number,
): Reading {
  const parsed = parseLength(text, { unit })
  if (!isSlot(slot) || !parsed.ok) throw new Error(`demo reading ${one.tag} ${slot}: ${text}`)
  // The gaps of a unit that stands were read when it stood.
  const isSet = one.steps === 'all' && isGapSlot(slot)
  return {
    id: takenBy === one.takenBy ? idOf('reading', openingId, slot) : idOf('reading', openingId, slot, takenBy),
    slot,
    occasion: isSet ? (one.tuned ? 'tuned' : 'set') : 'survey',
    value: parsed.value.ticks,
    text,
    takenAt: isSet ? setAtOf(one, index) : takenAtOf(one, index),
    takenBy,
    note: '',
    deviation: null,
    device: '',
    ...takenWith(slot, unit),
  }
}

/** What was read before the margins were tuned: of the same places, an hour earlier. */
function beforeTuning(
  openingId: string,
  slot: string,
  text: string,
  unit: LengthUnit,
  one: ScenarioOpening,
  index: number,
): Reading {
  const later = readingOf(openingId, [slot, text, one.takenBy], unit, one, index)
  const takenAt = new Date(Date.parse(later.takenAt) - 3_600_000).toISOString()
  return { ...later, id: idOf('reading', openingId, slot, 'before'), occasion: 'set', takenAt }
}

/** What was read once it was sealed: of the same places, the day after. */
function onceSealed(
  openingId: string,
  slot: string,
  text: string,
  unit: LengthUnit,
  one: ScenarioOpening,
  index: number,
): Reading {
  const before = readingOf(openingId, [slot, text, one.takenBy], unit, one, index)
  const takenAt = new Date(Date.parse(one.takenAt) + 86_400_000 + index * 45_000).toISOString()
  return { ...before, id: idOf('reading', openingId, slot, 'sealed'), occasion: 'sealed', takenAt }
}

/** Without members that are not said. */
const defined = <T extends object>(value: T): T =>
  Object.fromEntries(Object.entries(value).filter(([, one]) => one !== undefined)) as T

function takenWith(slot: Slot, unit: LengthUnit): Pick<Reading, 'instrument' | 'graduation' | 'levelLength'> {
  const [fine, usual] = unit === 'in' ? (['1/32', '1/16'] as const) : (['0.5', '1'] as const)
  const instrument = instrumentFor(slot)
  return {
    instrument,
    graduation: instrument === 'tape' ? usual : fine,
    levelLength: instrument === 'level' ? LEVEL_LENGTH : null,
  }
}

const sixFeet = parseLength(`6'`, { unit: 'in' })
const LEVEL_LENGTH = sixFeet.ok ? sixFeet.value.ticks : ZERO
