'use client'
import { useEffect, useState } from 'react'
import { STAGES, type Stage } from '@/core/base/stages'

type Keys = {
  readonly onStage: (stage: Stage) => void
  readonly onNextReading: () => void
  readonly onUndo: () => void
  readonly onNeighbour: (by: -1 | 1) => void
}

/** A field that holds something undoes its own typing; an empty one leaves it to the sheet. */
const isTypedIn = (target: HTMLElement | null): boolean =>
  target?.closest('input, textarea') instanceof HTMLElement && (target as HTMLInputElement).value !== ''

const KEPT = 'harvek-single-keys'

/** Single keys for the sheet. They never act while a field has the focus, and can be switched off. */
export function useSheetKeys(keys: Keys) {
  const [open, setOpen] = useState(false)
  const [on, setOn] = useState(true)
  useEffect(() => setOn(localStorage.getItem(KEPT) !== 'off'), [])
  useEffect(() => {
    const act = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement | null
      if ((event.ctrlKey || event.metaKey) && event.key === 'z' && !isTypedIn(target)) {
        event.preventDefault()
        return keys.onUndo()
      }
      // Out of an empty field, so that the single keys act.
      if (event.key === 'Escape' && target?.closest('input') && !isTypedIn(target)) target.blur()
      if (
        !on ||
        event.ctrlKey ||
        event.metaKey ||
        event.altKey ||
        target?.closest('input, select, textarea, [role="slider"], dialog')
      )
        return
      const stage = STAGES[Number(event.key) - 1]
      if (stage) keys.onStage(stage)
      else if (event.key === 'n') keys.onNextReading()
      else if (event.key === '[') keys.onNeighbour(-1)
      else if (event.key === ']') keys.onNeighbour(1)
      else if (event.key === '?') setOpen(true)
      else return
      event.preventDefault()
    }
    window.addEventListener('keydown', act)
    return () => window.removeEventListener('keydown', act)
  })
  const turn = (next: boolean) => {
    setOn(next)
    localStorage.setItem(KEPT, next ? 'on' : 'off')
  }
  return { open, setOpen, on, turn }
}
