import { v7 as uuidV7 } from 'uuid'
import { newEdits } from '@/core/new-edits'
import type { Opening } from '@/core/survey/job-record'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { findEdits } from '@/store/edits'
import { addOpening, findJob, findOpening, insertJob, listOpenings } from '@/store/jobs'

type Found = { readonly opening: Opening; readonly jobId: string }
type Copy = { readonly id: string; readonly jobId: string; readonly tag: string }

/** Adds an opening like another: its kind, wishes, allowances and what is settled of the order; nothing that was read, ordered or done. */
export async function copyOpening(db: Db, acting: Acting, { opening }: Found, copy: Copy): Promise<void> {
  if (await findOpening(db, acting, copy.id)) return
  const { wishes, allowances, order } = await findEdits(db, acting, opening.id)
  const first = newEdits(wishes.data.way)
  await addOpening(
    db,
    acting,
    copy.jobId,
    { id: copy.id, tag: copy.tag, name: opening.name, family: opening.family },
    {
      ...first,
      wishes: wishes.data,
      allowances: allowances.data,
      order: { ...first.order, details: order.data.details },
    },
  )
}

/** A job like another, with openings like its own; `false` when there is none such. */
export async function copyJob(db: Db, acting: Acting, from: string, to: string): Promise<boolean> {
  const job = await findJob(db, acting, from)
  if (!job) return false
  if (await findJob(db, acting, to)) return true
  const name = `${job.name}, again`.slice(0, 120)
  await insertJob(db, acting, {
    ...job,
    id: to,
    name,
    visitOn: null,
    archivedAt: null,
    createdAt: new Date().toISOString(),
  })
  for (const opening of await listOpenings(db, acting, from))
    if (opening.archivedAt === null)
      await copyOpening(db, acting, { opening, jobId: from }, { id: uuidV7(), jobId: to, tag: opening.tag })
  return true
}
