import { fitLog } from '@/core/log/fit-log'
import { recordsOf } from '@/core/sheet'
import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { loadOpening } from '@/server/load-opening'
import { writeFitLogCsv } from '@/writers/write-fit-csv'

export const GET = handle('look', async ({ db, acting, id }) => {
  const sheet = await loadOpening(db, acting, id)
  return sheet
    ? download(
        writeFitLogCsv(fitLog(recordsOf(sheet)), sheet.job.step),
        'text/csv; charset=utf-8',
        `${sheet.opening.tag}-fit-log.csv`,
      )
    : notFound()
})
