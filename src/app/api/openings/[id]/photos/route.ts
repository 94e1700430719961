import { z } from 'zod'
import { photoSchema } from '@/core/survey/photo'
import { cleanPicture, MOST_PHOTO_BYTES } from '@/server/clean-picture'
import { bytesOf, handle, notFound, refuse } from '@/server/handle'
import { findOpening } from '@/store/jobs'
import { addPhoto } from '@/store/photos'
import { issueWords } from '@/words/issues'

const query = z.object({
  id: photoSchema.shape.id,
  slot: z.preprocess(slot => slot || null, photoSchema.shape.slot),
  by: photoSchema.shape.takenBy,
  at: photoSchema.shape.takenAt,
})

export const POST = handle('measure', async ({ db, acting, request, id }) => {
  if (!(await findOpening(db, acting, id))) return notFound()
  const asked = query.safeParse(Object.fromEntries(new URL(request.url).searchParams))
  if (!asked.success)
    return refuse(400, {
      code: 'unreadable',
      message: 'Who took which photo, and when, is not said; nothing was stored.',
    })
  const bytes = await bytesOf(request, MOST_PHOTO_BYTES, issueWords({ code: 'photo.too-large', facts: {} }))
  const clean = await cleanPicture(bytes)
  if (!clean.ok) return refuse(400, { code: clean.issues[0]!.code, message: issueWords(clean.issues[0]!) })
  const { width, height, ...pictures } = clean.value
  const { by: takenBy, at: takenAt, ...own } = asked.data
  const photo = { ...own, width, height, note: '', takenBy, takenAt }
  if (await addPhoto(db, acting, id, photo, pictures)) return Response.json({ photo })
  return refuse(409, { code: 'id-taken', message: 'A photo of this id is stored already; it stays as it is.' })
})
