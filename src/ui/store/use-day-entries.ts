'use client'
import { useCallback, useState } from 'react'
import { type DayEntry, type DayKind, standingDay } from '@/core/plan/day-entry'
import { nowHere } from '../outbox/clock'
import { isStored } from '../outbox/item'
import type { OutboxEvent } from '../outbox/parts'
import { stamped } from './stamp'
import { useOutbox, useOutboxOf } from './use-outbox'
import { readerOf } from './use-reader'

const without = (id: string, all: readonly DayEntry[]) => all.filter(one => one.id !== id)

/** What is noted of a day, with what waits of it on this device; and how something is noted. */
export function useDayEntries(date: string, initial: readonly DayEntry[], memberName: string) {
  const [entries, setEntries] = useState(initial)
  const outbox = useOutbox()
  const of = `/api/days/${date}`
  const act = useCallback((event: OutboxEvent) => {
    const item = event.type === 'settled' ? event.sent : event.item
    if (item.kind !== 'row') return
    const row = item.row as DayEntry
    const isTaken = item.refused !== undefined || (event.type === 'settled' && event.next?.refused !== undefined)
    const isGone = event.type === 'gone' || isTaken
    if (event.type === 'settled' && isStored(event.answer)) return
    setEntries(all => (isGone ? without(row.id, all) : [...without(row.id, all), row]))
  }, [])
  useOutboxOf(of, act)
  const note = (kind: DayKind, key: string, result: string, what: string) => {
    const { id, takenBy: by, takenAt: at } = stamped(readerOf(memberName))
    void outbox.put({
      kind: 'row',
      id,
      of,
      path: `${of}/entries`,
      what: `${date}: ${what}`,
      doneAt: nowHere().toISOString(),
      row: { id, kind, key, result, by, at } as DayEntry,
    })
  }
  return { standing: (kind: DayKind) => standingDay(kind, entries), note }
}
