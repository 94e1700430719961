'use client'
import { createContext, type ReactNode, useContext, useEffect } from 'react'
import type { Counting } from '@/core/catalogue/firm'
import type { Visitor } from '@/server/page'
import { WHO_CACHE, WHO_PATH } from '../outbox/place'

/** Who is signed in on this device, and how their firm counts: what a page without signal goes by. */
export type Who = { readonly visitor: Visitor; readonly counting: Counting }

const KEY = 'harvek-who'

const Context = createContext<Who | null>(null)
export const useWho = (): Who | null => useContext(Context)

/** Says whose device it is, below and for when there is no signal. */
export function WhoIs({ who, children }: { readonly who: Who | null; readonly children: ReactNode }) {
  const id = who?.visitor.id
  // biome-ignore lint/correctness/useExhaustiveDependencies: another member is another page
  useEffect(() => {
    if (who) void keepWho(who)
  }, [id])
  return <Context value={who}>{children}</Context>
}

async function keepWho(who: Who): Promise<void> {
  try {
    localStorage.setItem(KEY, JSON.stringify(who))
    const cache = await caches.open(WHO_CACHE)
    await cache.put(WHO_PATH, new Response(who.visitor.id))
  } catch {
    // Without it nothing is shown where there is no signal.
  }
}

/** Who was signed in last; `null` where nobody was, or signed out. */
export function keptWho(): Who | null {
  try {
    const who = JSON.parse(localStorage.getItem(KEY) ?? 'null') as Who | null
    return who?.visitor?.id ? who : null
  } catch {
    return null
  }
}

/** Nobody is signed in here any more: what lies here is shown to nobody until they are again. */
export async function forgetWho(): Promise<void> {
  try {
    localStorage.removeItem(KEY)
    await caches.delete(WHO_CACHE)
  } catch {
    // There was nothing to forget.
  }
}
