import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { loadOpening } from '@/server/load-opening'
import { openingMeasureSheet } from '@/server/measure-paper'
import { writePdf } from '@/writers/write-pdf'

export const GET = handle(async ({ db, acting, request, id }) => {
  const sheet = await loadOpening(db, acting, id)
  if (!sheet) return notFound()
  const wished = new URL(request.url).searchParams
  const [blank, photos] = [wished.get('blank') === 'yes', wished.get('photos') === 'yes']
  const paper = await openingMeasureSheet(db, acting, sheet, { blank, photos })
  const name = `${sheet.opening.tag}-${blank ? 'blank-' : ''}measure-sheet.pdf`
  return download(await writePdf(paper, new Date()), 'application/pdf', name, true)
})
