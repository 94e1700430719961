import { headers } from 'next/headers'
import { cache } from 'react'
import { actingIn, sessionIn } from './who'

/** Who acts, by the headers of what is being answered; looked up once for a page. `null` when nobody is known. */
export const actingMember = cache(async () => actingIn(await headers(), signedIn))

/** Whose session a request carries; `null` where it carries none that holds. */
export const signedIn = cache(async () => sessionIn(await headers()))
