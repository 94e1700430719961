import { FIGURE_IDS } from '@/core/after/figures'
import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { loadFigured, loadSuppliers } from '@/server/load-after'
import { writeFigureCsv, writeSuppliersCsv } from '@/writers/write-figure-csv'

/** One figure over all jobs as CSV, with the openings behind each line. */
export const GET = handle('look', async ({ db, acting, id }) => {
  if (id === 'suppliers.csv')
    return download(writeSuppliersCsv(await loadSuppliers(db, acting)), 'text/csv; charset=utf-8', id)
  const figure = FIGURE_IDS.find(one => `${one}.csv` === id)
  if (!figure) return notFound()
  const csv = writeFigureCsv(figure, await loadFigured(db, acting, new Date()))
  return download(csv, 'text/csv; charset=utf-8', `${figure}.csv`)
})
