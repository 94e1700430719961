'use client'

/** Something small that is chosen on a device and stays so over a reload; every part of a page hears when it changes. */
export type DeviceChoice = {
  readonly listen: (listener: () => void) => () => void
  /** What is kept; `null` where nothing is, or where the browser keeps nothing. */
  readonly read: () => string | null
  readonly keep: (value: string | null) => void
}

export function deviceChoice(key: string): DeviceChoice {
  let held: string | null | undefined
  const waiting = new Set<() => void>()
  const read = () => {
    if (held !== undefined) return held
    try {
      return localStorage.getItem(key)
    } catch {
      return null
    }
  }
  return {
    listen: listener => {
      waiting.add(listener)
      return () => waiting.delete(listener)
    },
    read,
    keep: value => {
      try {
        if (value === null) localStorage.removeItem(key)
        else localStorage.setItem(key, value)
      } catch {
        // Private windows may refuse to keep anything: it stands until the page closes.
        held = value
      }
      for (const tell of waiting) tell()
    },
  }
}
