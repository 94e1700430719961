import { download } from '@/server/download'
import { exportElevation } from '@/server/export-elevation'
import { handle, notFound } from '@/server/handle'
import { loadOpening } from '@/server/load-opening'
import { writeSvg } from '@/writers/write-svg'

export const GET = handle('look', async ({ db, acting, id }) => {
  const sheet = await loadOpening(db, acting, id)
  if (!sheet) return notFound()
  const { scene, marks, textHeight } = exportElevation(sheet)
  return download(writeSvg(scene, marks, textHeight), 'image/svg+xml', `${sheet.opening.tag}-elevation.svg`)
})
