import { z } from 'zod'
import { schoolChoicesSchema } from './base/school-choices'
import { unitSchema } from './catalogue/unit-record'
import { EDIT_SCHEMAS } from './edits'
import { logEntrySchema } from './log/log'
import { orderSchema } from './order/order'
import { receiptSchema } from './order/receipt'
import { FILE_VERSION, raisedFile } from './records/raise-file'
import { isMembers } from './records/version'
import { answerSchema } from './survey/answer'
import { jobSchema, openingSchema } from './survey/job-record'
import { photoSchema } from './survey/photo'
import { readingSchema } from './survey/reading'

const revision = z.int().min(1)

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

/** Lists of an opening, and how much of each is looked through before others may go on: a photo is as long as ten thousand readings. */
const LISTS = { readings: 500, answers: 500, log: 500, photos: 1 } as const

/** Parses a job file whole: everything, or the paths that are wrong. Also checks what a schema can't: ids used twice and references that lead
 *  nowhere. It is looked through a part at a time; `between` is awaited after each, so that others may go on meanwhile. */
export async function parseJobFile(value: unknown, between: () => Promise<void> = async () => {}): Promise<Parsed> {
  // Counted before they are looked through: each would have its own list of what is wrong.
  const many = tooMany(value)
  if (many) return { file: null, issues: [many] }
  const now = raisedFile(value)
  const [head, lists] = apart(now, ['openings'])
  const rest = jobFileSchema.safeParse(head)
  const issues = rest.success ? [] : [...issuesOf(rest.error)]
  const openings: OpeningFile[] = []
  for (const [i, one] of lists.openings.entries()) {
    if (issues.length >= MOST_ISSUES) break
    const parsed = await parseOpening(one, ['openings', i], between)
    if (parsed.issues) issues.push(...parsed.issues)
    else openings.push(parsed.opening)
  }
  if (!rest.success || issues.length) return { file: null, issues: issues.slice(0, MOST_ISSUES) }
  const file = { ...rest.data, openings }
  const wrong = [...doubled(file), ...dangling(file)]
  return wrong.length ? { file: null, issues: wrong } : { file, issues: [] }
}

type ParsedOpening =
  | { readonly opening: OpeningFile; readonly issues?: undefined }
  | { readonly opening?: undefined; readonly issues: readonly FileIssue[] }

async function parseOpening(value: unknown, at: Path, between: () => Promise<void>): Promise<ParsedOpening> {
  const names = Object.keys(LISTS) as (keyof typeof LISTS)[]
  const [head, lists] = apart(value, names)
  const rest = openingFileSchema.safeParse(head)
  const issues = rest.success ? [] : [...issuesOf(rest.error, at)]
  const rows: Record<string, unknown[]> = {}
  for (const name of names) {
    rows[name] = []
    for (let from = 0; from < lists[name].length && issues.length < MOST_ISSUES; from += LISTS[name]) {
      for (const [i, one] of lists[name].slice(from, from + LISTS[name]).entries()) {
        const parsed = openingFileSchema.shape[name].element.safeParse(one)
        if (parsed.success) rows[name].push(parsed.data)
        else issues.push(...issuesOf(parsed.error, [...at, name, from + i]))
      }
      await between()
    }
  }
  return rest.success && issues.length === 0 ? { opening: { ...rest.data, ...rows } } : { issues }
}

/** A value with some of its lists emptied, and those lists; what is no list stays, for the schema to name. */
function apart<K extends string>(
  value: unknown,
  names: readonly K[],
): [unknown, Readonly<Record<K, readonly unknown[]>>] {
  const whole = isMembers(value) ? value : {}
  const listed = names.filter(name => Array.isArray(whole[name]))
  const lists = Object.fromEntries(names.map(name => [name, listed.includes(name) ? whole[name] : []]))
  const emptied = listed.length ? { ...whole, ...Object.fromEntries(listed.map(name => [name, []])) } : value
  return [emptied, lists as Record<K, readonly unknown[]>]
}

type Path = readonly PropertyKey[]

const issuesOf = (error: z.ZodError, at: Path = []): readonly FileIssue[] =>
  error.issues.slice(0, MOST_ISSUES).map(one => ({ path: pathText([...at, ...one.path]), message: one.message }))

const MOST_OPENINGS = 2000
const MOST_ROWS = 20_000
const MOST_LISTED = { readings: MOST_ROWS, answers: MOST_ROWS, log: MOST_ROWS, photos: 500 }

/** The list of a file that is longer than any may be. */
function tooMany(value: unknown): FileIssue | null {
  if (!isMembers(value) || !Array.isArray(value.openings)) return null
  const message = (most: number) => `more than ${most}`
  if (value.openings.length > MOST_OPENINGS) return { path: 'openings', message: message(MOST_OPENINGS) }
  for (const [i, one] of value.openings.entries())
    for (const [name, most] of Object.entries(MOST_LISTED))
      if (isMembers(one) && Array.isArray(one[name]) && one[name].length > most)
        return { path: `openings[${i}].${name}`, message: message(most) }
  return null
}

const pathText = (path: Path): string =>
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
