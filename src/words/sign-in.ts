import { PASSWORD_LEAST, PASSWORD_MOST } from '@/core/access/sign-in-limits'

/** What the sign-in does not take, by its code: what is wrong and what to do. */
const NOT_TAKEN: Readonly<Record<string, string>> = {
  INVALID_EMAIL_OR_PASSWORD:
    'Nobody signs in here with this e-mail and this password. Look at both again, or choose another password below.',
  INVALID_PASSWORD: 'This is not the password you sign in with: nothing was changed. Type it again.',
  INVALID_EMAIL: 'This is no e-mail address. Look at it again.',
  EMAIL_NOT_VERIFIED: 'This e-mail was not confirmed yet. Follow the link in the mail that came to it.',
  INVALID_TOKEN: 'This link was used already, or is older than an hour.',
  TOKEN_EXPIRED: 'This link was used already, or is older than an hour.',
  PASSWORD_TOO_SHORT: `A password has ${PASSWORD_LEAST} letters at least. Choose a longer one.`,
  PASSWORD_TOO_LONG: `A password has ${PASSWORD_MOST} letters at most. Choose a shorter one.`,
  SESSION_EXPIRED: 'You were signed in too long ago for that. Sign in again.',
  SESSION_NOT_FRESH: 'You were signed in too long ago for that. Sign in again.',
}
const TOO_MANY = 'Too many tries. Wait a minute, then try again.'

type Refused = { readonly status: number; readonly message: string; readonly body: unknown }

/** Why what was sent about an account was not taken, as a sentence. */
export function whyNotTaken({ status, message, body }: Refused): string {
  if (status === 429) return TOO_MANY
  const code = (body as { readonly code?: unknown } | null)?.code
  return (typeof code === 'string' && Object.hasOwn(NOT_TAKEN, code) && NOT_TAKEN[code]) || message
}
