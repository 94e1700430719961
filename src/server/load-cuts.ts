import type { Firm } from '@/core/catalogue/firm'
import { type CutOfSeal, cutList } from '@/core/seal/cut-list'
import type { ShownJob } from '@/core/sheet'
import { asWritten, type Versioned } from '@/core/sheet'
import { toCutOf } from '@/core/taking'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { findFirm } from '@/store/firm'
import { findJob, listOpenings } from '@/store/jobs'
import { LENGTHS } from '@/trade/lengths'
import { loadOpenings, workOf } from './load-opening'

export type LoadedCuts = {
  readonly job: ShownJob
  readonly cuts: readonly CutOfSeal[]
  readonly firm: Versioned<Firm>
}

/** Every strip of a job's openings that is neither cut nor fitted yet, laid out on off-cuts and bars; `null` when this company has no such job. */
export async function loadCuts(db: Db, acting: Acting, jobId: string): Promise<LoadedCuts | null> {
  const [row, openings, firm] = await Promise.all([
    findJob(db, acting, jobId),
    listOpenings(db, acting, jobId),
    findFirm(db, acting),
  ])
  if (!row) return null
  const shown = openings.filter(one => one.archivedAt === null)
  const sheets = await loadOpenings(
    db,
    acting,
    shown.map(one => one.id),
  )
  const toCut = sheets.map(sheet => toCutOf(workOf(sheet), sheet))
  return { job: asWritten(row, firm.data.numbers), cuts: cutList(toCut, LENGTHS, firm.data.offCuts), firm }
}
