import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { loadOpening } from '@/server/load-opening'
import { writeReadingsCsv } from '@/writers/write-csv'

export const GET = handle('look', async ({ db, acting, id }) => {
  const sheet = await loadOpening(db, acting, id)
  return sheet
    ? download(
        writeReadingsCsv(sheet.readings, sheet.job.step),
        'text/csv; charset=utf-8',
        `${sheet.opening.tag}-readings.csv`,
      )
    : notFound()
})
