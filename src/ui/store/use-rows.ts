'use client'
import { type Dispatch, useCallback, useEffect, useRef } from 'react'
import type { OpeningSheet } from '@/core/sheet'
import { keepRow, keptRows, letGo } from './outbox'
import { send } from './send'
import { type Action, isRowPath, ROW_PATHS, type RowPath, type Rows } from './sheet-state'

/** Adds rows: shown at once, kept in this browser until the store has them, and sent again under their own id after a reload. */
export function useRows(
  initial: OpeningSheet,
  base: string,
  dispatch: Dispatch<Action>,
  tell: (message: string | null) => void,
): { readonly add: <P extends RowPath>(path: P, row: Rows[P]) => Promise<boolean>; readonly again: () => void } {
  const post = useCallback(
    async (path: RowPath, row: Rows[RowPath]) => {
      dispatch({ type: 'row', id: row.id, storing: 'storing' })
      const sent = await send('POST', `${base}/${path}`, [row])
      if (sent.ok) letGo(base, row.id)
      dispatch({ type: 'row', id: row.id, storing: sent.ok ? 'stored' : 'not-stored' })
      tell(sent.ok ? null : sent.message)
      return sent.ok
    },
    [base, dispatch, tell],
  )
  const add = useCallback(
    (path: RowPath, row: Rows[RowPath]) => {
      keepRow(base, { path, row })
      dispatch({ type: 'add', path, row })
      return post(path, row)
    },
    [base, dispatch, post],
  )
  const isDone = useRef(false)
  useEffect(() => {
    if (isDone.current) return
    isDone.current = true
    const stored = new Set(ROW_PATHS.flatMap(path => initial[path].map(one => one.id)))
    for (const { path, row } of keptRows(base)) {
      if (stored.has(row.id)) letGo(base, row.id)
      else if (isRowPath(path)) void add(path, row as Rows[RowPath])
    }
  }, [initial, base, add])
  const again = () => {
    for (const { path, row } of keptRows(base)) if (isRowPath(path)) void post(path, row as Rows[RowPath])
  }
  return { add, again }
}
