import { z } from 'zod'
import { schoolChoicesSchema } from './base/school-choices'
import { unitSchema } from './catalogue/unit-record'
import { EDIT_SCHEMAS } from './edits'
import { logEntrySchema } from './log/log'
import { orderSchema } from './order/order'
import { receiptSchema } from './order/receipt'
import {
  listOf,
  partWishes,
  raiseAnswer,
  raiseChoices,
  raiseDensity,
  raiseLine,
  raiseLineUnit,
  raiseLog,
  raiseReading,
  raiseReceipt,
  raiseSeal,
  raiseVisit,
  raiseWishes,
} from './records/raise'
import { raiseUnit, silentOnNew } from './records/raise-unit'
import { isMembers, type Members } from './records/version'
import { answerSchema } from './survey/answer'
import { jobSchema, openingSchema } from './survey/job-record'
import { photoSchema } from './survey/photo'
import { readingSchema } from './survey/reading'

const revision = z.int().min(1)
export const FILE_VERSION = 8

/** One opening with everything said about it. */
export const openingFileSchema = z.strictObject({
  opening: openingSchema,
  readings: z.array(readingSchema).max(20_000),
  answers: z.array(answerSchema).max(20_000),
  /** Photos with their pictures, JPEG in base64. */
  photos: z.array(z.strictObject({ photo: photoSchema, picture: z.base64(), small: z.base64() })).max(500),
  /** What is settled, a record for each part of the work with its revision. */
  edits: z.strictObject({
    wishes: z.strictObject({ revision, data: EDIT_SCHEMAS.wishes }),
    order: z.strictObject({ revision, data: EDIT_SCHEMAS.order }),
    fit: z.strictObject({ revision, data: EDIT_SCHEMAS.fit }),
    seal: z.strictObject({ revision, data: EDIT_SCHEMAS.seal }),
    allowances: z.strictObject({ revision, data: EDIT_SCHEMAS.allowances }),
  }),
  log: z.array(logEntrySchema).max(20_000),
})

/** A whole job as a file: what another Harvek needs to go on with it. */
export const jobFileSchema = z.strictObject({
  format: z.literal('harvek-job'),
  version: z.literal(FILE_VERSION),
  exportedAt: z.iso.datetime({ precision: 3 }),
  job: jobSchema,
  openings: z.array(openingFileSchema).max(2000),
  /** The catalogue units that were chosen. */
  units: z.array(unitSchema).max(2000),
  orders: z.array(orderSchema).max(2000),
  /** What was found on delivered units. */
  receipts: z.array(receiptSchema).max(20_000),
  /** The practices this job chose. */
  schools: schoolChoicesSchema,
})

export type OpeningFile = z.infer<typeof openingFileSchema>
export type JobFile = z.infer<typeof jobFileSchema>

/** What is wrong with a file, as paths and plain sentences; empty when it can be taken. */
export type FileIssue = { readonly path: string; readonly message: string }

type Parsed =
  | { readonly file: JobFile; readonly issues: readonly [] }
  | { readonly file: null; readonly issues: readonly FileIssue[] }

const MOST_ISSUES = 50

/** Parses a job file whole: everything, or the paths that are wrong. Also checks what a schema can't: ids used twice and references that lead
 *  nowhere. It is looked through an opening at a time; `between` is awaited after each, so that others may go on meanwhile. */
export async function parseJobFile(value: unknown, between: () => Promise<void> = async () => {}): Promise<Parsed> {
  // Counted before they are looked through: each would have its own list of what is wrong.
  const many = tooMany(value)
  if (many) return { file: null, issues: [many] }
  const now = raised(value)
  const listed = isMembers(now) && Array.isArray(now.openings) ? now.openings : []
  const openings: OpeningFile[] = []
  const issues: FileIssue[] = []
  for (const [i, one] of listed.entries()) {
    const parsed = openingFileSchema.safeParse(one)
    if (parsed.success) openings.push(parsed.data)
    else issues.push(...issuesOf(parsed.error, ['openings', i]))
    if (issues.length >= MOST_ISSUES) break
    await between()
  }
  // The rest with a list that is right, whatever that of the file is.
  const rest = jobFileSchema.safeParse(isMembers(now) && Array.isArray(now.openings) ? { ...now, openings: [] } : now)
  if (!rest.success) issues.unshift(...issuesOf(rest.error))
  if (!rest.success || issues.length) return { file: null, issues: issues.slice(0, MOST_ISSUES) }
  await between()
  const file = { ...rest.data, openings }
  const wrong = [...doubled(file), ...dangling(file)]
  return wrong.length ? { file: null, issues: wrong } : { file, issues: [] }
}

const issuesOf = (error: z.ZodError, at: readonly PropertyKey[] = []): readonly FileIssue[] =>
  error.issues.slice(0, MOST_ISSUES).map(one => ({ path: pathText([...at, ...one.path]), message: one.message }))

const MOST_OPENINGS = 2000
const MOST_ROWS = 20_000

/** The list of a file that is longer than any may be. */
function tooMany(value: unknown): FileIssue | null {
  if (!isMembers(value) || !Array.isArray(value.openings)) return null
  const message = (most: number) => `more than ${most}`
  if (value.openings.length > MOST_OPENINGS) return { path: 'openings', message: message(MOST_OPENINGS) }
  for (const [i, one] of value.openings.entries())
    for (const name of ['readings', 'answers', 'log', 'photos'])
      if (isMembers(one) && Array.isArray(one[name]) && one[name].length > MOST_ROWS)
        return { path: `openings[${i}].${name}`, message: message(MOST_ROWS) }
  return null
}

/** What each older version needs to become the next one: `UP[1]` makes a file of version 1 one of version 2. */
const UP: Readonly<Record<number, (file: Members) => Members>> = {
  1: file => ({
    ...file,
    version: 2,
    openings: listOf(file.openings, opening => ({
      ...opening,
      readings: listOf(opening.readings, reading => ({ deviation: null, device: '', ...reading })),
      answers: [],
      photos: [],
    })),
  }),
  2: file => ({ ...file, version: 3, receipts: [], schools: {} }),
  3: file => ({
    ...file,
    version: 4,
    openings: listOf(file.openings, raiseOpening),
    units: listOf(file.units, raiseUnit),
    orders: listOf(file.orders, order => ({
      revision: 1,
      supersedes: null,
      maker: '',
      withdrawn: null,
      ...order,
      lines: listOf(order.lines, raiseLine),
    })),
  }),
  4: file => ({
    ...file,
    version: 5,
    job: isMembers(file.job) ? raiseJob(file.job) : file.job,
    openings: listOf(file.openings, one => ({
      ...one,
      opening: isMembers(one.opening) ? { archivedAt: null, ...one.opening } : one.opening,
      edits: isMembers(one.edits)
        ? {
            ...one.edits,
            wishes: raiseData(one.edits.wishes, raiseWishes),
            order: raiseData(one.edits.order, raiseChoices),
          }
        : one.edits,
    })),
    units: listOf(file.units, silentOnNew),
    orders: listOf(file.orders, order => ({ ...order, lines: listOf(order.lines, raiseLineUnit) })),
  }),
  5: file => ({
    ...file,
    version: 6,
    receipts: listOf(file.receipts, raiseReceipt),
    openings: listOf(file.openings, one => ({
      ...one,
      edits: isMembers(one.edits) ? { ...one.edits, wishes: raiseData(one.edits.wishes, raiseVisit) } : one.edits,
    })),
  }),
  6: file => ({
    ...file,
    version: 7,
    openings: listOf(file.openings, one => ({
      ...one,
      edits: isMembers(one.edits) ? { ...one.edits, wishes: raiseData(one.edits.wishes, raiseDensity) } : one.edits,
    })),
    units: listOf(file.units, silentOnNew),
    orders: listOf(file.orders, order => ({ ...order, lines: listOf(order.lines, raiseLineUnit) })),
  }),
  7: file => ({
    ...file,
    version: 8,
    openings: listOf(file.openings, one => ({
      ...one,
      edits: isMembers(one.edits) ? { ...one.edits, seal: raiseData(one.edits.seal, raiseSeal) } : one.edits,
    })),
    units: listOf(file.units, silentOnNew),
    orders: listOf(file.orders, order => ({ ...order, lines: listOf(order.lines, raiseLineUnit) })),
  }),
}

/** An edited record with its data changed. */
const raiseData = (record: unknown, up: (data: Members) => Members): unknown =>
  isMembers(record) && isMembers(record.data) ? { ...record, data: up(record.data) } : record

/** Version 5 of a job: with customer, delivery and time zone, its place in one member. */
function raiseJob({ latitudeE6, longitudeE6, ...job }: Members): Members {
  const place = latitudeE6 === undefined ? null : { name: '', latitudeE6, longitudeE6 }
  return {
    customer: { name: '', phone: '', email: '' },
    delivery: '',
    notes: '',
    place,
    timeZone: null,
    archivedAt: null,
    ...job,
  }
}

/** Version 4 of an opening: its edited records parted, its rows with what they hold since. */
function raiseOpening({ wishes, sealChoice, ...opening }: Members): Members {
  const [wished, sealed] = [wishes, sealChoice].map(one => (isMembers(one) ? one : {}))
  const dataOf = (one: Members | undefined): Members => (isMembers(one?.data) ? one.data : {})
  const parts = partWishes(dataOf(wished), dataOf(sealed))
  const edits = Object.fromEntries(
    Object.entries(parts).map(([kind, data]) => [
      kind,
      { revision: (kind === 'seal' ? sealed?.revision : wished?.revision) ?? 1, data },
    ]),
  )
  return {
    ...opening,
    readings: listOf(opening.readings, raiseReading),
    answers: listOf(opening.answers, raiseAnswer),
    log: listOf(opening.log, raiseLog),
    edits,
  }
}

/** A file of an older version brought up to the present one, a version at a time. */
function raised(value: unknown): unknown {
  if (!isMembers(value) || value.format !== 'harvek-job') return value
  let file = value
  for (let up = UP[Number(file.version)]; up && Number(file.version) < FILE_VERSION; up = UP[Number(file.version)])
    file = up(file)
  return file
}

const pathText = (path: readonly PropertyKey[]): string =>
  path.reduce<string>(
    (text, part) => (typeof part === 'number' ? `${text}[${part}]` : text ? `${text}.${String(part)}` : String(part)),
    '',
  ) || '(whole file)'

function doubled(file: JobFile): readonly FileIssue[] {
  const lists: readonly (readonly [path: string, keys: readonly (string | number)[]])[] = [
    ['openings', file.openings.map(one => one.opening.id)],
    ['openings', file.openings.map(one => one.opening.position)],
    ['readings', file.openings.flatMap(one => one.readings.map(reading => reading.id))],
    ['answers', file.openings.flatMap(one => one.answers.map(answer => answer.id))],
    ['photos', file.openings.flatMap(one => one.photos.map(({ photo }) => photo.id))],
    ['log', file.openings.flatMap(one => one.log.map(entry => entry.id))],
    ['units', file.units.map(one => one.id)],
    ['units', file.units.map(one => one.article)],
    ['orders', file.orders.map(one => one.id)],
    ['receipts', file.receipts.map(one => one.id)],
  ]
  return lists.flatMap(([path, keys]) => {
    const seen = new Set<string | number>()
    const twice = keys.find(key => seen.size === seen.add(key).size)
    return twice === undefined ? [] : [{ path, message: `“${twice}” is there twice` }]
  })
}

function dangling(file: JobFile): readonly FileIssue[] {
  const openings = new Set(file.openings.map(one => one.opening.id))
  const orders = new Set(file.orders.map(one => one.id))
  const receipts = file.receipts.flatMap((one, i) =>
    orders.has(one.orderId) ? [] : [{ path: `receipts[${i}].orderId`, message: 'no such order in this file' }],
  )
  const lines = file.orders.flatMap((order, i) =>
    order.lines.flatMap((line, j) =>
      openings.has(line.opening.id)
        ? []
        : [{ path: `orders[${i}].lines[${j}].opening.id`, message: 'no such opening in this file' }],
    ),
  )
  return [...lines, ...receipts]
}

/** The published JSON Schema of a job file, made from the one definition above. */
export const jobFileJsonSchema = () => ({
  title: 'A Harvek job',
  description: 'Lengths are whole ticks of 1/3200 mm. Left and right are as seen from outside.',
  ...z.toJSONSchema(jobFileSchema, { io: 'input' }),
})
