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
  { of: /\.pdf$/, methods: ['GET'], points: 300, seconds: 60 },
  { of: /./, methods: ['POST', 'PUT', 'DELETE'], points: 900, seconds: 60 },
]
const limiters = LIMITS.map(({ points, seconds }) => new RateLimiterMemory({ points, duration: seconds }))

/** How long somebody is asked to wait before this request is taken, s; 0 where it may be taken now. */
export async function patienceFor(method: string, path: string, member: string): Promise<number> {
  if (factor() === 0) return 0
  const at = LIMITS.findIndex(one => one.methods.includes(method) && one.of.test(path))
  if (at < 0) return 0
  try {
    await limiters[at]!.consume(member, 1 / factor())
    return 0
  } catch (error) {
    if (error instanceof RateLimiterRes) return Math.max(1, Math.ceil(error.msBeforeNext / 1000))
    throw error
  }
}

/** Pictures that are drawn, and papers that are made, at once: more would keep everybody else waiting. */
export const drawing = pLimit(2)
export const printing = pLimit(2)
