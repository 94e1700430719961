'use client'
import { useEffect, useState } from 'react'

const AGAIN_MS = 4000
const MOST_TRIES = 5

/** Registers the service worker; where its files did not all come, some more times. Says when a newer one waits beside the one that is there. */
async function register(onWaiting: (worker: ServiceWorker) => void, tries = 1): Promise<void> {
  const registered = await navigator.serviceWorker.register('/sw.js', { updateViaCache: 'none' })
  const look = () => {
    if (registered.waiting && navigator.serviceWorker.controller) onWaiting(registered.waiting)
  }
  const follow = (worker: ServiceWorker | null) =>
    worker?.addEventListener('statechange', () => {
      look()
      if (worker.state === 'redundant' && !registered.active && tries < MOST_TRIES)
        setTimeout(() => void register(onWaiting, tries + 1).catch(() => undefined), AGAIN_MS)
    })
  look()
  follow(registered.installing)
  registered.addEventListener('updatefound', () => follow(registered.installing))
}

/** The worker that shows Harvek without signal. A newer one takes over when it is let. */
export function useWorker(): { readonly isNewer: boolean; readonly letIn: () => void } {
  const [waiting, setWaiting] = useState<ServiceWorker | null>(null)
  useEffect(() => {
    if (!navigator.serviceWorker || process.env.NODE_ENV !== 'production') return
    void register(setWaiting).catch(() => undefined)
  }, [])
  const letIn = () => {
    navigator.serviceWorker.addEventListener('controllerchange', () => location.reload(), { once: true })
    waiting?.postMessage({ type: 'take-over' })
  }
  return { isNewer: waiting !== null, letIn }
}
