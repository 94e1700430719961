import { and, desc, eq, inArray, or, type SQL, sql } from 'drizzle-orm'
import { v7 as uuidV7 } from 'uuid'
import type { Audited, AuditSubject, AuditVerb } from '@/core/access/audit'
import { type Changed, changedBetween } from '@/core/base/changed'
import type { Acting } from './acting'
import { audit } from './audit-table'
import type { Db } from './connection'
import { opening, purchaseOrder } from './tables'

/** What is written down: what was done to what, and how it was before and after. */
export type Note = {
  readonly verb: AuditVerb
  readonly subject: AuditSubject
  readonly subjectId: string
  readonly about?: string
  readonly before?: unknown
  readonly after?: unknown
}

const MOST_CHANGES = 60
const MOST_LETTERS = 400
/** A long text or list is kept as far as it tells. */
const short = (value: unknown): unknown => {
  const text = JSON.stringify(value) ?? 'null'
  return text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS)} …` : value
}

/** Writes down what somebody did, in the transaction that does it. A change that changes nothing is none. */
export async function note(
  tx: Db,
  acting: Acting,
  { verb, subject, subjectId, about = '', before, after }: Note,
): Promise<void> {
  const changes: readonly Changed[] = changedBetween(before ?? {}, after ?? {})
  if (verb === 'changed' && changes.length === 0) return
  await tx.insert(audit).values({
    companyId: acting.companyId,
    id: uuidV7(),
    at: new Date().toISOString(),
    memberId: acting.memberId,
    by: acting.name,
    verb,
    subject,
    subjectId,
    jobId: jobOf(acting, subject, subjectId),
    about: about.slice(0, 200),
    changes: changes
      .slice(0, MOST_CHANGES)
      .map(one => ({ path: one.path, before: short(one.before), after: short(one.after) })),
  })
}

function jobOf({ companyId }: Acting, subject: AuditSubject, id: string): string | SQL | null {
  if (subject === 'job') return id
  const table = subject === 'opening' ? opening : subject === 'order' ? purchaseOrder : null
  return table && sql`(select job_id from ${table} where ${table.companyId} = ${companyId} and ${table.id} = ${id})`
}

/** Of what the notes are wanted: a job with its openings and orders, one order, or the firm with its people and lists. */
export type AuditOf = { readonly job: string } | { readonly order: string } | { readonly firm: true }

/** What was done to something, the latest first. */
export async function listAudit(db: Db, acting: Acting, of: AuditOf, most: number): Promise<readonly Audited[]> {
  const which =
    'job' in of
      ? eq(audit.jobId, of.job)
      : 'order' in of
        ? and(eq(audit.subject, 'order'), eq(audit.subjectId, of.order))
        : or(inArray(audit.subject, ['firm', 'member']))
  const rows = await db
    .select()
    .from(audit)
    .where(and(eq(audit.companyId, acting.companyId), which))
    .orderBy(desc(audit.at), desc(audit.id))
    .limit(most)
  return rows.map(({ companyId: _c, memberId: _m, jobId: _j, ...row }) => row as Audited)
}

/** Who changed one record of something last, and when; `null` where nobody did. */
export async function lastChange(
  db: Db,
  { companyId }: Acting,
  { subject, subjectId, about }: Required<Pick<Note, 'subject' | 'subjectId' | 'about'>>,
): Promise<Pick<Audited, 'by' | 'at'> | null> {
  const is = [eq(audit.subject, subject), eq(audit.subjectId, subjectId), eq(audit.about, about)]
  const [row] = await db
    .select({ by: audit.by, at: audit.at })
    .from(audit)
    .where(and(eq(audit.companyId, companyId), eq(audit.verb, 'changed'), ...is))
    .orderBy(desc(audit.at), desc(audit.id))
    .limit(1)
  return row ?? null
}
