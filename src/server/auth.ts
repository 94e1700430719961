import { drizzleAdapter } from 'better-auth/adapters/drizzle'
import { betterAuth } from 'better-auth/minimal'
import { v7 as uuidV7 } from 'uuid'
import { PASSWORD_LEAST, PASSWORD_MOST } from '@/core/access/sign-in-limits'
import { store } from '@/store/connection'
import { SIGN_IN_TABLES } from '@/store/people'
import { resetMail, verifyMail } from '@/words/mails'
import { mailTo } from './mail'

const DAY_SECONDS = 86_400

/** Where this installation is reached: what links in mails begin with. */
export const ownAddress = (): string =>
  process.env.HARVEK_ORIGIN ?? process.env.HARVEK_ADDRESS ?? 'http://127.0.0.1:3000'

function make() {
  return betterAuth({
    baseURL: ownAddress(),
    basePath: '/api/auth',
    secret: process.env.HARVEK_COOKIE_SECRET ?? '',
    database: drizzleAdapter(store() as never, { provider: 'mysql', schema: SIGN_IN_TABLES }),
    telemetry: { enabled: false },
    emailAndPassword: {
      enabled: true,
      // Nobody signs up by themselves: a firm is started, or one is invited.
      disableSignUp: true,
      requireEmailVerification: true,
      minPasswordLength: PASSWORD_LEAST,
      maxPasswordLength: PASSWORD_MOST,
      revokeSessionsOnPasswordReset: true,
      sendResetPassword: async ({ user, token }) =>
        mailTo(store(), user.email, resetMail(user.name, `${ownAddress()}/reset?token=${token}`)),
    },
    emailVerification: {
      sendVerificationEmail: async ({ user, token }) =>
        mailTo(
          store(),
          user.email,
          verifyMail(user.name, `${ownAddress()}/api/auth/verify-email?token=${token}&callbackURL=/sign-in`),
        ),
    },
    session: {
      expiresIn: 30 * DAY_SECONDS,
      updateAge: DAY_SECONDS,
      // A session that was ended lives half a minute longer at most.
      cookieCache: { enabled: true, maxAge: 30 },
    },
    rateLimit: {
      enabled: true,
      storage: 'database',
      window: 60,
      max: 120,
      customRules: {
        '/sign-in/email': { window: 60, max: 8 },
        '/request-password-reset': { window: 60, max: 4 },
        '/send-verification-email': { window: 60, max: 4 },
      },
    },
    advanced: { cookiePrefix: 'harvek', database: { generateId: () => uuidV7() } },
    // By whichever of its names it is reached: the border has looked already that a write comes from its own page.
    trustedOrigins: request => [ownAddress(), ...(request ? [new URL(request.url).origin] : [])],
    logger: { disabled: true },
  })
}

let made: ReturnType<typeof make> | null = null
/** The sign-in library, set up once for this installation. */
export const auth = (): ReturnType<typeof make> => {
  made ??= make()
  return made
}

/** Makes who signs in with an address, whose they are is known: by a link they were sent, or because they start the firm. Gives their id. */
export async function makeUser(one: {
  readonly name: string
  readonly email: string
  readonly password: string
}): Promise<string> {
  const { internalAdapter, password } = await auth().$context
  const user = await internalAdapter.createUser(
    { name: one.name, email: one.email.toLowerCase(), emailVerified: true },
    { method: 'email-password' },
  )
  await internalAdapter.linkAccount({
    userId: user.id,
    accountId: user.id,
    providerId: 'credential',
    password: await password.hash(one.password),
  })
  return user.id
}

/** Signs somebody in: the answer carries their session, or says why not. */
export const signIn = (headers: Headers, email: string, password: string): Promise<Response> =>
  auth().api.signInEmail({ body: { email: email.toLowerCase(), password }, headers, asResponse: true })
