import { nowHere } from './clock'
import { baseOf } from './copies'
import { diskOf } from './disk'
import { lineOf } from './line'
import { Outbox } from './outbox'
import type { Told } from './parts'

/** The outbox of a member in this browser, shared by its tabs. Nothing happens before it is started. */
export function openOutbox(member: string): Outbox {
  const name = `harvek-outbox-${member}`
  const channel = typeof window === 'undefined' ? null : new BroadcastChannel(name)
  const outbox = new Outbox({
    open: async () => diskOf(await baseOf(member)),
    line: lineOf(member),
    // Without locks each tab sends for itself: the store takes twice what comes twice as one.
    alone: act => (navigator.locks ? navigator.locks.request(name, act) : act()),
    tell: told => channel?.postMessage(told),
    now: () => nowHere().toISOString(),
    later: (act, ms) => {
      const timer = setTimeout(act, ms)
      return () => clearTimeout(timer)
    },
  })
  channel?.addEventListener('message', ({ data }: MessageEvent<Told>) => outbox.heard(data))
  return outbox
}

/** Sends when the signal is back, and when the page is looked at again. Gives what ends that. */
export function wake(outbox: Outbox): () => void {
  const flush = () => void outbox.flush()
  const seen = () => document.visibilityState === 'visible' && flush()
  const cut = () => outbox.heardOf(false)
  window.addEventListener('online', flush)
  window.addEventListener('offline', cut)
  document.addEventListener('visibilitychange', seen)
  return () => {
    window.removeEventListener('online', flush)
    window.removeEventListener('offline', cut)
    document.removeEventListener('visibilitychange', seen)
  }
}
