import { createHash } from 'node:crypto'
import { v7 as uuidV7 } from 'uuid'
import type { Db } from '@/store/connection'
import { addDeskAnswer, claimDue, noteAttempt, type Outgoing } from '@/store/exchange'

/** How a courier goes about it. */
export type CourierOptions = {
  /** Where the supplier's desk is. */
  readonly desk: string
  /** Hands a mail to the mail server. @throws when it does not take it. */
  readonly mail: (body: string) => Promise<void>
  /** The first pause after a failure, doubled with every further one up to the longest, ms. */
  readonly firstPause: number
  readonly longestPause: number
  /** How long a try may take, ms. */
  readonly patience: number
  /** How many are carried at once. */
  readonly most: number
}

export const COURIER: Omit<CourierOptions, 'desk' | 'mail'> = {
  firstPause: 1000,
  longestPause: 300_000,
  patience: 10_000,
  most: 8,
}

/** How many times a desk that has answered is asked whether it has more to say. */
const ASKED_AFTER_ANSWER = 3

/** The pause before the next try after so many that failed. */
export const pauseAfter = (attempts: number, { firstPause, longestPause }: CourierOptions): number =>
  Math.min(longestPause, firstPause * 2 ** Math.max(0, attempts - 1))

/** Carries everything that is due: sends what waits, asks for answers to what was sent. Each has a key of its own, so that what is sent
 *  twice is taken once. Says how many it carried. */
export async function carry(db: Db, options: CourierOptions): Promise<number> {
  const now = Date.now()
  const due = await claimDue(db, now, {
    until: now + 3 * options.patience,
    most: options.most,
    longest: options.longestPause,
  })
  await Promise.all(
    due.map(one =>
      one.kind === 'mail'
        ? mailOne(db, one, options)
        : one.state === 'waiting'
          ? sendOne(db, one, options)
          : askFor(db, one, options),
    ),
  )
  return due.length
}

type Tried =
  | { readonly status: number; readonly body: unknown; readonly retryAfterMs: number }
  | { readonly trouble: string }

/** What a desk may say at once. */
const MOST_REPLY_BYTES = 1024 * 1024
const MOST_ANSWERS = 50

/** A reply’s JSON, read no further than it may go. */
async function bodyOf(response: Response): Promise<unknown> {
  const chunks: Uint8Array[] = []
  let length = 0
  for (const reader = response.body?.getReader(); reader; ) {
    const { done, value } = await reader.read()
    if (done) break
    length += value.length
    if (length > MOST_REPLY_BYTES) {
      await reader.cancel()
      throw new TooLong()
    }
    chunks.push(value)
  }
  try {
    return JSON.parse(Buffer.concat(chunks).toString('utf8'))
  } catch {
    return null
  }
}

class TooLong extends Error {}

/** Statuses of a desk that may take the same a little later: it asks for a sign-in that is being renewed, for patience, or for less haste. */
const LATER: ReadonlySet<number> = new Set([401, 403, 408, 423, 425, 429])

async function tried(desk: string, path: string, patience: number, init: RequestInit = {}): Promise<Tried> {
  try {
    // What is meant for one desk is never carried on to another address.
    const asked = { ...init, redirect: 'manual' as const, signal: AbortSignal.timeout(patience) }
    const response = await fetch(`${desk}${path}`, asked)
    if (response.status >= 300 && response.status < 400)
      return { trouble: 'The desk sends elsewhere; it is not followed.' }
    const seconds = Number(response.headers.get('retry-after') ?? 0)
    return {
      status: response.status,
      body: await bodyOf(response),
      retryAfterMs: Number.isFinite(seconds) ? Math.max(0, seconds * 1000) : 0,
    }
  } catch (error) {
    if (error instanceof TooLong) return { trouble: 'The desk says more than can be taken.' }
    const late = error instanceof Error && error.name === 'TimeoutError'
    return { trouble: late ? 'The desk did not answer in time.' : 'The desk can’t be reached.' }
  }
}

async function sendOne(db: Db, one: Outgoing, options: CourierOptions): Promise<void> {
  const reply = await tried(options.desk, '/messages', options.patience, {
    method: 'POST',
    headers: { 'content-type': 'application/json', 'idempotency-key': one.id },
    body: one.body,
  })
  if ('status' in reply && reply.status < 300)
    return noteAttempt(db, one, {
      state: 'sent',
      attempts: 0,
      dueAt: Date.now() + options.firstPause,
      trouble: '',
      sentAt: new Date().toISOString(),
    })
  if ('status' in reply && reply.status < 500 && !LATER.has(reply.status))
    return noteAttempt(db, one, {
      state: 'answered',
      attempts: one.attempts + 1,
      dueAt: Date.now(),
      trouble: `The desk would not take it: ${messageOf(reply.body)}`,
    })
  await failed(db, one, options, reply)
}

/** A mail is done when the server has taken it; one that is refused or away is tried again. */
async function mailOne(db: Db, one: Outgoing, options: CourierOptions): Promise<void> {
  try {
    await options.mail(one.body)
    await noteAttempt(db, one, {
      state: 'answered',
      attempts: one.attempts + 1,
      dueAt: Date.now(),
      trouble: '',
      sentAt: new Date().toISOString(),
    })
  } catch (error) {
    await failed(db, one, options, {
      trouble: `The mail server: ${error instanceof Error ? error.message : 'no'}`.slice(0, 200),
    })
  }
}

async function askFor(db: Db, one: Outgoing, options: CourierOptions): Promise<void> {
  const reply = await tried(options.desk, `/messages/${one.id}/answers`, options.patience)
  if (!('status' in reply) || reply.status >= 500 || LATER.has(reply.status)) return failed(db, one, options, reply)
  // A desk that lost what it had taken gets it again, under the same key.
  if (reply.status === 404)
    return noteAttempt(db, one, { state: 'waiting', attempts: one.attempts + 1, dueAt: Date.now(), trouble: '' })
  const answers = answersIn(reply.body)
  for (const text of answers)
    await addDeskAnswer(db, one.companyId, {
      id: uuidV7(),
      orderId: one.orderId,
      receivedAt: new Date().toISOString(),
      text,
      print: createHash('sha256').update(text).digest('hex'),
    })
  const attempts = one.attempts + 1
  const isDone = answers.length > 0 && attempts >= ASKED_AFTER_ANSWER
  await noteAttempt(db, one, {
    state: isDone ? 'answered' : 'sent',
    attempts,
    dueAt: Date.now() + pauseAfter(attempts, options),
    trouble: '',
  })
}

async function failed(db: Db, one: Outgoing, options: CourierOptions, reply: Tried): Promise<void> {
  const attempts = one.attempts + 1
  const asked = 'status' in reply ? Math.min(reply.retryAfterMs, options.longestPause) : 0
  await noteAttempt(db, one, {
    state: one.state,
    attempts,
    dueAt: Date.now() + Math.max(asked, pauseAfter(attempts, options)),
    trouble: 'trouble' in reply ? reply.trouble : `The desk answered ${reply.status}.`,
  })
}

const isMembers = (value: unknown): value is Readonly<Record<string, unknown>> =>
  typeof value === 'object' && value !== null
const messageOf = (body: unknown): string => (isMembers(body) ? String(body.message ?? '').slice(0, 200) : '')
const answersIn = (body: unknown): readonly string[] =>
  isMembers(body) && Array.isArray(body.answers)
    ? body.answers.filter(one => typeof one === 'string').slice(0, MOST_ANSWERS)
    : []

const LOOK_EVERY_MS = 400

/** Carries on for ever. A database that is away is waited for. Gives back a way to end it. */
export function startCourier(db: () => Db, options: CourierOptions): () => void {
  let timer: ReturnType<typeof setTimeout> | null = null
  let isOver = false
  const round = async () => {
    const carried = await carry(db(), options).catch(() => 0)
    if (!isOver) timer = setTimeout(round, carried ? 0 : LOOK_EVERY_MS)
  }
  void round()
  return () => {
    isOver = true
    if (timer) clearTimeout(timer)
  }
}
