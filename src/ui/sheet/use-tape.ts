'use client'
import { useSyncExternalStore } from 'react'
import type { Reading } from '@/core/survey/reading'
import { deviceChoice } from '../store/device-choice'

type Graduation = Reading['graduation']
/** Tapes one reads with: the finest mark. */
export const TAPES = { in: ['1/16', '1/32'], mm: ['1', '0.5'] } as const satisfies Readonly<
  Record<'in' | 'mm', readonly Graduation[]>
>

const kept = { in: deviceChoice('harvek-tape-in'), mm: deviceChoice('harvek-tape-mm') } as const

/** The tape this browser reads with: half of its mark is what strong adds and light takes. */
export function useTape(unit: 'in' | 'mm'): {
  readonly graduation: Graduation
  readonly setGraduation: (next: Graduation) => void
} {
  const choice = kept[unit]
  const usual: Graduation = TAPES[unit][0]
  const graduation = useSyncExternalStore(
    choice.listen,
    () => TAPES[unit].find(one => one === choice.read()) ?? usual,
    () => usual,
  )
  return { graduation, setGraduation: choice.keep }
}
