import { auth } from '@/server/auth'
import { refusedAtBorder } from '@/server/border'
import { refuse } from '@/server/handle'

/** Signing in and out, sessions, new passwords: the sign-in library’s own, behind the same border as everything else. */
const handled = async (request: Request): Promise<Response> => {
  const refused = refusedAtBorder(request)
  return refused ? refuse(...refused) : auth().handler(request)
}

export const GET = handled
export const POST = handled
