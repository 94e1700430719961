'use client'
import { useLayoutEffect, useSyncExternalStore } from 'react'
import type { Length } from '@/core/units/length'

// What stands typed in the field, for the drawing: a key draws one figure anew and works out nothing.

type Typed = { readonly id: string; readonly value: Length }

let typed: Typed | null = null
const listeners = new Set<() => void>()

function say(next: Typed | null): void {
  if (typed?.id === next?.id && typed?.value === next?.value) return
  typed = next
  for (const listener of listeners) listener()
}

function listen(listener: () => void): () => void {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** Tells the drawing what is typed at the place `id`, in ticks; `null` while it is no length. It is gone with the field. */
export function useTelling(id: string, value: Length | null): void {
  useLayoutEffect(() => {
    say(value === null ? null : { id, value })
    return () => say(null)
  }, [id, value])
}

/** What is typed for the figure `id` just now, in ticks. */
export const useTyped = (id: string): Length | null =>
  useSyncExternalStore(
    listen,
    () => (typed?.id === id ? typed.value : null),
    () => null,
  )
