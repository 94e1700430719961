import { download } from '@/server/download'
import { exportElevation } from '@/server/export-elevation'
import { handle, notFound } from '@/server/handle'
import { loadOpening } from '@/server/load-opening'
import { writeDxf } from '@/writers/write-dxf'

export const GET = handle('look', async ({ db, acting, id }) => {
  const sheet = await loadOpening(db, acting, id)
  if (!sheet) return notFound()
  const { marks, textHeight } = exportElevation(sheet)
  return download(writeDxf(marks, textHeight), 'image/vnd.dxf', `${sheet.opening.tag}-elevation.dxf`)
})
