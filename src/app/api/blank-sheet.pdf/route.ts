import { FAMILIES } from '@/core/base/kinds'
import { WAYS } from '@/core/survey/ways'
import { downloadPaper } from '@/server/download-paper'
import { handle, refuse } from '@/server/handle'
import { blankMeasureSheet } from '@/server/measure-paper'

export const GET = handle('look', async asked => {
  const { request } = asked
  const wished = new URL(request.url).searchParams
  const family = FAMILIES.find(one => one === wished.get('family'))
  const way = WAYS.find(one => one === wished.get('way')) ?? 'trim-off'
  if (!family) return refuse(400, { code: 'family', message: `Say for which kind of door: ${FAMILIES.join(', ')}.` })
  const paper = blankMeasureSheet(family, way, wished.get('unit') === 'mm' ? 'mm' : 'in')
  return downloadPaper(asked, paper, new Date(), `${family}-measure-sheet.pdf`)
})
