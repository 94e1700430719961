import { nowHere } from './clock'
import { baseOf } from './copies'
import { diskOf } from './disk'
import { lineOf } from './line'
import { isLostByLeaving, Outbox } from './outbox'
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

/** Has the browser ask before the page is left, for as long as something would be lost by that. Gives what ends that. */
function askBeforeLeaving(outbox: Outbox): () => void {
  const ask = (event: BeforeUnloadEvent) => event.preventDefault()
  let isAsking = false
  // Only while there is something to ask for: a page that may ask is not kept for going back to it.
  const look = (isWanted = isLostByLeaving(outbox.snapshot())) => {
    if (isWanted === isAsking) return
    isAsking = isWanted
    if (isWanted) window.addEventListener('beforeunload', ask)
    else window.removeEventListener('beforeunload', ask)
  }
  const end = outbox.watch(() => look())
  return () => {
    end()
    look(false)
  }
}

/** Sends when the signal is back, and when the page is looked at again; asks before it is left with what would be lost. Gives what ends that. */
export function wake(outbox: Outbox): () => void {
  const flush = () => void outbox.flush()
  const seen = () => document.visibilityState === 'visible' && flush()
  const cut = () => outbox.heardOf(false)
  window.addEventListener('online', flush)
  window.addEventListener('offline', cut)
  document.addEventListener('visibilitychange', seen)
  const leave = askBeforeLeaving(outbox)
  return () => {
    leave()
    window.removeEventListener('online', flush)
    window.removeEventListener('offline', cut)
    document.removeEventListener('visibilitychange', seen)
  }
}
