import { EDIT_SCHEMAS } from '@/core/edits'
import { EDIT_KINDS, type EditKind } from '@/core/new-edits'
import { type Asked, bodyOf, handle, notFound } from '@/server/handle'
import { answerChange, changeOf } from '@/server/put-change'
import { editOf, saveChange } from '@/store/edits'
import { findOpening } from '@/store/jobs'

async function put<K extends EditKind>({ db, acting, request, id }: Asked, kind: K): Promise<Response> {
  const change = await bodyOf(request, changeOf(EDIT_SCHEMAS[kind]))
  return answerChange(await saveChange(editOf(db, acting, id, kind), change))
}

/** Saves one edited record of an opening: what it is now, or 409 with what stands and what both sides changed. */
export const PUT = handle('settle', async asked => {
  const kind = EDIT_KINDS.find(one => one === asked.params.kind)
  if (!kind || !(await findOpening(asked.db, asked.acting, asked.id))) return notFound()
  return put(asked, kind)
})
