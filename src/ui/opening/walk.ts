'use client'
import { useSyncExternalStore } from 'react'
import { WALK_KEY } from '../parts/first-paint'
import { deviceChoice } from '../store/device-choice'

const kept = deviceChoice(WALK_KEY)

/** The stop one stands at; `null` when one is not on the walk. */
const stopNow = (): number | null => {
  const at = kept.read()
  return at !== null && /^\d$/.test(at) ? Number(at) : null
}

/** Goes to a stop of the first walk; `null` leaves it, and it is not offered again on this device. */
export function walkTo(stop: number | null): void {
  document.documentElement.dataset.walk = 'known'
  kept.keep(stop === null ? 'left' : String(stop))
}

export const useWalk = (): number | null => useSyncExternalStore(kept.listen, stopNow, () => null)
