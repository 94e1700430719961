'use client'
import { type Dispatch, useCallback, useEffect, useRef } from 'react'
import type { OpeningSheet } from '@/core/sheet'
import { keepRow, keptRows, letGo } from './outbox'
import { isForGood, send } from './send'
import { type Action, isRowPath, ROW_PATHS, type RowPath, type Rows } from './sheet-state'

export type RowStore = {
  readonly add: <P extends RowPath>(path: P, row: Rows[P]) => Promise<boolean>
  /** Sends again what was not answered. */
  readonly again: () => void
  /** Gives up a row the store does not take. */
  readonly leaveOut: (id: string) => void
}

/** Adds rows: shown at once, kept in this browser until the store has them, and sent again under their own id after a reload. */
export function useRows(
  initial: OpeningSheet,
  base: string,
  dispatch: Dispatch<Action>,
  tell: (message: string | null) => void,
): RowStore {
  const post = useCallback(
    async (path: RowPath, row: Rows[RowPath]) => {
      dispatch({ type: 'row', id: row.id, storing: 'storing' })
      const sent = await send('POST', `${base}/${path}`, [row])
      if (sent.ok) letGo(base, row.id)
      if (!sent.ok && isForGood(sent)) {
        keepRow(base, { path, row, refused: sent.message })
        dispatch({ type: 'refused', refused: { path, row, message: sent.message } })
        return false
      }
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
    for (const { path, row, refused } of keptRows(base)) {
      if (!isRowPath(path)) continue
      const own = row as Rows[RowPath]
      if (stored.has(row.id)) letGo(base, row.id)
      else if (refused === undefined) void add(path, own)
      else dispatch({ type: 'refused', refused: { path, row: own, message: refused } })
    }
  }, [initial, base, add, dispatch])
  const again = () => {
    for (const { path, row, refused } of keptRows(base))
      if (isRowPath(path) && refused === undefined) void post(path, row as Rows[RowPath])
  }
  const leaveOut = (id: string) => {
    letGo(base, id)
    dispatch({ type: 'left-out', id })
  }
  return { add, again, leaveOut }
}
