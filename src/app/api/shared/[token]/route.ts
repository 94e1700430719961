import { signingIssue } from '@/core/sharing/share'
import { signingSchema } from '@/core/sharing/share-record'
import { refusedAtBorder } from '@/server/border'
import { answering, bodyOf, refuse } from '@/server/handle'
import { actingMember } from '@/server/session'
import { openLink, signLink } from '@/server/share'
import { store } from '@/store/connection'
import { LINK_OVER, SIGNING_ISSUES } from '@/words/sharing'

/** Signs what a link shows, by whoever has it: once. `?here` says that it is signed beside the member who is signed in here. */
export const POST = answering(async request => {
  const refused = refusedAtBorder(request)
  if (refused) return refuse(...refused)
  const { pathname, searchParams } = new URL(request.url)
  const { typedStands, ...signing } = await bodyOf(request, signingSchema)
  const now = new Date()
  const one = await openLink(store(), pathname.split('/').at(-1) ?? '', now)
  if (!one) return refuse(404, { code: 'no-link', message: LINK_OVER })
  const issue = signingIssue(one.shown, signing, typedStands)
  if (issue) return refuse(422, { code: `signing-${issue}`, message: SIGNING_ISSUES[issue] })
  const beside = searchParams.has('here') ? await actingMember() : null
  const witness = beside?.companyId === one.companyId ? beside.name : null
  if (await signLink(store(), one, signing, witness, now)) return Response.json({ signed: true }, { status: 201 })
  return refuse(409, { code: 'signed', message: 'This was signed already; what was signed stands.' })
})
