import type { OpeningRecords } from '@/core/job'
import type { JobFile } from '@/core/job-file'

/** The records of one opening of an exported job, as if nothing of it was ordered yet. */
export function recordsIn(file: JobFile, tag: string): OpeningRecords {
  const { opening, readings, answers, wishes, sealChoice, log } = file.openings.find(one => one.opening.tag === tag)!
  return {
    opening,
    readings,
    answers,
    wishes: wishes.data,
    sealChoice: sealChoice.data,
    orders: [],
    receipts: [],
    log,
  }
}
