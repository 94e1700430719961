'use client'
import { memo, useEffect, useMemo, useRef, useState } from 'react'
import { styled } from 'styled-components'
import { lowerScene } from '@/core/drawing/lower-scene'
import type { LoweredMark } from '@/core/drawing/lowered'
import type { Scene } from '@/core/drawing/scene'
import { type DisplayStep, formatLength } from '@/core/units/format-length'
import { drawingWord, drawnName } from '@/words/drawing'
import { useStable } from '../store/use-stable'
import { DRAWN } from './drawing-look'
import { MarkView, type Place } from './MarkView'
import { useTyped } from './typed'
import { type Closer, useCloser } from './use-closer'

const Frame = styled.div`
  position: relative; width: 100%; height: 100%; min-height: 0; overflow: hidden; contain: strict;
  .held { position: absolute; inset: 0; transform-origin: 0 0; }
  svg { display: block; touch-action: pan-x pan-y; }
  @media (pointer: coarse) { .held { will-change: transform; } }
  svg[data-closer] { touch-action: none; cursor: grab; * { vector-effect: non-scaling-stroke; } }
  .closer { position: absolute; right: 4px; top: 4px; display: flex; gap: 4px; opacity: 0; pointer-events: none; }
  &:hover .closer, &:focus-within .closer, .closer[data-shown] { opacity: 1; pointer-events: auto; }
  .closer button { min-width: 44px; min-height: 44px; border: 1px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); color: var(--ink); font-size: 1.25rem; cursor: pointer; }
  @media (pointer: coarse) { .closer:not([data-shown]) { display: none; } }
  ${DRAWN}
`

type Props = {
  readonly scene: Scene
  readonly step: DisplayStep
  readonly title: string
  readonly selected: string | null
  /** Ids that can be tapped, with what each is called; all else is only drawn. */
  readonly names: ReadonlyMap<string, string>
  readonly onSelect: (id: string) => void
  /** Of lettering, where text is as large as it ships; it grows with that. */
  readonly textPx?: number
  /** Whether one can look closer by buttons; by fingers one always can. */
  readonly canCloser?: boolean
}

/** Below this width or height figures would stand on each other: only the selected one is shown, the ladder has them all. */
const SMALL_PX = { elevation: { width: 260, height: 250 }, other: { width: 200, height: 100 } }
const isReadable = ({ isFigure, own, id }: Layer, selected: string | null, hasLabels: boolean): boolean =>
  !isFigure || id === selected || (hasLabels && own.every(mark => mark.role === 'label'))

const FIRST_GUESS = { width: 420, height: 520, textScale: 1 }
/** By how much text is larger than it ships, as whoever looks has set it. */
const textScaleNow = (): number => Number.parseFloat(getComputedStyle(document.documentElement).fontSize) / 16

/** A scene on screen: the same lowered marks as every writer gets, as elements that can be pointed at. */
export function SceneView({
  scene,
  step,
  title,
  selected,
  names,
  onSelect,
  textPx: shippedPx = 15,
  canCloser = true,
}: Props) {
  const frame = useRef<HTMLDivElement>(null)
  const sheet = useRef<HTMLDivElement>(null)
  const layer = useRef<SVGGElement>(null)
  const { textScale, ...size } = useSize(frame)
  const closer = useCloser(frame, sheet, layer)
  const textPx = shippedPx * textScale
  const { x: left, y: bottom } = scene.from
  const { x: right, y: top } = scene.to
  const place = useMemo(
    () => placeOf({ left, bottom, right, top }, { width: size.width, height: size.height }),
    [left, bottom, right, top, size.width, size.height],
  )
  const select = useStable(onSelect)
  const marks = useMemo(
    () => lowerScene(scene, { textHeight: textPx / place.scale, step, word: drawingWord, openText: '–' }),
    [scene, step, place.scale, textPx],
  )
  const isElevation = scene.name === 'elevation'
  const small = isElevation ? SMALL_PX.elevation : SMALL_PX.other
  const isLow = size.height < small.height * textScale
  const isSmall = isLow || size.width < small.width * textScale
  const hasLabels = isElevation || !isLow
  const layers = useMemo(
    () => layersOf(marks).filter(one => !isSmall || isReadable(one, selected, hasLabels)),
    [marks, isSmall, hasLabels, selected],
  )
  const figures = useMemo(() => new Set(layers.filter(one => one.isFigure).map(one => one.id)), [layers])
  return (
    <Frame ref={frame}>
      <div ref={sheet} className="held">
        {/* biome-ignore lint/a11y/useSemanticElements: an SVG has no fieldset */}
        <svg
          width={size.width}
          height={size.height}
          viewBox={`0 0 ${size.width} ${size.height}`}
          role="group"
          aria-label={title}
          data-scene={scene.name}
          data-closer={closer.isCloser || undefined}
        >
          <g ref={layer}>
            {layers.map(({ id, own, look, isFigure }) => (
              <MarkGroup
                key={`${id}${isFigure ? ' figure' : ''}`}
                id={id}
                marks={own}
                look={look}
                place={place}
                name={isFigure || !figures.has(id) ? (names.get(id) ?? null) : null}
                isSelected={isLit(id, selected)}
                onSelect={select}
                textPx={textPx}
                step={step}
              />
            ))}
          </g>
        </svg>
      </div>
      {canCloser && <CloserBar {...closer} />}
      <ul className="sr">
        {textTwin(marks, names).map((line, i) => (
          // biome-ignore lint/suspicious/noArrayIndexKey: a figure that changes is the same line with another text
          <li key={i}>{line}</li>
        ))}
      </ul>
    </Frame>
  )
}

/** Closer, further, and the whole of it again. */
const CloserBar = ({ isCloser, step, whole }: Closer) => (
  <div className="closer" data-shown={isCloser || undefined}>
    <button type="button" aria-label="Enlarge the drawing" onClick={() => step(true)}>
      +
    </button>
    {isCloser && (
      <>
        <button type="button" aria-label="Make the drawing smaller" onClick={() => step(false)}>
          −
        </button>
        <button type="button" aria-label="The whole drawing" onClick={whole}>
          ⤢
        </button>
      </>
    )}
  </div>
)

const isLit = (id: string, selected: string | null): boolean => selected !== null && id === selected

type Span = { readonly left: number; readonly bottom: number; readonly right: number; readonly top: number }

function placeOf(
  { left, bottom, right, top }: Span,
  { width, height }: { readonly width: number; readonly height: number },
): Place {
  const [spanX, spanY] = [right - left, top - bottom]
  const scale = Math.min(width / spanX, height / spanY)
  const [beside, above] = [(width - spanX * scale) / 2, (height - spanY * scale) / 2]
  return { scale, x: x => beside + (x - left) * scale, y: y => above + (top - y) * scale }
}

function useSize(frame: React.RefObject<HTMLDivElement | null>) {
  const [size, setSize] = useState(FIRST_GUESS)
  useEffect(() => {
    const element = frame.current
    if (!element) return
    const look = () => {
      const [width, height] = [Math.round(element.clientWidth), Math.round(element.clientHeight)]
      const textScale = textScaleNow()
      setSize(before =>
        (before.width === width && before.height === height && before.textScale === textScale) || !width || !height
          ? before
          : { width, height, textScale },
      )
    }
    const watcher = new ResizeObserver(look)
    watcher.observe(element)
    return () => watcher.disconnect()
  }, [frame])
  return size
}

type Layer = {
  readonly id: string
  readonly own: readonly LoweredMark[]
  /** The same for marks that look the same: what is not different is not drawn again. */
  readonly look: string
  readonly isFigure: boolean
}

/** Marks of one id stay together: first all lines, then all figures above them, so that no line is in the way of a tap on a figure. */
function layersOf(marks: readonly LoweredMark[]): readonly Layer[] {
  const figures = groupById(marks.filter(mark => mark.kind === 'text'))
  const lines = groupById(marks.filter(mark => mark.kind !== 'text'))
  const layer = (id: string, own: readonly LoweredMark[], isFigure: boolean): Layer => ({
    id,
    own,
    look: JSON.stringify(own),
    isFigure,
  })
  return [
    ...[...lines].map(([id, own]) => layer(id, own, false)),
    ...[...figures].map(([id, own]) => layer(id, own, true)),
  ]
}

function groupById(marks: readonly LoweredMark[]): ReadonlyMap<string, readonly LoweredMark[]> {
  const groups = new Map<string, LoweredMark[]>()
  for (const mark of marks) {
    const group = groups.get(mark.id)
    if (group) group.push(mark)
    else groups.set(mark.id, [mark])
  }
  return groups
}

/** What the drawing says, as lines for a screen reader. */
function textTwin(marks: readonly LoweredMark[], names: ReadonlyMap<string, string>): readonly string[] {
  const lines = marks.flatMap(mark => {
    if (mark.kind !== 'text' || mark.text === '–' || mark.text === '·') return []
    const name = names.get(mark.id) ?? drawnName(mark.id)
    return [name === null ? mark.text : `${name}: ${mark.text}`]
  })
  return [...new Set(lines)]
}

type GroupProps = {
  readonly id: string
  readonly marks: readonly LoweredMark[]
  readonly look: string
  readonly place: Place
  readonly name: string | null
  readonly isSelected: boolean
  readonly onSelect: (id: string) => void
  readonly textPx: number
  readonly step: DisplayStep
}

/** The marks of one id in one layer. Its figure is the button; where none is shown, its lines are. */
const MarkGroup = memo(function MarkGroup({ id, marks, place, name, isSelected, onSelect, textPx, step }: GroupProps) {
  const typed = useTyped(id)
  // Many light lines that are never tapped are one.
  if (marks[0]?.role === 'texture') return <path data-id={id} className="r-texture" d={oneLine(marks, place)} />
  const drawn = marks.map((mark, i) => (
    <MarkView
      // biome-ignore lint/suspicious/noArrayIndexKey: the lines of one mark keep their order
      key={`${mark.kind}${i}`}
      mark={typed === null ? mark : withTyped(mark, formatLength(typed, step))}
      place={place}
      isSelected={isSelected}
      textPx={textPx}
      isTappable={name !== null}
    />
  ))
  if (name === null)
    return (
      <g data-id={id} data-role={marks[0]?.role}>
        {drawn}
      </g>
    )
  return (
    // biome-ignore lint/a11y/useSemanticElements: an SVG has no button
    <g
      data-id={id}
      data-role={marks[0]?.role}
      role="button"
      tabIndex={isSelected ? 0 : -1}
      aria-label={name}
      aria-pressed={isSelected}
      style={{ cursor: 'pointer' }}
      onClick={() => onSelect(id)}
      onKeyDown={event => {
        if (event.key === 'Enter' || event.key === ' ') {
          event.preventDefault()
          onSelect(id)
        }
      }}
    >
      {drawn}
    </g>
  )
}, looksTheSame)

const oneLine = (marks: readonly LoweredMark[], { x, y }: Place): string =>
  marks
    .map(one =>
      one.kind === 'line'
        ? `M${x(one.x1).toFixed(1)} ${y(one.y1).toFixed(1)}L${x(one.x2).toFixed(1)} ${y(one.y2).toFixed(1)}`
        : '',
    )
    .join('')

/** A reading's figure as it stands typed, before it is taken. */
const withTyped = (mark: LoweredMark, text: string): LoweredMark =>
  mark.kind === 'text' && mark.role === 'reading' ? { ...mark, text, certainty: 'sure' } : mark

function looksTheSame(before: GroupProps, now: GroupProps): boolean {
  const { marks: _, ...rest } = now
  return (Object.keys(rest) as (keyof typeof rest)[]).every(name => before[name] === now[name])
}
