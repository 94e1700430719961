import { handle, handling } from '@/server/handle'
import { firm } from '@/server/writes'
import { findFirm } from '@/store/firm'

export const GET = handle('look', async ({ db, acting }) => Response.json(await findFirm(db, acting)))
export const PUT = handling(firm)
