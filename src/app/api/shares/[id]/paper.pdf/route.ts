import { downloadPaper } from '@/server/download-paper'
import { handle, notFound } from '@/server/handle'
import { sharedPaper } from '@/server/shared-paper'
import { findShare } from '@/store/shares'

/** What was shown, and what was signed of it, as a paper. */
export const GET = handle('money', async asked => {
  const found = await findShare(asked.db, asked.acting, asked.id)
  if (!found) return notFound()
  return downloadPaper(asked, sharedPaper(found), new Date(), `${found.shown.kind}-${found.shown.opening.tag}.pdf`)
})
