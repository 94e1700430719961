import pLimit from 'p-limit'
import { RateLimiterMemory, RateLimiterRes } from 'rate-limiter-flexible'

// What one member may ask for in a while, and what is done at once. All far above what a day's work needs; what goes beyond is asked for patience.

/** By how much the limits are raised, for a machine that carries tests or measurements; 0 takes them away. */
const factor = (): number => Number(process.env.HARVEK_LIMITS ?? 1)

type Limit = {
  readonly of: RegExp
  readonly methods: readonly string[]
  readonly points: number
  readonly seconds: number
}

/** The first that fits counts. */
const LIMITS: readonly Limit[] = [
  { of: /\/photos$/, methods: ['POST'], points: 300, seconds: 3600 },
  { of: /\/(import|export|preview)$/, methods: ['POST', 'GET'], points: 40, seconds: 3600 },
  // Nobody needs to be signed in for these: what is guessed at is guessed slowly.
  { of: /^\/api\/(start$|invitation$|shared\/)/, methods: ['POST'], points: 20, seconds: 60 },
  { of: /\.pdf$/, methods: ['GET'], points: 300, seconds: 60 },
  { of: /./, methods: ['POST', 'PUT', 'DELETE'], points: 900, seconds: 60 },
]
const limiters = LIMITS.map(({ points, seconds }) => new RateLimiterMemory({ points, duration: seconds }))

/** How long somebody is asked to wait before this request is taken, s; 0 where it may be taken now. `who` is a member, or where nobody is known an
 *  address. */
export async function patienceFor(method: string, path: string, who: string): Promise<number> {
  if (factor() === 0) return 0
  const at = LIMITS.findIndex(one => one.methods.includes(method) && one.of.test(path))
  if (at < 0) return 0
  try {
    await limiters[at]!.consume(who, 1 / factor())
    return 0
  } catch (error) {
    if (error instanceof RateLimiterRes) return Math.max(1, Math.ceil(error.msBeforeNext / 1000))
    throw error
  }
}

/** From where a request comes, as the last server it passed says; this machine where it passed none. */
export const addressOf = (request: Request): string =>
  request.headers.get('x-forwarded-for')?.split(',').at(-1)?.trim() || 'this machine'

/** Pictures that are drawn, and papers that are made, at once: more would keep everybody else waiting. */
export const drawing = pLimit(2)
export const printing = pLimit(2)
