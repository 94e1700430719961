import Papa from 'papaparse'
import { v5 as uuidV5 } from 'uuid'
import { type CatalogueUnit, unitSchema } from '@/core/catalogue/unit'
import { parseLength } from '@/core/units/parse-length'
import { issueWords } from '@/words/issues'

const NAMESPACE = '5f0c6f6e-0b5e-4a52-9f63-2a4b1b0f7c11'

/** A row that can't be taken, counted as a person sees it in the file: the head is row 1. */
export type RejectedRow = { readonly row: number; readonly column: string; readonly reason: string }

const LENGTH_COLUMNS = {
  width: 'width',
  height: 'height',
  leafWidth: 'leaf width',
  leafHeight: 'leaf height',
  jamb: 'jamb',
  leafBottom: 'leaf bottom',
  sillDepth: 'sill depth',
} as const

/** Reads a catalogue from CSV: the rows that can be taken, and every other with its reason. */
export function readCatalogue(csv: string): {
  readonly units: readonly CatalogueUnit[]
  readonly rejected: readonly RejectedRow[]
} {
  const { data } = Papa.parse<Record<string, string>>(csv, { header: true, skipEmptyLines: true })
  const units: CatalogueUnit[] = []
  const rejected: RejectedRow[] = []
  data.forEach((row, i) => {
    const read = readRow(row)
    if ('reason' in read) rejected.push({ row: i + 2, ...read })
    else if (units.some(one => one.article === read.article))
      rejected.push({ row: i + 2, column: 'article', reason: `“${read.article}” is there twice` })
    else units.push(read)
  })
  return { units, rejected }
}

function readRow(row: Record<string, string>): CatalogueUnit | Omit<RejectedRow, 'row'> {
  const lengths: Record<string, number> = {}
  for (const [member, column] of Object.entries(LENGTH_COLUMNS)) {
    const parsed = parseLength(row[column] ?? '', { unit: 'in' })
    if (!parsed.ok) return { column, reason: issueWords(parsed.issues[0]!) }
    lengths[member] = parsed.value.ticks
  }
  const cents = Math.round(Number(row.price) * 100)
  if (!/^\d+(\.\d{1,2})?$/.test(row.price ?? ''))
    return { column: 'price', reason: `“${row.price ?? ''}” is not a price. Write it as 612.00.` }
  const parsed = unitSchema.safeParse({
    ...lengths,
    id: uuidV5(`${row.maker}/${row.article}`, NAMESPACE),
    article: row.article,
    maker: row.maker,
    name: row.name,
    family: 'hinged-outside',
    hinges: row.hinges,
    swing: row.swing,
    material: row.material,
    bore: row.bore,
    labelMinutes: Number(row['label minutes']),
    priceCents: cents,
    leadDays: Number(row.days),
    stock: row.stock === 'yes',
  })
  if (parsed.success) return parsed.data
  const issue = parsed.error.issues[0]!
  return { column: String(issue.path[0] ?? ''), reason: issue.message }
}
