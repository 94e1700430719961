'use client'
import { type PointerEvent as Pointed, useRef } from 'react'
import { type Fold, turnFold, useFold } from '../parts/fold'

type Props<T extends string> = {
  /** The drawings there are; none where one can't choose. */
  readonly views: readonly (readonly [view: T, name: string])[]
  readonly shown: T | null
  readonly onShow: (view: T) => void
}

/** Further than this it was pulled; less is a tap. */
const STILL_PX = 8
const STRIP_PX = 110
const STRIP_LEAST_PX = 48

/** The lower edge of the drawing on a narrow window: which drawing is shown, and the grip it is folded and pulled out by. */
export function PullBar<T extends string>({ views, shown, onShow }: Props<T>) {
  const fold = useFold()
  const pull = usePull(fold)
  return (
    <div className="pull" data-pull={fold}>
      {/* biome-ignore lint/a11y/useSemanticElements: a group of buttons, no form */}
      <div className="views" role="group" aria-label="Which drawing">
        {views.map(([view, name]) => (
          <button
            key={view}
            type="button"
            aria-pressed={view === shown}
            onClick={() => {
              onShow(view)
              if (fold === 'strip') turnFold('open')
            }}
          >
            {name}
          </button>
        ))}
      </div>
      <button
        type="button"
        className="grip"
        aria-expanded={fold !== 'strip'}
        aria-label={fold === 'strip' ? 'Pull the drawing out' : 'Fold the drawing'}
        {...pull}
      >
        <span aria-hidden="true" />
      </button>
    </div>
  )
}

/** A tap folds the drawing or opens it; pulled, its edge follows the finger and stays at the nearest of strip, half and whole. */
function usePull(fold: Fold) {
  const begun = useRef<{ readonly y: number; readonly height: number } | null>(null)
  const isPulled = useRef(false)
  const middleOf = (event: Pointed<HTMLElement>) => event.currentTarget.closest<HTMLElement>('.middle')
  const end = (event: Pointed<HTMLElement>): number | null => {
    const [from, middle] = [begun.current, middleOf(event)]
    begun.current = null
    // The click that comes after a pull is no tap.
    setTimeout(() => {
      isPulled.current = false
    }, 0)
    if (!from || !middle || !isPulled.current) return null
    moveEdge(middle, 0)
    return from.height + event.clientY - from.y
  }
  return {
    onPointerDown: (event: Pointed<HTMLElement>) => {
      const middle = middleOf(event)
      if (!middle) return
      event.currentTarget.setPointerCapture(event.pointerId)
      isPulled.current = false
      begun.current = { y: event.clientY, height: middle.clientHeight }
    },
    onPointerMove: (event: Pointed<HTMLElement>) => {
      const [from, middle] = [begun.current, middleOf(event)]
      if (!from || !middle) return
      const by = event.clientY - from.y
      if (Math.abs(by) > STILL_PX) isPulled.current = true
      if (!isPulled.current) return
      moveEdge(middle, Math.max(STRIP_LEAST_PX - from.height, by))
    },
    onPointerUp: (event: Pointed<HTMLElement>) => {
      const height = end(event)
      if (height !== null) turnFold(height < STRIP_PX ? 'strip' : height > window.innerHeight * 0.62 ? 'tall' : 'open')
    },
    onPointerCancel: end,
    onClick: () => {
      if (!isPulled.current) turnFold(fold === 'strip' ? 'open' : 'strip')
    },
  }
}

/** Moves the lower edge of the drawing as a picture: nothing is laid out anew while a finger is on it. What stands below stays until it is let go. */
function moveEdge(middle: HTMLElement, by: number): void {
  const bar = middle.querySelector<HTMLElement>('.pull')
  if (bar) bar.style.transform = by === 0 ? '' : `translateY(${by}px)`
  middle.style.clipPath = by < 0 ? `inset(0 0 ${-by}px 0)` : ''
  if (by === 0) delete middle.dataset.pulled
  else middle.dataset.pulled = 'yes'
}
