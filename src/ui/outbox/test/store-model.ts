import { merge } from '@/core/base/merge'
import type { Versioned } from '@/core/sheet'
import type { Answer, Parcel } from '../item'
import type { Line } from '../parts'

/** What happens to a request: it never arrives; it is done and its reply is lost; half of it is done before the line breaks. */
export type Fate = 'there' | 'away' | 'reply-lost' | 'half'

type Sent = Pick<Parcel, 'method' | 'path' | 'body'>

/** A store as the routes answer, in memory: rows once each, a record by its revision, an opening before what belongs to it. */
export function storeModel(
  records: Readonly<Record<string, Versioned<object>>> = {},
  openings: readonly string[] = ['x'],
) {
  const rows = new Map<string, unknown>()
  const photos = new Map<string, Blob>()
  const stands = new Map(Object.entries(records))
  const made = new Set(openings)
  const arrived: Sent[] = []
  let fate: () => Fate = () => 'there'
  let refuses: (row: { readonly id: string }) => string | null = () => null

  const put = ({ path, body }: Sent): Answer => {
    const now = stands.get(path)
    if (!now) return { status: 404, body: { message: 'There is no such thing here.' } }
    const { base, data } = body as { base: object; data: object }
    const { value, clashes } = merge(base, data, now.data)
    if (clashes.length)
      return {
        status: 409,
        body: {
          message: 'Changed otherwise.',
          current: now,
          clashes,
          by: 'Hester Quill',
          at: '2026-11-27T08:00:00.000Z',
        },
      }
    if (JSON.stringify(value) !== JSON.stringify(now.data))
      stands.set(path, { revision: now.revision + 1, data: value as object })
    return { status: 200, body: stands.get(path) }
  }
  const post = ({ path, body }: Sent): Answer => {
    const [, , , id = '', what] = path.split('/')
    if (what === 'openings') {
      made.add((body as { id: string }).id)
      return { status: 201, body: {} }
    }
    if (!made.has(id)) return { status: 404, body: { message: 'There is no such opening.' } }
    const all = body as readonly { readonly id: string }[]
    const reason = all.map(refuses).find(one => one !== null)
    if (reason) return { status: 422, body: { message: reason } }
    const taken = all.find(one => rows.has(one.id) && JSON.stringify(rows.get(one.id)) !== JSON.stringify(one))
    if (taken) return { status: 409, body: { message: 'A row of this id is stored with other contents.' } }
    for (const one of all) rows.set(one.id, one)
    return { status: 200, body: { stored: all.map(one => one.id) } }
  }
  const take = (sent: Sent): Answer => {
    arrived.push(sent)
    return sent.method === 'PUT' ? put(sent) : post(sent)
  }
  const NOTHING: Answer = { status: 0, body: null }
  const line: Line = {
    parcels: async parcels => {
      await Promise.resolve()
      const now = fate()
      if (now === 'away') return parcels.map(() => NOTHING)
      const done = parcels.slice(0, now === 'half' ? Math.ceil(parcels.length / 2) : parcels.length).map(take)
      return now === 'there' ? done : parcels.map(() => NOTHING)
    },
    photo: async ({ id }, picture) => {
      const now = fate()
      if (now === 'away' || now === 'half') return NOTHING
      photos.set(id, picture)
      return now === 'there' ? { status: 200, body: { photo: { id } } } : NOTHING
    },
  }
  return {
    line,
    rows,
    photos,
    made,
    arrived,
    record: (path: string) => stands.get(path),
    /** Somebody else changes a record. */
    change: (path: string, data: object) => {
      const now = stands.get(path)!
      stands.set(path, { revision: now.revision + 1, data: { ...now.data, ...data } })
    },
    goes: (next: Fate | (() => Fate)) => {
      fate = typeof next === 'function' ? next : () => next
    },
    refuse: (next: typeof refuses) => {
      refuses = next
    },
  }
}
export type StoreModel = ReturnType<typeof storeModel>
