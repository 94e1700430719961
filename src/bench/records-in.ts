import type { JobFile } from '@/core/job-file'
import { EDIT_KINDS } from '@/core/new-edits'
import type { OpeningRecords } from '@/core/terms'

/** The records of one opening of an exported job, as if nothing of it was ordered yet. */
export function recordsIn(file: JobFile, tag: string): OpeningRecords {
  const { opening, readings, answers, edits, log } = file.openings.find(one => one.opening.tag === tag)!
  const data = Object.fromEntries(EDIT_KINDS.map(kind => [kind, edits[kind].data])) as Pick<
    OpeningRecords,
    (typeof EDIT_KINDS)[number]
  >
  return { ...data, opening, readings, answers, orders: [], receipts: [], log }
}
