import { downloadPaper } from '@/server/download-paper'
import { handle, notFound } from '@/server/handle'
import { loadOpening } from '@/server/load-opening'
import { openingMeasureSheet } from '@/server/measure-paper'

export const GET = handle('look', async asked => {
  const { db, acting, request, id } = asked
  const sheet = await loadOpening(db, acting, id)
  if (!sheet) return notFound()
  const wished = new URL(request.url).searchParams
  const [blank, photos] = [wished.get('blank') === 'yes', wished.get('photos') === 'yes']
  const paper = await openingMeasureSheet(db, acting, sheet, { blank, photos })
  const name = `${sheet.opening.tag}-${blank ? 'blank-' : ''}measure-sheet.pdf`
  return downloadPaper(asked, paper, new Date(), name)
})
