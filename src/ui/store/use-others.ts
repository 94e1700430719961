'use client'
import { type Dispatch, useEffect } from 'react'
import { setClock } from '../outbox/clock'
import type { Action, Standing } from './sheet-state'
import type { EditStore } from './use-edits'
import { useOutbox } from './use-outbox'
import { useStable } from './use-stable'

const EVERY_MS = 1500
/** Without an answer a look waits, the longer the more often it was in vain. */
const MOST_MS = 30_000

/** Looks for what others added to the same opening or changed of it, while it is in sight: a look that finds nothing new costs next to nothing.
 *  What is new stands on the sheet within two seconds; what is being typed or changed here stays. */
export function useOthers(base: string, dispatch: Dispatch<Action>, edits: EditStore): void {
  const outbox = useOutbox()
  const take = useStable((standing: Standing) => {
    dispatch({ type: 'others', standing })
    edits.theirs(standing.edits)
  })
  useEffect(() => {
    const looks = new AbortController()
    let tag = ''
    let vain = 0
    let timer: ReturnType<typeof setTimeout>
    const look = async () => {
      const headers = tag ? { 'if-none-match': tag } : undefined
      const askedAt = Date.now()
      const answer = await fetch(`${base}/rows`, { headers, signal: looks.signal, cache: 'no-store' }).catch(() => null)
      if (looks.signal.aborted) return
      vain = answer ? 0 : vain + 1
      if (answer) setClock(answer.headers.get('date'), askedAt, Date.now())
      outbox.heardOf(answer !== null && answer.status < 500)
      if (!answer?.ok) return
      const standing: Standing | null = await answer.json().catch(() => null)
      if (!standing || looks.signal.aborted) return
      tag = answer.headers.get('etag') ?? ''
      take(standing)
    }
    const next = () => {
      timer = setTimeout(() => void again(), Math.min(EVERY_MS * 2 ** vain, MOST_MS))
    }
    const again = async () => {
      if (document.visibilityState === 'visible') await look()
      if (!looks.signal.aborted) next()
    }
    next()
    return () => {
      clearTimeout(timer)
      looks.abort()
    }
  }, [base, outbox, take])
}
