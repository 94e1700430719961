import { z } from 'zod'
import { type Asked, bodyOf, doOne, refuse, type Way } from './handle'
import { WRITES } from './writes'

/** Most of what one request of an outbox holds. */
export const MOST_SYNCED = 200
const MOST_SYNC_BYTES = 2 * 1024 * 1024

const syncSchema = z.strictObject({
  items: z
    .array(z.strictObject({ method: z.enum(['POST', 'PUT']), path: z.string().max(200), body: z.unknown() }))
    .min(1)
    .max(MOST_SYNCED),
})
type Item = z.infer<typeof syncSchema>['items'][number]
/** What became of one item: as if it had come alone. */
export type Synced = { readonly status: number; readonly body: unknown }

const PATTERNS = WRITES.map(way => {
  const names = [...way.at.matchAll(/\[(\w+)\]/g)].map(([, name]) => name!)
  return { way, names, pattern: new RegExp(`^${way.at.replaceAll(/\[\w+\]/g, '([^/]+)')}$`) }
})

/** The way an item asks for, with what its address names. */
function wayOf({ method, path }: Item) {
  for (const { way, names, pattern } of PATTERNS) {
    const found = way.method === method ? pattern.exec(path) : null
    if (found) return { way, params: Object.fromEntries(names.map((name, i) => [name, found[i + 1]!])) }
  }
  return null
}

async function take(asked: Asked, item: Item): Promise<Synced> {
  const found = wayOf(item)
  const answer = found
    ? await doOne(found.way, {
        ...asked,
        params: found.params,
        id: found.params.id ?? '',
        request: new Request(new URL(item.path, asked.request.url), {
          method: item.method,
          headers: { 'content-type': 'application/json' },
          body: JSON.stringify(item.body ?? null),
        }),
      })
    : refuse(404, { code: 'no-such-way', message: 'This Harvek takes nothing of this kind.' })
  return { status: answer.status, body: await answer.json() }
}

const AWAY: Synced = { status: 503, body: { code: 'store-away', message: 'Not looked at: what came before it waits.' } }

/** Takes in what an outbox kept, in its order, and says of each what became of it. Once the database is away, the rest waits. */
export const sync: Way = {
  verb: 'look',
  answer: async asked => {
    const { items } = await bodyOf(asked.request, syncSchema, MOST_SYNC_BYTES)
    const answers: Synced[] = []
    for (const item of items) answers.push(answers.at(-1)?.status === 503 ? AWAY : await take(asked, item))
    return Response.json({ answers })
  },
}
