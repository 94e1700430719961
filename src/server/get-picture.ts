import type { Verb } from '@/core/access/access'
import { findPicture, type Pictures } from '@/store/photos'
import { handle, notFound } from './handle'

/** A route that shows one picture of a photo, to members of its company only. */
export const getPicture = (verb: Verb, size: keyof Pictures) =>
  handle(verb, async ({ db, acting, id }) => {
    const bytes = await findPicture(db, acting, id, size)
    if (!bytes) return notFound()
    return new Response(new Uint8Array(bytes), {
      headers: {
        'content-type': 'image/jpeg',
        'x-content-type-options': 'nosniff',
        'cache-control': 'private, max-age=31536000, immutable',
      },
    })
  })
