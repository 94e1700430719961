'use client'
import { type RefObject, useEffect, useRef } from 'react'

/** For a list in a pane of class `scroll`: the row that is selected is brought into sight; the page itself never moves. */
export function useSelectedInSight(selected: string | null): RefObject<HTMLOListElement | null> {
  const list = useRef<HTMLOListElement>(null)
  // biome-ignore lint/correctness/useExhaustiveDependencies: another selection is another row in the list
  useEffect(() => {
    const row = list.current?.querySelector<HTMLElement>('[aria-current="true"]')
    const pane = list.current?.closest<HTMLElement>('.scroll')
    if (row && pane && pane.scrollHeight > pane.clientHeight) pane.scrollTop += rowOffset(row, pane)
  }, [selected])
  return list
}

/** How far a pane must scroll for a row to stand in it whole; the page itself never moves. */
function rowOffset(row: HTMLElement, pane: HTMLElement): number {
  const [inner, outer] = [row.getBoundingClientRect(), pane.getBoundingClientRect()]
  if (inner.top < outer.top) return inner.top - outer.top
  return Math.max(0, inner.bottom - outer.bottom)
}
