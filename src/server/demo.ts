import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { z } from 'zod'
import { NEW_FIRM } from '@/core/catalogue/firm'
import { firmSchema } from '@/core/catalogue/firm-record'
import type { LogEntry } from '@/core/handover/log'
import { job as runJob } from '@/core/job'
import { newWishes } from '@/core/specification/new-wishes'
import { BORES, DETAILS, MATERIALS, SETTINGS, SUBFLOORS, USES } from '@/core/specification/wish-values'
import type { Wishes } from '@/core/specification/wishes'
import { type Answer, answerSchema } from '@/core/survey/answer'
import { FAMILIES } from '@/core/survey/families'
import type { Reading } from '@/core/survey/reading'
import { isLevelReading, isSlot, type Slot } from '@/core/survey/slots'
import { WAYS } from '@/core/survey/ways'
import { DISPLAY_STEPS } from '@/core/units/format-length'
import { ZERO } from '@/core/units/length'
import { type LengthUnit, parseLength } from '@/core/units/parse-length'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { saveFirm } from '@/store/firm'
import { addCompany, addOpening, insertJob } from '@/store/jobs'
import { releaseOrder } from '@/store/orders'
import { addAnswers, addLog, addReadings, saveWishes } from '@/store/records'
import { addUnits } from '@/store/units'
import { STEPS } from '@/trade/steps'
import { tradeWith } from '@/trade/trade'
import { loadExchange } from './demo-exchange'
import { demoId as idOf } from './demo-ids'
import { readCatalogue } from './read-catalogue'

const instant = z.iso.datetime({ precision: 3 })
const openingSchema = z.strictObject({
  tag: z.string(),
  name: z.string(),
  family: z.enum(FAMILIES).default('hinged-outside'),
  way: z.enum(WAYS),
  takenBy: z.string(),
  takenAt: instant,
  readings: z.record(z.string(), z.string()),
  /** Readings that somebody else took again: slot, text, by whom. */
  again: z.array(z.tuple([z.string(), z.string(), z.string()])).default([]),
  facts: z.record(z.string(), z.string()).default({}),
  /** Why something was not read: a reason, and a note. */
  skips: z.record(z.string(), z.tuple([z.string(), z.string()])).default({}),
  wishes: z.strictObject({
    use: z.enum(USES),
    material: z.enum(MATERIALS).nullable(),
    bore: z.enum(BORES).nullable(),
    subfloor: z.enum(SUBFLOORS),
    hinges: z.enum(['left', 'right']).nullable(),
    swing: z.enum(['in', 'out']).nullable(),
    settings: z.array(z.enum(SETTINGS)).default([]),
    labelMinutes: z.int().nullable().default(null),
    details: z.partialRecord(z.enum(DETAILS), z.string()).default({}),
  }),
  choose: z.string().optional(),
  reason: z.string().optional(),
  release: instant.optional(),
  /** What the supplier wrote back: as ordered, or with one member of its first line misread. */
  acknowledged: z.union([z.literal('agrees'), z.strictObject({ path: z.string(), value: z.string() })]).optional(),
  /** When its unit was looked at and accepted. */
  received: instant.optional(),
  steps: z.union([z.literal('all'), z.array(z.string())]).optional(),
  stepsAt: instant.optional(),
  tests: z.record(z.string(), z.string()).optional(),
})
const scenarioSchema = z.strictObject({
  company: z.string(),
  members: z.array(z.string()).min(1),
  firm: firmSchema.partial(),
  jobs: z.array(
    z.strictObject({
      name: z.string(),
      site: z.string(),
      unit: z.enum(['in', 'mm']),
      step: z.enum(DISPLAY_STEPS),
      visitOn: z.iso.date(),
      latitude: z.number(),
      longitude: z.number(),
      createdAt: instant,
      openings: z.array(openingSchema),
    }),
  ),
})
type ScenarioOpening = z.infer<typeof openingSchema>

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
  await saveFirm(db, acting, 0, { ...NEW_FIRM, ...scenario.firm })
  for (const { openings, latitude, longitude, ...plain } of scenario.jobs) {
    const jobId = idOf('job', plain.name)
    await insertJob(db, acting, {
      ...plain,
      id: jobId,
      latitudeE6: Math.round(latitude * 1e6),
      longitudeE6: Math.round(longitude * 1e6),
    })
    for (const one of openings) await loadOpening(db, acting, { id: jobId, unit: plain.unit }, one, units, scenario)
  }
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
  const wishes: Wishes = {
    ...newWishes(one.way),
    ...one.wishes,
    chosen: unit ? { unit: unit.id, reason: one.reason ?? '' } : null,
  }
  const opening = { id, tag: one.tag, name: one.name, family: one.family }
  await addOpening(db, acting, jobId, opening, newWishes(one.way))
  await saveWishes(db, acting, id, 1, wishes)
  const taken = [
    ...Object.entries(one.readings).map(([slot, text]) => [slot, text, one.takenBy] as const),
    ...one.again,
  ]
  const readings = taken.map((row, i) => readingOf(id, row, lengthUnit, one, i))
  await addReadings(db, acting, id, readings)
  const answers = answersOf(id, one, readings.length)
  await addAnswers(db, acting, id, answers)
  const log = logOf(id, one)
  await addLog(db, acting, id, log)
  if (!one.release) return
  const result = runJob(
    { opening, readings, answers, wishes, sealChoice: {}, orders: [], receipts: [], log },
    tradeWith(units, { firm: { ...NEW_FIRM, ...firm } }),
  )
  if (!result.line) throw new Error(`${one.tag} can't be ordered: ${JSON.stringify(result.findings.order)}`)
  const released = await releaseOrder(db, acting, jobId, {
    id: idOf('order', id),
    releasedAt: one.release,
    maker: result.line.unit.maker,
    lines: [result.line],
    supersedes: null,
  })
  if (!released.ok) throw new Error(`${one.tag} is ordered already`)
  await loadExchange(db, acting, { order: released.order, company }, one, lengthUnit)
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
  return {
    id: takenBy === one.takenBy ? idOf('reading', openingId, slot) : idOf('reading', openingId, slot, takenBy),
    slot,
    value: parsed.value.ticks,
    text,
    takenAt: takenAtOf(one, index),
    takenBy,
    note: '',
    deviation: null,
    device: '',
    ...instrumentFor(slot, unit),
  }
}

function instrumentFor(slot: Slot, unit: LengthUnit): Pick<Reading, 'instrument' | 'graduation' | 'levelLength'> {
  const [fine, usual] = unit === 'in' ? (['1/32', '1/16'] as const) : (['0.5', '1'] as const)
  if (isLevelReading(slot)) return { instrument: 'level', graduation: fine, levelLength: LEVEL_LENGTH }
  if (/gap\./.test(slot)) return { instrument: 'gauge', graduation: fine, levelLength: null }
  if (/(bow|crown)\./.test(slot)) return { instrument: 'straightedge', graduation: fine, levelLength: null }
  return { instrument: 'tape', graduation: usual, levelLength: null }
}

const sixFeet = parseLength(`6'`, { unit: 'in' })
const LEVEL_LENGTH = sixFeet.ok ? sixFeet.value.ticks : ZERO

function logOf(openingId: string, one: ScenarioOpening): readonly LogEntry[] {
  const start = Date.parse(one.stepsAt ?? one.release ?? one.takenAt)
  const codes = one.steps === 'all' ? STEPS.map(step => step.id) : (one.steps ?? [])
  const at = (n: number) => new Date(start + n * 900_000).toISOString()
  const steps = codes.map(
    (code, i): LogEntry => ({
      id: idOf('step', openingId, code),
      kind: 'step',
      code,
      result: 'done',
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
      text,
      by: one.takenBy,
      at: at(codes.length + i),
    }),
  )
  return [...steps, ...tests]
}
