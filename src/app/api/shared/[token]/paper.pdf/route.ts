import { download } from '@/server/download'
import { stationeryOf } from '@/server/download-paper'
import { answering, refuse } from '@/server/handle'
import { printing } from '@/server/limits'
import { openLink } from '@/server/share'
import { sharedPaper } from '@/server/shared-paper'
import { store } from '@/store/connection'
import { LINK_OVER } from '@/words/sharing'
import { writePdf } from '@/writers/write-pdf'

/** What a link shows, as a paper, for whoever has it. */
export const GET = answering(async request => {
  const token = new URL(request.url).pathname.split('/').at(-2) ?? ''
  const one = await openLink(store(), token, new Date())
  if (!one) return refuse(404, { code: 'no-link', message: LINK_OVER })
  const { kind, opening, firm } = one.shown
  const stationery = await stationeryOf(store(), one, firm.name)
  const pdf = await printing(() => writePdf(sharedPaper(one), new Date(), stationery))
  return download(pdf, 'application/pdf', `${kind}-${opening.tag}.pdf`, true)
})
