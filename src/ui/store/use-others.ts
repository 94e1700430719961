'use client'
import { type Dispatch, useEffect } from 'react'
import type { Action } from './sheet-state'

const EVERY_MS = 5000

/** Looks now and then for what others added to the same opening, while it is shown and in sight. What can't be asked is asked again later. */
export function useOthers(base: string, dispatch: Dispatch<Action>): void {
  useEffect(() => {
    const look = async () => {
      if (document.visibilityState !== 'visible') return
      const answer = await fetch(`${base}/rows`).catch(() => null)
      if (answer?.ok) dispatch({ type: 'others', rows: await answer.json() })
    }
    const timer = setInterval(() => void look(), EVERY_MS)
    return () => clearInterval(timer)
  }, [base, dispatch])
}
