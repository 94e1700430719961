import { cleanPicture, MOST_PHOTO_BYTES } from '@/server/clean-picture'
import { bytesOf, handle, notFound, refuse } from '@/server/handle'
import { findLogo, removeLogo, setLogo } from '@/store/logo'
import { issueWords } from '@/words/issues'

/** Wide enough for print at the size it has on papers. */
const LOGO_PX = 800

export const GET = handle('look', async ({ db, acting }) => {
  const logo = await findLogo(db, acting)
  if (!logo) return notFound()
  return new Response(new Uint8Array(logo.picture), {
    headers: {
      'content-type': 'image/jpeg',
      'x-content-type-options': 'nosniff',
      'cache-control': 'private, no-cache',
    },
  })
})

/** Sets the company's logo: a picture, drawn anew like every one. */
export const POST = handle('firm', async ({ db, acting, request }) => {
  const bytes = await bytesOf(request, MOST_PHOTO_BYTES, issueWords({ code: 'photo.too-large', facts: {} }))
  const clean = await cleanPicture(bytes, LOGO_PX)
  if (!clean.ok) return refuse(400, { code: clean.issues[0]!.code, message: issueWords(clean.issues[0]!) })
  const { picture, width, height } = clean.value
  const setAt = new Date().toISOString()
  await setLogo(db, acting, { picture, width, height, setAt })
  return Response.json({ setAt })
})

export const DELETE = handle('firm', async ({ db, acting }) => {
  await removeLogo(db, acting)
  return Response.json({ setAt: null })
})
