import type { Acting } from '@/store/acting'
import type { AuditOf } from '@/store/audit'
import type { Db } from '@/store/connection'
import { findJob } from '@/store/jobs'
import { findOrder } from '@/store/orders'

/** Of what somebody asks who changed it: `?job=`, `?order=`, else the firm; `null` where this company has none such. */
export async function auditAsked(db: Db, acting: Acting, { url }: Request): Promise<AuditOf | null> {
  const query = new URL(url).searchParams
  const [job, order] = [query.get('job'), query.get('order')]
  if (job !== null) return (await findJob(db, acting, job)) && { job }
  if (order !== null) return (await findOrder(db, acting, order)) && { order }
  return { firm: true }
}
