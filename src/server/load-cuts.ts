import { type CutOfSeal, cutList } from '@/core/seal/cut-list'
import type { ShownJob } from '@/core/sheet'
import { asWritten } from '@/core/sheet'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { findFirm } from '@/store/firm'
import { findJob, listOpenings } from '@/store/jobs'
import { LENGTHS } from '@/trade/lengths'
import { loadOpening, workOf } from './load-opening'

/** Every strip of a job's openings that is not fitted yet, laid out on bars; `null` when this company has no such job. */
export async function loadCuts(
  db: Db,
  acting: Acting,
  jobId: string,
): Promise<{ readonly job: ShownJob; readonly cuts: readonly CutOfSeal[] } | null> {
  const [row, openings, firm] = await Promise.all([
    findJob(db, acting, jobId),
    listOpenings(db, acting, jobId),
    findFirm(db, acting),
  ])
  if (!row) return null
  const sheets = await Promise.all(
    openings.filter(one => one.archivedAt === null).map(one => loadOpening(db, acting, one.id)),
  )
  const toCut = sheets.flatMap(sheet => {
    if (!sheet) return []
    const { plan, fitted } = workOf(sheet).seal.value
    // What is only expected is not cut yet.
    const isRead = plan?.edges.some(one => one.expected === null) ?? false
    return [{ tag: sheet.opening.tag, plan: isRead ? plan : null, fitted }]
  })
  return { job: asWritten(row, firm.data.numbers), cuts: cutList(toCut, LENGTHS) }
}
