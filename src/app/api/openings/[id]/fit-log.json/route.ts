import { fitLog } from '@/core/log/fit-log'
import { recordsOf } from '@/core/sheet'
import { download } from '@/server/download'
import { handle, notFound } from '@/server/handle'
import { loadOpening } from '@/server/load-opening'

export const GET = handle('look', async ({ db, acting, id }) => {
  const sheet = await loadOpening(db, acting, id)
  return sheet
    ? download(
        `${JSON.stringify(fitLog(recordsOf(sheet)), null, 2)}\n`,
        'application/json',
        `${sheet.opening.tag}-fit-log.json`,
      )
    : notFound()
})
