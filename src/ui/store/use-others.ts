'use client'
import { type Dispatch, useRef } from 'react'
import { setClock } from '../outbox/clock'
import type { Action, Standing } from './sheet-state'
import type { EditStore } from './use-edits'
import { useLooking } from './use-looking'
import { useOutbox } from './use-outbox'
import { useStable } from './use-stable'

/** Without an answer a look waits, the longer the more often it was in vain. */
const LOOKS = { everyMs: 1500, mostMs: 30_000 }

/** Looks for what others added to the same opening or changed of it, while it is in sight: a look that finds nothing new costs next to nothing.
 *  What is new stands on the sheet within two seconds; what is being typed or changed here stays. */
export function useOthers(base: string, dispatch: Dispatch<Action>, edits: EditStore): void {
  const outbox = useOutbox()
  const take = useStable((standing: Standing) => {
    dispatch({ type: 'others', standing })
    edits.theirs(standing.edits)
  })
  const seen = useRef({ base, tag: '' })
  useLooking(base, LOOKS, async signal => {
    if (seen.current.base !== base) seen.current = { base, tag: '' }
    const { tag } = seen.current
    const headers = tag ? { 'if-none-match': tag } : undefined
    const askedAt = Date.now()
    const answer = await fetch(`${base}/rows`, { headers, signal, cache: 'no-store' }).catch(() => null)
    if (signal.aborted) return true
    if (answer) setClock(answer.headers.get('date'), askedAt, Date.now())
    outbox.heardOf(answer !== null && answer.status < 500)
    if (!answer?.ok) return answer !== null
    const standing: Standing | null = await answer.json().catch(() => null)
    if (!standing || signal.aborted) return true
    seen.current = { base, tag: answer.headers.get('etag') ?? '' }
    take(standing)
    return true
  })
}
