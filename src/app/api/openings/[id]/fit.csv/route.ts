import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { loadOpening, workOf } from '@/server/load-opening'
import { writePacksCsv } from '@/writers/write-fit-csv'

export const GET = handle('look', async ({ db, acting, id }) => {
  const sheet = await loadOpening(db, acting, id)
  return sheet
    ? download(
        writePacksCsv(workOf(sheet).fit.value, sheet.job.step),
        'text/csv; charset=utf-8',
        `${sheet.opening.tag}-packs.csv`,
      )
    : notFound()
})
