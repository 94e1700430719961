import 'fake-indexeddb/auto'
import { v7 as uuidV7 } from 'uuid'
import { diskOf } from '../disk'
import type { ChangeItem, RowItem } from '../item'
import { type Base, openBase } from '../kept'
import { Outbox } from '../outbox'
import type { Line, Told } from '../parts'

/** One browser: what lies on its disk outlives its tabs. */
export function device(line: Line, isKeeping = true) {
  const member = uuidV7()
  const tabs = new Set<Outbox>()
  let turn: Promise<unknown> = Promise.resolve()
  const later: (() => void)[] = []
  const bases: Base[] = []
  const base = async (): Promise<Base> => {
    const opened = await openBase(member)
    bases.push(opened)
    return opened
  }
  const ends = new Map<Outbox, () => void>()
  const tab = (): Outbox => {
    let isDead = false
    let end: () => void = () => undefined
    const dead = new Promise<never>((_, reject) => {
      end = () => {
        isDead = true
        reject(new Error('killed'))
      }
    })
    dead.catch(() => undefined)
    /** What a killed page was about to do never happens. */
    const alive =
      <A extends readonly unknown[], R>(act: (...given: A) => Promise<R>) =>
      (...given: A) =>
        isDead ? new Promise<R>(() => undefined) : act(...given)
    const living = <T extends object>(parts: T): T =>
      Object.fromEntries(Object.entries(parts).map(([name, act]) => [name, alive(act)])) as T
    const own: Outbox = new Outbox({
      open: async () => (isKeeping ? living(diskOf(await base())) : null),
      line: living(line),
      alone: act => {
        // What a page holds it lets go when it ends.
        const done = turn.then(() => Promise.race([act(), dead]))
        turn = done.catch(() => undefined)
        return done.catch(error => (isDead ? new Promise<never>(() => undefined) : Promise.reject(error)))
      },
      tell: (told: Told) => {
        for (const other of tabs) if (other !== own) other.heard(structuredClone(told))
      },
      now: () => '2026-11-27T08:00:00.000Z',
      later: act => {
        later.push(act)
        return () => void later.splice(later.indexOf(act), 1)
      },
    })
    tabs.add(own)
    ends.set(own, end)
    return own
  }
  return {
    tab,
    base,
    /** A tab is gone from one moment to the next: it hears and does nothing more. */
    kill: (gone: Outbox) => {
      tabs.delete(gone)
      ends.get(gone)?.()
    },
    /** The pauses are over. */
    wait: async () => {
      for (const act of later.splice(0)) act()
      await turn
    },
    close: () => {
      for (const one of bases) one.close()
    },
  }
}

const AT = '2026-11-27T08:00:00.000Z'
export const OF = '/api/openings/x'

export const rowItem = (id: string, value = 1, of = OF): RowItem => ({
  kind: 'row',
  id,
  of,
  path: `${of}/readings`,
  what: `reading ${id}`,
  doneAt: AT,
  row: { id, value } as RowItem['row'],
})

export const changeItem = (base: ChangeItem['base'], wanted: object, of = OF): ChangeItem => ({
  kind: 'change',
  id: `${of}/edits/wishes`,
  of,
  path: `${of}/edits/wishes`,
  what: 'what is wanted',
  doneAt: AT,
  base,
  wanted,
})
