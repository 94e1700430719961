import type { z } from 'zod'
import { may, type Verb } from '@/core/access/access'
import { withoutMoney } from '@/core/access/without-money'
import type { Acting } from '@/store/acting'
import { type Db, isAway, store } from '@/store/connection'
import { whoMay } from '@/words/roles'
import { refusedAtBorder } from './border'
import { addressOf, patienceFor } from './limits'
import { faultIn, log, routeIn } from './log'
import { LONG_TEXT_BYTES, parseApart, type TextAt } from './long-texts'
import type { Refusal } from './refusal'
import { actingMember } from './session'
import { isTooMuch } from './too-much'

export type { Refusal } from './refusal'

type Params = { readonly [name: string]: string | undefined }

export type Asked = {
  readonly db: Db
  readonly acting: Acting
  readonly request: Request
  readonly id: string
  readonly params: Params
}

type Context = { readonly params: Promise<Params> }

export const refuse = (status: number, refusal: Refusal): Response => Response.json(refusal, { status })

export const notFound = (): Response =>
  refuse(404, { code: 'not-found', message: 'There is no such thing here, or it belongs to another company.' })

export const notYours = (verb: Verb): Refusal => ({
  code: 'not-yours',
  message: `${whoMay(verb)} Nothing was changed.`,
})

/** A route nobody needs to be signed in for, by address as often as it may be asked: refuses in sentences what can’t be read, and says when the database is away. */
export const answering =
  (answer: (request: Request) => Promise<Response>) =>
  (request: Request): Promise<Response> =>
    logged(request, async () => {
      try {
        const patience = await patienceFor(request.method, new URL(request.url).pathname, addressOf(request))
        return patience > 0 ? tooMuch(patience) : await answer(request)
      } catch (error) {
        return troubled(error)
      }
    })

function troubled(error: unknown): Response {
  if (error instanceof Unreadable) return refuse(400, error.refusal)
  if (isAway(error))
    return refuse(503, {
      code: 'store-away',
      message: 'Not stored: the database does not answer. What you typed is kept here; try again.',
    })
  throw error
}

/** What a route does, and whose it is to do. */
export type Way = { readonly verb: Verb; readonly answer: (asked: Asked) => Promise<Response> }

/** Does one of several things that came in one request: refused where it is not theirs, in sentences where it can’t be read. */
export async function doOne({ verb, answer }: Way, asked: Asked): Promise<Response> {
  if (!may(asked.acting.role, verb)) return refuse(403, notYours(verb))
  try {
    return await answer(asked)
  } catch (error) {
    return troubled(error)
  }
}

/** Whose request a page meant it to be: what one member left on a device is never sent as another’s. */
export const MEMBER_HEADER = 'x-harvek-member'
const isOthers = (request: Request, { memberId }: Acting): boolean => {
  const meant = request.headers.get(MEMBER_HEADER)
  return meant !== null && meant !== memberId
}

/** A route that does what a way says. */
export const handling = ({ verb, answer }: Way) => handle(verb, answer)

/** A route that runs with an acting member who may do what it does, and answers in sentences when the database is away or the request is broken. What never
 *  holds a price goes out as it is to everybody. */
export function handle(
  verb: Verb,
  answer: (asked: Asked) => Promise<Response>,
  holds: 'prices' | 'no-prices' = 'prices',
) {
  const asked = async (request: Request, context: Context, who: (known: Acting) => void): Promise<Response> => {
    const refused = refusedAtBorder(request)
    if (refused) return refuse(...refused)
    try {
      const known = await actingMember()
      if (!known) return refuse(401, { code: 'nobody', message: 'Nobody is signed in.' })
      who(known)
      if (isOthers(request, known))
        return refuse(401, {
          code: 'other-member',
          message: `${known.name} is signed in here; what somebody else left waits until they are.`,
        })
      if (!may(known.role, verb)) return refuse(403, notYours(verb))
      const patience = await patienceFor(request.method, new URL(request.url).pathname, known.memberId)
      if (patience > 0) return tooMuch(patience)
      // What a route changes of the company it looks up itself.
      const { company: _, ...acting } = known
      const params = (await context.params) ?? {}
      const answered = await answer({ db: store(), acting, request, id: params.id ?? '', params })
      const isShown = holds === 'no-prices' || may(acting.role, 'money')
      return unkept(request, isShown ? answered : await priceless(answered))
    } catch (error) {
      return troubled(error)
    }
  }
  return (request: Request, context: Context): Promise<Response> => logged(request, who => asked(request, context, who))
}

/** What was asked for too often: nothing is lost, an outbox sends it by itself. */
const tooMuch = (seconds: number): Response =>
  Response.json(
    { code: 'too-much', message: `That is too much at once. Go on in ${seconds} seconds; nothing was lost.` },
    { status: 429, headers: { 'retry-after': String(seconds) } },
  )

/** Takes a line into the log of every request: whose, which, how long, and what became of it. */
async function logged(
  request: Request,
  answering: (who: (known: Acting) => void) => Promise<Response>,
): Promise<Response> {
  const began = performance.now()
  const id = crypto.randomUUID()
  let acting: Acting | null = null
  const who = (known: Acting) => {
    acting = known
  }
  const line = (status: number, more: object = {}) => ({
    id,
    method: request.method,
    route: routeIn(request.url),
    status,
    ms: Math.round(performance.now() - began),
    member: acting?.memberId ?? null,
    company: acting?.companyId ?? null,
    ...more,
  })
  try {
    const answer = await answering(who)
    log().info(line(answer.status))
    return answer
  } catch (error) {
    log().error(line(500, { fault: faultIn(error) }))
    return refuse(500, {
      code: 'fault',
      message: `There is a fault in Harvek; nothing was changed. It is noted as ${id}.`,
    })
  }
}

/** What is somebody's is kept nowhere between; what only says that something was stored is not worth packing. */
function unkept({ method }: Request, answer: Response): Response {
  const { headers } = answer
  if (headers.has('cache-control') || !headers.get('content-type')?.startsWith('application/json')) return answer
  headers.set('cache-control', method === 'GET' ? 'private, no-store' : 'no-store, no-transform')
  headers.set('vary', 'cookie')
  return answer
}

/** An answer without what things cost, for whom that is not to see. */
async function priceless(answer: Response): Promise<Response> {
  if (!answer.headers.get('content-type')?.startsWith('application/json')) return answer
  const headers = new Headers(answer.headers)
  headers.delete('content-length')
  return new Response(JSON.stringify(withoutMoney(await answer.json())), { status: answer.status, headers })
}

class Unreadable extends Error {
  constructor(readonly refusal: Refusal) {
    super(refusal.code)
  }
}

const MB = 1024 * 1024
/** What one body may hold, where a route does not say that it takes lists or files: five hundred rows, and some. */
const MOST_BYTES = MB
/** Of a list that comes in as a file. */
export const MOST_LIST_BYTES = 32 * MB
/** Of a record that holds lists of its own. */
export const MOST_RECORD_BYTES = 4 * MB

/** The request's JSON by a schema; at most `most` bytes of it. @throws what `handle` answers with 400 and the paths that are wrong. */
export async function bodyOf<T>(request: Request, schema: z.ZodType<T>, most = MOST_BYTES): Promise<T> {
  const parsed = schema.safeParse(await jsonOf(request, most))
  if (parsed.success) return parsed.data
  const issues = parsed.error.issues.slice(0, 20).map(one => ({ path: one.path.join('.'), message: one.message }))
  throw new Unreadable({ code: 'unreadable', message: 'The request can’t be read; nothing was stored.', issues })
}

/** The request's bytes, at most so many. @throws what `handle` answers with 400 when there are more. */
export async function bytesOf(request: Request, most: number, tooLarge: string): Promise<Buffer> {
  const refusal = { code: 'too-large', message: tooLarge }
  if (Number(request.headers.get('content-length') ?? 0) > most) throw new Unreadable(refusal)
  const chunks: Uint8Array[] = []
  let length = 0
  for (const reader = request.body?.getReader(); reader; ) {
    const { done, value } = await reader.read()
    if (done) break
    length += value.length
    if (length > most) {
      await reader.cancel()
      throw new Unreadable(refusal)
    }
    chunks.push(value)
  }
  return joined(chunks, length)
}

/** Chunks as one buffer: a large one is put together in slices, between which others are let in. */
async function joined(chunks: readonly Uint8Array[], length: number): Promise<Buffer> {
  if (length <= SLICE_BYTES) return Buffer.concat(chunks)
  const whole = Buffer.allocUnsafe(length)
  let at = 0
  let slice = 0
  for (const chunk of chunks) {
    whole.set(chunk, at)
    at += chunk.length
    slice += chunk.length
    if (slice < SLICE_BYTES) continue
    slice = 0
    await othersFirst()
  }
  return whole
}

/** The request's JSON, whatever it holds; at most `most` bytes of it. */
export async function jsonOf(request: Request, most = MOST_BYTES): Promise<unknown> {
  const tooLarge = `This is larger than ${Math.round(most / 1024 / 1024)} MB; nothing was stored.`
  const bytes = await bytesOf(request, most, tooLarge)
  const long: TextAt[] = []
  const onText = (from: number, to: number) => {
    if (to - from > LONG_TEXT_BYTES) long.push({ from, to })
  }
  if (await isTooMuch(bytes, Math.min(MOST_PARTS, most / BYTES_A_PART), onText))
    throw new Unreadable({ code: 'too-many', message: 'This has more parts than any record; nothing was stored.' })
  await othersWhole(bytes)
  const value = await parseApart(bytes, long, othersFirst).catch(() => {
    throw new Unreadable({ code: 'not-json', message: 'This is not JSON; nothing was stored.' })
  })
  await othersWhole(bytes)
  // Only an escape can bring half a letter in: without one nothing is looked through.
  if ((await hasEscapedLetter(bytes)) && (await hasHalfLetter(value)))
    throw new Unreadable({ code: 'half-letter', message: 'A text of this holds half a letter; nothing was stored.' })
  return value
}

/** Lets whatever else is asked meanwhile be answered between two parts of what takes long. */
export const othersFirst = (): Promise<void> => new Promise(resolve => setImmediate(resolve))
/** The same before a part that can't be taken in slices: what is being answered is answered first. */
const othersWhole = (bytes: Buffer): Promise<void> =>
  bytes.length > MB ? new Promise(resolve => setTimeout(resolve, 30)) : othersFirst()

/** What a part of a record takes at least, on the whole: a reading's thirteen take 350 bytes. */
const BYTES_A_PART = 12
/** Of a file: forty openings with five hundred readings each. */
const MOST_PARTS = 300_000

const SLICE_BYTES = 4 * MB

/** Whether an escape stands in a JSON text that may be half a letter. */
async function hasEscapedLetter(bytes: Buffer): Promise<boolean> {
  for (let from = 0; from < bytes.length; from += SLICE_BYTES) {
    // The next slice begins where an escape may have begun in this.
    const slice = bytes.subarray(from, from + SLICE_BYTES + 2)
    if (slice.includes('\\ud') || slice.includes('\\uD')) return true
    await othersFirst()
  }
  return false
}

const HALF_LETTER = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/
/** So many letters are looked through before others are let in. */
const SLICE_LETTERS = 2_000_000

/** Whether a text in a value could not be stored and read back as it is. */
async function hasHalfLetter(value: unknown): Promise<boolean> {
  const left = [value]
  let seen = 0
  while (left.length > 0) {
    const one = left.pop()
    if (typeof one === 'string') {
      if (HALF_LETTER.test(one)) return true
      seen += one.length
    } else if (typeof one === 'object' && one !== null) for (const pair of Object.entries(one)) left.push(...pair)
    if (++seen < SLICE_LETTERS) continue
    seen = 0
    await othersFirst()
  }
  return false
}
