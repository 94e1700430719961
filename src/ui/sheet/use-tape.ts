'use client'
import { useEffect, useState } from 'react'
import type { Reading } from '@/core/survey/reading'

type Graduation = Reading['graduation']
/** Tapes one reads with: the finest mark. */
export const TAPES = { in: ['1/16', '1/32'], mm: ['1', '0.5'] } as const satisfies Readonly<
  Record<'in' | 'mm', readonly Graduation[]>
>

const keyOf = (unit: 'in' | 'mm') => `harvek-tape-${unit}`
const CHANGED = 'harvek-tape'

/** The tape this browser reads with: half of its mark is what strong adds and light takes. */
export function useTape(unit: 'in' | 'mm'): {
  readonly graduation: Graduation
  readonly setGraduation: (next: Graduation) => void
} {
  const [graduation, set] = useState<Graduation>(TAPES[unit][0])
  useEffect(() => {
    const read = () => {
      const kept = localStorage.getItem(keyOf(unit))
      set(TAPES[unit].find(one => one === kept) ?? TAPES[unit][0])
    }
    read()
    window.addEventListener(CHANGED, read)
    return () => window.removeEventListener(CHANGED, read)
  }, [unit])
  const setGraduation = (next: Graduation) => {
    localStorage.setItem(keyOf(unit), next)
    window.dispatchEvent(new Event(CHANGED))
  }
  return { graduation, setGraduation }
}
