import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import type { z } from 'zod'
import { NEW_FIRM } from '@/core/catalogue/firm'
import type { PlannedStep } from '@/core/fit/setting-step'
import type { LogEntry } from '@/core/log/log'
import { type Edits, newEdits } from '@/core/new-edits'
import { waiversFor } from '@/core/order/check-order'
import { type Answer, answerSchema } from '@/core/survey/answer'
import { instrumentFor } from '@/core/survey/instrument'
import type { Reading } from '@/core/survey/reading'
import { isGapSlot, isSlot, type Slot } from '@/core/survey/slots'
import type { OpeningRecords, Trade } from '@/core/terms'
import { inches, ZERO } from '@/core/units/length'
import { type LengthUnit, parseLength } from '@/core/units/parse-length'
import { work } from '@/core/work'
import { readCatalogue } from '@/readers/read-catalogue'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { editOf, saveChange } from '@/store/edits'
import { firmPlace } from '@/store/firm'
import { addCompany, addOpening, insertJob } from '@/store/jobs'
import { releaseOrder } from '@/store/orders'
import { ANSWERS, addRows, LOG_ENTRIES, READINGS } from '@/store/rows'
import { addUnits } from '@/store/units'
import { TESTS } from '@/trade/tests'
import { tradeWith } from '@/trade/trade'
import { loadExchange } from './demo-exchange'
import { demoId as idOf } from './demo-ids'
import { type ScenarioOpening, scenarioSchema } from './demo-scenario'
import { zoneAt } from './places'

/** Loads the invented scenario from `folder` into an empty database. @throws when a figure of it can't be read. */
export async function loadDemo(db: Db, folder: string): Promise<void> {
  const scenario = scenarioSchema.parse(JSON.parse(readFileSync(join(folder, 'scenario.json'), 'utf8')))
  const { units, rejected, lacking } = readCatalogue(readFileSync(join(folder, 'catalogue.csv'), 'utf8'))
  if (rejected.length || lacking.length) throw new Error(`demo/catalogue.csv: ${JSON.stringify([rejected, lacking])}`)
  const companyId = idOf('company', scenario.company)
  const people = scenario.members.map(name => ({ id: idOf('member', name), name }))
  await addCompany(db, companyId, scenario.company, people)
  const acting: Acting = { companyId, memberId: people[0]!.id, name: people[0]!.name }
  await addUnits(db, acting, units)
  await saveChange(firmPlace(db, acting), { revision: 0, base: NEW_FIRM, data: { ...NEW_FIRM, ...scenario.firm } })
  for (const { openings, place, ...plain } of scenario.jobs) {
    const jobId = idOf('job', plain.name)
    await insertJob(db, acting, {
      ...plain,
      id: jobId,
      ...placed(place),
      archivedAt: null,
    })
    for (const one of openings) await loadOpening(db, acting, { id: jobId, unit: plain.unit }, one, units, scenario)
  }
}

/** Where on earth a job of the scenario is, with the clock there. */
function placed({ name, latitude, longitude }: { name: string; latitude: number; longitude: number }) {
  const place = { name, latitudeE6: Math.round(latitude * 1e6), longitudeE6: Math.round(longitude * 1e6) }
  return { place, timeZone: zoneAt(place) }
}

async function loadOpening(
  db: Db,
  acting: Acting,
  { id: jobId, unit: lengthUnit }: { readonly id: string; readonly unit: LengthUnit },
  one: ScenarioOpening,
  units: Parameters<typeof tradeWith>[0],
  { company, firm }: Pick<z.infer<typeof scenarioSchema>, 'company' | 'firm'>,
): Promise<void> {
  const id = idOf('opening', jobId, one.tag)
  const unit = units.find(candidate => candidate.article === one.choose)
  const first = newEdits(one.way)
  const { details, ...wished } = one.wishes
  const edits: Edits = {
    ...first,
    wishes: { ...first.wishes, ...wished },
    order: { ...first.order, details, chosen: unit ? { unit: unit.id, reason: one.reason ?? '' } : null },
  }
  const opening = { id, tag: one.tag, name: one.name, family: one.family }
  await addOpening(db, acting, jobId, opening, first)
  await saveChange(editOf(db, acting, id, 'wishes'), { revision: 1, base: first.wishes, data: edits.wishes })
  await saveChange(editOf(db, acting, id, 'order'), { revision: 1, base: first.order, data: edits.order })
  const taken = [
    ...Object.entries(one.readings).map(([slot, text]) => [slot, text, one.takenBy] as const),
    ...one.again,
  ]
  const readings = taken.map((row, i) => readingOf(id, row, lengthUnit, one, i))
  await addRows(db, READINGS, acting, id, readings)
  const answers = answersOf(id, one, readings.length)
  await addRows(db, ANSWERS, acting, id, answers)
  const bare = { ...edits, opening, readings, answers, orders: [], receipts: [], log: [] }
  const trade = tradeWith(units, { firm: { ...NEW_FIRM, ...firm } })
  const { steps } = work(bare, trade, one.takenAt).fit.value
  const log = logOf(id, one, lengthUnit, steps)
  await addRows(db, LOG_ENTRIES, acting, id, log)
  const records = { ...bare, log }
  if (one.release)
    await releaseOne(db, acting, jobId, records, { ...one, release: one.release }, trade, lengthUnit, company)
}

/** Orders the chosen unit as it was ordered then; what should have been corrected first with the reason that was given. */
async function releaseOne(
  db: Db,
  acting: Acting,
  jobId: string,
  records: OpeningRecords,
  one: ScenarioOpening & { readonly release: string },
  trade: Trade,
  lengthUnit: LengthUnit,
  company: string,
): Promise<void> {
  const { opening, order: choices } = records
  const first = work(records, trade, one.release).order
  const settled = { ...choices, waived: one.goOn ? waiversFor(first.findings, one.goOn) : {} }
  await saveChange(editOf(db, acting, opening.id, 'order'), { revision: 2, base: choices, data: settled })
  const { value, findings } = work({ ...records, order: settled }, trade, one.release).order
  if (!value.line) throw new Error(`${one.tag} can't be ordered: ${JSON.stringify(findings)}`)
  const released = await releaseOrder(db, acting, jobId, {
    id: idOf('order', opening.id),
    releasedAt: one.release,
    maker: value.line.unit.maker,
    lines: [value.line],
    supersedes: null,
  })
  if (!released.ok) throw new Error(`${one.tag} is ordered already`)
  await loadExchange(db, acting, { order: released.order, company }, one, lengthUnit)
}

const takenAtOf = (one: ScenarioOpening, index: number): string =>
  new Date(Date.parse(one.takenAt) + index * 45_000).toISOString()

const HOURS_TO_SET = 7
/** When a unit that stands was read: after its last step. */
const setAtOf = (one: ScenarioOpening, index: number): string =>
  new Date(Date.parse(one.stepsAt ?? one.takenAt) + HOURS_TO_SET * 3_600_000 + index * 45_000).toISOString()

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
    occasion: isSet ? 'set' : 'survey',
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

/** What a test's entry holds: the figure that was read, or what was said. */
function foundAs(code: string, text: string, unit: LengthUnit): Pick<LogEntry, 'value' | 'text'> {
  const quantity = TESTS.find(one => one.id === code)?.unit ?? 'none'
  if (quantity === 'none') return { value: null, text }
  if (quantity !== 'length') return { value: { number: Number(text) }, text: '' }
  const parsed = parseLength(text, { unit })
  if (!parsed.ok) throw new Error(`demo test ${code}: ${text}`)
  return { value: { length: parsed.value.ticks }, text: '' }
}

/** What was read at a step that went well: a length well within its limit, the usual push, a mild day. */
function figureRead(reads: PlannedStep['reads']): LogEntry['value'] {
  if (!reads) return null
  const { unit, limit } = reads
  if (unit === 'length') return { length: limit?.holds === 'at-least' ? inches(0, 7, 16) : inches(0, 1, 32) }
  return { number: { newton: 22, second: 5, celsius: 14 }[unit] }
}

function logOf(
  openingId: string,
  one: ScenarioOpening,
  unit: LengthUnit,
  own: readonly PlannedStep[],
): readonly LogEntry[] {
  const start = Date.parse(one.stepsAt ?? one.release ?? one.takenAt)
  const all = own.map(step => step.id)
  const codes = one.steps === 'all' ? all : (one.steps ?? [])
  const at = (n: number) => new Date(start + n * 900_000).toISOString()
  const steps = codes.map(
    (code, i): LogEntry => ({
      id: idOf('step', openingId, code),
      kind: 'step',
      code,
      result: 'done',
      value: figureRead(own.find(step => step.id === code)?.reads ?? null),
      text: '',
      by: one.takenBy,
      at: at(i),
    }),
  )
  const tests = Object.entries(one.tests ?? {}).map(
    ([code, text], i): LogEntry => ({
      id: idOf('test', openingId, code),
      kind: 'test',
      code,
      result: 'passed',
      ...foundAs(code, text, unit),
      by: one.takenBy,
      at: at(codes.length + i),
    }),
  )
  const seals = (one.sealed ?? []).map(
    (code, i): LogEntry => ({
      id: idOf('seal', openingId, code),
      kind: 'seal',
      code,
      result: 'fitted',
      value: null,
      text: '',
      by: one.takenBy,
      at: at(codes.length + tests.length + i),
    }),
  )
  return [...steps, ...tests, ...seals]
}
