'use client'
import { type Dispatch, useCallback } from 'react'
import type { OpeningSheet } from '@/core/sheet'
import type { Photo } from '@/core/survey/photo'
import { rowWords } from '@/words/rows'
import { nowHere } from '../outbox/clock'
import { type Item, isStored, type RowItem } from '../outbox/item'
import type { OutboxEvent } from '../outbox/parts'
import { photoOf } from '../outbox/photo-of'
import { type Action, isRowPath, type RowPath, type Rows } from './sheet-state'
import { useOutbox, useOutboxOf } from './use-outbox'

/** Adds a row: shown at once, kept on this device until the store has it. */
export type AddRow = <P extends RowPath>(path: P, row: Rows[P]) => void

const pathOf = ({ path, of }: RowItem): RowPath | null => {
  const last = path.slice(of.length + 1)
  return isRowPath(last) ? last : null
}

/** The rows and photos of an opening that wait for the store stand on its sheet as if they were there; what the store does not take counts for nothing. */
export function useRows({ opening }: OpeningSheet, of: string, dispatch: Dispatch<Action>): AddRow {
  const outbox = useOutbox()
  const act = useCallback(
    (event: OutboxEvent) => {
      if (event.type === 'put') return shown(event.item, dispatch)
      if (event.type === 'gone') return taken(event.item, dispatch)
      const { sent, answer, next } = event
      if (next?.refused !== undefined) return taken(sent, dispatch)
      if (!isStored(answer)) return
      if (sent.kind === 'row') dispatch({ type: 'row', id: sent.row.id, storing: 'stored' })
      if (sent.kind === 'photo') dispatch({ type: 'photo', photo: (answer.body as { photo: Photo }).photo })
    },
    [dispatch],
  )
  useOutboxOf(of, act)
  return (path, row) =>
    void outbox.put({
      kind: 'row',
      id: row.id,
      of,
      path: `${of}/${path}`,
      what: `${opening.tag}: ${rowWords(row)}`,
      doneAt: nowHere().toISOString(),
      row,
    })
}

function shown(item: Item, dispatch: Dispatch<Action>): void {
  if (item.refused !== undefined) return
  if (item.kind === 'photo') dispatch({ type: 'photo', photo: photoOf(item) })
  const path = item.kind === 'row' ? pathOf(item) : null
  if (item.kind !== 'row' || !path) return
  dispatch({ type: 'add', path, row: item.row as Rows[RowPath] })
  dispatch({ type: 'row', id: item.row.id, storing: 'waiting' })
}

function taken(item: Item, dispatch: Dispatch<Action>): void {
  if (item.kind === 'photo') dispatch({ type: 'photo-gone', id: item.id })
  const path = item.kind === 'row' ? pathOf(item) : null
  if (item.kind === 'row' && path) dispatch({ type: 'gone', path, id: item.row.id })
}
