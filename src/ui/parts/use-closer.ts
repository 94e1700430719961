'use client'
import { type RefObject, useEffect, useRef, useState } from 'react'

/** How a drawing is looked at: how many times larger, and what of it lies at the left upper corner, px. */
type View = { readonly by: number; readonly x: number; readonly y: number }
const WHOLE: View = { by: 1, x: 0, y: 0 }
const MOST = 6
const STEP = 1.4
/** One finger that goes no further than this taps. */
const STILL_PX = 6

/** Keeps what is seen within the drawing. */
const within = ({ by, x, y }: View, width: number, height: number): View => {
  const held = Math.min(MOST, Math.max(1, by))
  const one = (at: number, size: number) => Math.min(0, Math.max(at, size - size * held))
  return held === 1 ? WHOLE : { by: held, x: one(x, width), y: one(y, height) }
}

/** The same view so many times larger about a point of the window. */
const about = ({ by, x, y }: View, times: number, px: number, py: number): View => {
  const next = Math.min(MOST, Math.max(1, by * times)) / by
  return { by: by * next, x: px - (px - x) * next, y: py - (py - y) * next }
}

/** The same about the middle of what is shown. */
const aboutMiddle = (view: View, times: number, { clientWidth, clientHeight }: HTMLElement): View =>
  about(view, times, clientWidth / 2, clientHeight / 2)

export type Closer = {
  readonly isCloser: boolean
  readonly step: (closer: boolean) => void
  readonly whole: () => void
}

/** Looks closer at what is drawn in `layer` of the SVG on `sheet` within `frame`: by two fingers, by wheel with Ctrl, by keys and buttons; once closer, it is
 *  dragged. Under the fingers the sheet around the SVG is moved, not the SVG, whose letters would be laid out anew at each new size. */
export function useCloser(
  frame: RefObject<HTMLElement | null>,
  sheet: RefObject<HTMLElement | null>,
  layer: RefObject<SVGGElement | null>,
): Closer {
  const view = useRef(WHOLE)
  const drawnAt = useRef(WHOLE)
  const [isCloser, setCloser] = useState(false)
  const show = useRef((next: View, isHeld = false) => {
    const [box, held, drawn] = [frame.current, sheet.current, layer.current]
    if (!box || !held || !drawn) return
    view.current = within(next, box.clientWidth, box.clientHeight)
    const { by, x, y } = view.current
    setCloser(by > 1)
    if (isHeld) {
      // As a picture; it is drawn sharp where it stays.
      const { by: own, x: left, y: top } = drawnAt.current
      const times = by / own
      held.style.transform = `translate(${x - left * times}px, ${y - top * times}px) scale(${times})`
      return
    }
    drawnAt.current = view.current
    held.style.transform = ''
    if (by === 1) drawn.removeAttribute('transform')
    else drawn.setAttribute('transform', `translate(${x.toFixed(1)} ${y.toFixed(1)}) scale(${by.toFixed(3)})`)
  }).current
  useEffect(() => {
    const box = frame.current
    if (!box) return
    const fingers = new Map<number, { x: number; y: number }>()
    let begun: { view: View; x: number; y: number; apart: number } | null = null
    let isDragged = false
    const begin = () => {
      const [a, b] = [...fingers.values()]
      begun = a
        ? {
            view: view.current,
            x: b ? (a.x + b.x) / 2 : a.x,
            y: b ? (a.y + b.y) / 2 : a.y,
            apart: b ? Math.hypot(a.x - b.x, a.y - b.y) : 0,
          }
        : null
    }
    let corner = { left: 0, top: 0 }
    const look = () => {
      corner = box.getBoundingClientRect()
    }
    const at = (event: PointerEvent | WheelEvent) => ({ x: event.clientX - corner.left, y: event.clientY - corner.top })
    const down = (event: PointerEvent) => {
      look()
      fingers.set(event.pointerId, at(event))
      if (fingers.size === 1) isDragged = false
      begin()
    }
    const move = (event: PointerEvent) => {
      if (!begun || !fingers.has(event.pointerId)) return
      fingers.set(event.pointerId, at(event))
      const [a, b] = [...fingers.values()]
      if (a && b && begun.apart > 0) {
        isDragged = true
        const [x, y] = [(a.x + b.x) / 2, (a.y + b.y) / 2]
        const wider = about(begun.view, Math.hypot(a.x - b.x, a.y - b.y) / begun.apart, begun.x, begun.y)
        show({ ...wider, x: wider.x + x - begun.x, y: wider.y + y - begun.y }, true)
      } else if (a && begun.view.by > 1) {
        if (Math.hypot(a.x - begun.x, a.y - begun.y) > STILL_PX) isDragged = true
        if (isDragged) show({ ...begun.view, x: begun.view.x + a.x - begun.x, y: begun.view.y + a.y - begun.y }, true)
      }
    }
    const up = (event: PointerEvent) => {
      if (!fingers.delete(event.pointerId)) return
      if (fingers.size === 0 && isDragged) show(view.current)
      begin()
    }
    /** What was dragged was not tapped. */
    const click = (event: MouseEvent) => {
      if (!isDragged) return
      isDragged = false
      event.stopPropagation()
      event.preventDefault()
    }
    const wheel = (event: WheelEvent) => {
      if (!event.ctrlKey) return
      event.preventDefault()
      look()
      const { x, y } = at(event)
      show(about(view.current, Math.exp(-event.deltaY / 200), x, y))
    }
    const key = (event: KeyboardEvent) => {
      const times = event.key === '+' || event.key === '=' ? STEP : event.key === '-' ? 1 / STEP : null
      if (times !== null) show(aboutMiddle(view.current, times, box))
      else if (event.key === '0') show(WHOLE)
      else return
      event.preventDefault()
      event.stopPropagation()
    }
    const heard = new AbortController()
    const { signal } = heard
    box.addEventListener('keydown', key, { signal })
    box.addEventListener('pointerdown', down, { signal })
    window.addEventListener('pointermove', move, { signal })
    window.addEventListener('pointerup', up, { signal })
    window.addEventListener('pointercancel', up, { signal })
    box.addEventListener('click', click, { capture: true, signal })
    box.addEventListener('wheel', wheel, { passive: false, signal })
    return () => heard.abort()
  }, [frame, show])
  return {
    isCloser,
    step: closer => {
      const box = frame.current
      if (box) show(aboutMiddle(view.current, closer ? STEP : 1 / STEP, box))
    },
    whole: () => show(WHOLE),
  }
}
