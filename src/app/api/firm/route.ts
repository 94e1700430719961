import { firmSchema } from '@/core/catalogue/firm-record'
import { bodyOf, handle, MOST_RECORD_BYTES } from '@/server/handle'
import { answerChange, changeOf } from '@/server/put-change'
import { saveChange } from '@/store/edits'
import { findFirm, firmPlace } from '@/store/firm'

export const GET = handle('look', async ({ db, acting }) => Response.json(await findFirm(db, acting)))

/** Saves the firm's own practices, rates and suppliers: what it is now, or 409 with what stands. */
export const PUT = handle('firm', async ({ db, acting, request }) =>
  answerChange(await saveChange(firmPlace(db, acting), await bodyOf(request, changeOf(firmSchema), MOST_RECORD_BYTES))),
)
