import { auditAsked } from '@/server/audit-asked'
import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { listAudit } from '@/store/audit'
import { writeAuditCsv } from '@/writers/write-audit-csv'

const MOST_WRITTEN = 20_000

/** The same as a file: one row for each member that was changed. */
export const GET = handle('audit', async ({ db, acting, request }) => {
  const of = await auditAsked(db, acting, request)
  if (!of) return notFound()
  return download(
    writeAuditCsv(await listAudit(db, acting, of, MOST_WRITTEN)),
    'text/csv; charset=utf-8',
    'who-changed-what.csv',
  )
})
