'use client'
import { useEffect, useRef, useState } from 'react'
import type { Answered, AnswerOf, GivenOf, HeavyName } from './heavy'

type Waiting = (answered: Answered) => void
type Helper = { readonly worker: Worker; readonly waiting: Map<number, Waiting> }
let helper: Helper | null = null
let asked = 0

/** The one worker of a page; one that died is started anew by the next question, and what waited for it is told. */
function helperNow(): Helper {
  if (helper) return helper
  const worker = new Worker(new URL('./heavy.worker.ts', import.meta.url), { type: 'module' })
  const waiting = new Map<number, Waiting>()
  const made = { worker, waiting }
  worker.onmessage = ({ data }: MessageEvent<Answered>) => {
    waiting.get(data.id)?.(data)
    waiting.delete(data.id)
  }
  worker.onerror = event => {
    if (helper === made) helper = null
    for (const [id, tell] of waiting) tell({ id, failed: event.message })
    waiting.clear()
    worker.terminate()
  }
  helper = made
  return made
}

/** What is asked of the worker: the last answer, which stays while the next is worked out. `failed` is said, never hidden. */
export type Heavy<T> = { readonly value: T | null; readonly isBehind: boolean; readonly failed: string | null }

/** Works something out beside the page's own work, anew whenever `given` is another; `null` asks nothing. */
export function useHeavy<N extends HeavyName>(name: N, given: GivenOf<N> | null): Heavy<AnswerOf<N>> {
  const [said, setSaid] = useState<{ of: unknown; value: AnswerOf<N> | null; failed: string | null } | null>(null)
  const last = useRef<AnswerOf<N> | null>(null)
  useEffect(() => {
    if (given === null) return
    const { worker, waiting } = helperNow()
    const id = ++asked
    waiting.set(id, answered => {
      const isGood = 'value' in answered
      if (isGood) last.current = answered.value as AnswerOf<N>
      setSaid({ of: given, value: last.current, failed: isGood ? null : answered.failed })
    })
    worker.postMessage({ id, name, given })
    return () => {
      waiting.delete(id)
    }
  }, [name, given])
  if (given === null) return { value: null, isBehind: false, failed: null }
  return { value: said?.value ?? null, isBehind: said?.of !== given, failed: said?.failed ?? null }
}
