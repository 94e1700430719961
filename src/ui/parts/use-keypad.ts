'use client'
import { useCallback, useSyncExternalStore } from 'react'

const KEY = 'harvek-keypad'
const CHANGED = 'harvek-keypad'

function listen(listener: () => void): () => void {
  window.addEventListener(CHANGED, listener)
  return () => window.removeEventListener(CHANGED, listener)
}

function isKept(): boolean {
  try {
    return localStorage.getItem(KEY) === 'open'
  } catch {
    return false
  }
}

/** Whether one reads by the keypad on this device: it stays open from one reading to the next, and over a reload. */
export function useKeypad(): readonly [isOpen: boolean, turn: (isOpen: boolean) => void] {
  const isOpen = useSyncExternalStore(listen, isKept, () => false)
  const turn = useCallback((next: boolean) => {
    try {
      localStorage.setItem(KEY, next ? 'open' : 'closed')
    } catch {
      // Private windows may refuse to keep anything: the keypad closes with the page then.
    }
    window.dispatchEvent(new Event(CHANGED))
  }, [])
  return [isOpen, turn]
}
