import { z } from 'zod'
import { unitSchema } from './catalogue/unit'
import { logEntrySchema } from './handover/log'
import { orderSchema } from './order/order'
import { sealChoiceSchema } from './seal/seal-choice'
import { wishesSchema } from './specification/wishes'
import { jobSchema, openingSchema } from './survey/job-record'
import { readingSchema } from './survey/reading'

const revision = z.int().min(1)

/** One opening with everything said about it. */
export const openingFileSchema = z.strictObject({
  opening: openingSchema,
  readings: z.array(readingSchema).max(20_000),
  wishes: z.strictObject({ revision, data: wishesSchema }),
  sealChoice: z.strictObject({ revision, data: sealChoiceSchema }),
  log: z.array(logEntrySchema).max(20_000),
})

/** A whole job as a file: what another Harvek needs to go on with it. */
export const jobFileSchema = z.strictObject({
  format: z.literal('harvek-job'),
  version: z.literal(1),
  exportedAt: z.iso.datetime({ precision: 3 }),
  job: jobSchema,
  openings: z.array(openingFileSchema).max(2000),
  /** The catalogue units that were chosen. */
  units: z.array(unitSchema).max(2000),
  orders: z.array(orderSchema).max(2000),
})

export type OpeningFile = z.infer<typeof openingFileSchema>
export type JobFile = z.infer<typeof jobFileSchema>

/** What is wrong with a file, as paths and plain sentences; empty when it can be taken. */
export type FileIssue = { readonly path: string; readonly message: string }

/** Parses a job file whole: everything, or the paths that are wrong. Also checks what a schema can't:
 *  ids used twice and references that lead nowhere. */
export function parseJobFile(
  value: unknown,
):
  | { readonly file: JobFile; readonly issues: readonly [] }
  | { readonly file: null; readonly issues: readonly FileIssue[] } {
  const parsed = jobFileSchema.safeParse(value)
  if (!parsed.success) {
    return {
      file: null,
      issues: parsed.error.issues.slice(0, 50).map(one => ({ path: pathText(one.path), message: one.message })),
    }
  }
  const issues = [...doubled(parsed.data), ...dangling(parsed.data)]
  return issues.length ? { file: null, issues } : { file: parsed.data, issues: [] }
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
    ['log', file.openings.flatMap(one => one.log.map(entry => entry.id))],
    ['units', file.units.map(one => one.id)],
    ['units', file.units.map(one => one.article)],
    ['orders', file.orders.map(one => one.id)],
  ]
  return lists.flatMap(([path, keys]) => {
    const twice = keys.find((key, i) => keys.indexOf(key) !== i)
    return twice === undefined ? [] : [{ path, message: `“${twice}” is there twice` }]
  })
}

function dangling(file: JobFile): readonly FileIssue[] {
  const openings = new Set(file.openings.map(one => one.opening.id))
  return file.orders.flatMap((order, i) =>
    order.lines.flatMap((line, j) =>
      openings.has(line.opening.id)
        ? []
        : [{ path: `orders[${i}].lines[${j}].opening.id`, message: 'no such opening in this file' }],
    ),
  )
}

/** The published JSON Schema of a job file, made from the one definition above. */
export const jobFileJsonSchema = () => ({
  title: 'A Harvek job',
  description: 'Lengths are whole ticks of 1/3200 mm. Left and right are as seen from outside.',
  ...z.toJSONSchema(jobFileSchema, { io: 'input' }),
})
