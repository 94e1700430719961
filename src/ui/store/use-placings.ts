'use client'
import { useCallback, useMemo, useRef, useState } from 'react'
import { type Placing, type PlacingOf, standingPlacings } from '@/core/plan/placing'
import { dayOf, minuteOf, type Wall } from '@/core/plan/wall'
import { nowHere } from '../outbox/clock'
import { isStored, type RowItem } from '../outbox/item'
import type { OutboxEvent } from '../outbox/parts'
import { stamped } from './stamp'
import { useLooking } from './use-looking'
import { useOutbox, useOutboxOf } from './use-outbox'
import { readerOf } from './use-reader'

const PLAN = '/api/plan'
/** Of which opening a placing's address is. */
const openingIn = ({ path }: RowItem): string => path.split('/')[3] ?? ''

/** Where a task goes; `null` takes it off the plan. */
export type Spot = { readonly crew: string; readonly start: Wall } | null
export type Put = {
  readonly openingId: string
  readonly part: string
  readonly what: string
  readonly spot: Spot
  readonly isFixed: boolean
  /** By what the hole is shut for the night; a task that is put elsewhere has none. */
  readonly closure?: string | null
}

/** What stands on the plan, of `seen` puttings in all, with what waits of it on this device; how tasks are put somewhere; and how the last putting is undone. */
export function usePlacings(initial: readonly PlacingOf[], seen: number, memberName: string) {
  const [placings, setPlacings] = useState(initial)
  const [undos, setUndos] = useState<readonly (readonly Put[])[]>([])
  const outbox = useOutbox()
  const act = useCallback((event: OutboxEvent) => {
    const item = event.type === 'settled' ? event.sent : event.item
    if (item.kind !== 'row' || !item.path.endsWith('/placings')) return
    if (event.type === 'settled' && isStored(event.answer)) return
    const row = { ...(item.row as Placing), openingId: openingIn(item) }
    const isGone =
      event.type === 'gone' ||
      item.refused !== undefined ||
      (event.type === 'settled' && event.next?.refused !== undefined)
    setPlacings(all => [...all.filter(one => one.id !== row.id), ...(isGone ? [] : [row])])
  }, [])
  useOutboxOf(PLAN, act)
  usePutByOthers(seen, others =>
    setPlacings(all => {
      const there = new Set(others.map(one => one.id))
      // What waits on this device is not theirs yet, and stays.
      return [...others, ...all.filter(one => !there.has(one.id))]
    }),
  )
  const write = (puts: readonly Put[]) => {
    for (const { openingId, part, what, spot, isFixed, closure = null } of puts) {
      const { id, takenBy: by, takenAt: at } = stamped(readerOf(memberName))
      const place = spot
        ? { crew: spot.crew, day: dayOf(spot.start), minute: minuteOf(spot.start) }
        : { crew: null, day: null, minute: null }
      const row: Placing = { id, part, ...place, isFixed, closure, by, at }
      void outbox.put({
        kind: 'row',
        id,
        of: PLAN,
        path: `/api/openings/${openingId}/placings`,
        what,
        doneAt: nowHere().toISOString(),
        row,
      })
    }
  }
  const standing = useMemo(() => standingPlacings(placings), [placings])
  const before = ({ openingId, part, what }: Put): Put => {
    const was = standing.get(`${openingId}/${part}`)
    const spot = was?.crew ? { crew: was.crew, start: Date.parse(`${was.day}T00:00:00Z`) / 60_000 + was.minute! } : null
    return { openingId, part, what, spot, isFixed: was?.isFixed ?? false, closure: was?.closure ?? null }
  }
  return {
    placings,
    put: (puts: readonly Put[]) => {
      setUndos(all => [...all.slice(-19), puts.map(before)])
      write(puts)
    },
    canUndo: undos.length > 0,
    undo: () => {
      const last = undos.at(-1)
      if (!last) return
      setUndos(undos.slice(0, -1))
      write(last)
    },
  }
}

const LOOKS = { everyMs: 4000, mostMs: 60_000 }

/** What others put on the plan while it is in sight: a look that finds nothing new costs next to nothing. */
function usePutByOthers(atFirst: number, onOthers: (placings: readonly PlacingOf[]) => void): void {
  const seen = useRef(atFirst)
  useLooking(PLAN, LOOKS, async signal => {
    const answer = await fetch(`${PLAN}?seen=${seen.current}`, { signal, cache: 'no-store' }).catch(() => null)
    const found: { count: number; placings?: readonly PlacingOf[] } | null = answer?.ok ? await answer.json() : null
    if (found && !signal.aborted) {
      seen.current = found.count
      if (found.placings) onOthers(found.placings)
    }
    return found !== null
  })
}
