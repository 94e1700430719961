import { v7 as uuidV7 } from 'uuid'
import type { Db } from '@/store/connection'
import { putMail } from '@/store/exchange'

/** A mail as it is written. */
export type Mail = { readonly subject: string; readonly text: string }

/** Puts a mail on its way by the same carrier as the supplier’s: a mail server that is away loses none. */
export const mailTo = (db: Db, to: string, mail: Mail, companyId = ''): Promise<void> =>
  putMail(db, {
    companyId,
    id: uuidV7(),
    body: JSON.stringify({ to, ...mail }),
    createdAt: new Date().toISOString(),
  })
