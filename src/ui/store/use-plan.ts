'use client'
import { useCallback, useEffect, useState } from 'react'
import type { BoardGiven } from '@/core/plan/plan-view'

/** The plan over all jobs: `null` until it is there; `failed` says why it is not. */
export type PlanLoad = { readonly given: BoardGiven | null; readonly failed: string | null; readonly again: () => void }

export function usePlan(): PlanLoad {
  const [given, setGiven] = useState<BoardGiven | null>(null)
  const [failed, setFailed] = useState<string | null>(null)
  const load = useCallback(async (signal?: AbortSignal) => {
    setFailed(null)
    const answer = await fetch('/api/plan/board', { signal }).catch(() => null)
    if (signal?.aborted) return
    const found: BoardGiven | { readonly message: string } | null = (await answer?.json().catch(() => null)) ?? null
    if (signal?.aborted) return
    if (answer?.ok && found && 'openings' in found) setGiven(found)
    else setFailed(found && 'message' in found ? found.message : 'The plan is not here: there is no signal.')
  }, [])
  useEffect(() => {
    const loading = new AbortController()
    void load(loading.signal)
    return () => loading.abort()
  }, [load])
  return { given, failed, again: () => void load() }
}
