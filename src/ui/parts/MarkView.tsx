import type { LoweredMark } from '@/core/drawing/lowered'
import { DOUBTS, isFilled, lookOf, widthOf } from './drawing-look'

/** From ticks, y up, to pixels, y down. */
export type Place = { readonly scale: number; readonly x: (x: number) => number; readonly y: (y: number) => number }

type Props = {
  readonly mark: LoweredMark
  readonly place: Place
  readonly isSelected: boolean
  readonly isTappable: boolean
  readonly textPx: number
}

/** One lowered mark as SVG. The selected one stands on the vial's yellow-green, always with an ink line. */
export function MarkView({ mark, place, isSelected, isTappable, textPx }: Props) {
  const className = lookOf(mark.role, mark.certainty, mark.kind !== 'path' || isFilled(mark.certainty, mark.closed))
  const width = widthOf(mark.role)
  const painted = mark.paint
    ? { fill: `var(--paint-${mark.paint}, ${mark.paint === 'glass' ? 'var(--air)' : 'none'})` }
    : undefined
  const style = isSelected ? { ...painted, stroke: 'var(--ink)', strokeWidth: width + 1 } : painted
  switch (mark.kind) {
    case 'line': {
      const ends = { x1: place.x(mark.x1), y1: place.y(mark.y1), x2: place.x(mark.x2), y2: place.y(mark.y2) }
      return (
        <>
          {isSelected && <line {...ends} style={{ stroke: 'var(--vial)', strokeWidth: 8 }} />}
          <line {...ends} className={className} style={style} />
          {isTappable && <line {...ends} className="tap" />}
        </>
      )
    }
    case 'path': {
      const points = mark.points.map(p => `${place.x(p.x).toFixed(2)},${place.y(p.y).toFixed(2)}`).join(' ')
      return (
        <>
          {isSelected && <polyline points={points} style={{ stroke: 'var(--vial)', strokeWidth: width + 8 }} />}
          {mark.closed ? (
            <polygon points={points} className={className} style={style} />
          ) : (
            <polyline points={points} className={className} style={style} />
          )}
          {isTappable && <polyline points={points} className="tap" />}
        </>
      )
    }
    case 'arc':
      return <ArcView mark={mark} place={place} className={className} style={style} />
    case 'text':
      return (
        <TextView
          mark={mark}
          place={place}
          isSelected={isSelected}
          isTappable={isTappable}
          textPx={textPx}
          color={
            DOUBTS[mark.certainty] ??
            (mark.role !== 'label' ? 'var(--ink)' : isTappable ? 'var(--blue)' : 'var(--quiet)')
          }
        />
      )
  }
}

type ArcProps = {
  readonly mark: Extract<LoweredMark, { kind: 'arc' }>
  readonly place: Place
  readonly className: string
  readonly style: React.CSSProperties | undefined
}

function ArcView({ mark, place, className, style }: ArcProps) {
  const radius = mark.radius * place.scale
  if (mark.toDeg - mark.fromDeg >= 360)
    return (
      <circle
        cx={place.x(mark.centre.x)}
        cy={place.y(mark.centre.y)}
        r={Math.max(3, radius)}
        className={className}
        style={style}
      />
    )
  const at = (degrees: number) => {
    const angle = (degrees * Math.PI) / 180
    return `${place.x(mark.centre.x + mark.radius * Math.cos(angle)).toFixed(2)} ${place.y(mark.centre.y + mark.radius * Math.sin(angle)).toFixed(2)}`
  }
  return (
    <path
      d={`M ${at(mark.fromDeg)} A ${radius.toFixed(2)} ${radius.toFixed(2)} 0 0 0 ${at(mark.toDeg)}`}
      className={lookOf(mark.role, mark.certainty, false)}
      style={style}
    />
  )
}

type TextProps = {
  mark: Extract<LoweredMark, { kind: 'text' }>
  place: Place
  isSelected: boolean
  isTappable: boolean
  textPx: number
  color: string
}

/** A word on a wall or a line is read all the same. */
const HALO = { paintOrder: 'stroke', stroke: 'var(--sheet)', strokeWidth: 3, strokeLinejoin: 'round' } as const

function TextView({ mark, place, isSelected, isTappable, textPx, color }: TextProps) {
  const [x, y] = [place.x(mark.x), place.y(mark.y)]
  const width = Math.max(16, mark.text.replace('/', '').length * textPx * 0.44 + 8)
  const left = mark.anchor === 'middle' ? x - width / 2 : mark.anchor === 'end' ? x - width + 4 : x - 4
  const turn = mark.turnDeg === 0 ? undefined : `rotate(${-mark.turnDeg} ${x} ${y})`
  const box = { x: left, y: y - textPx, width, height: textPx * 1.4, rx: 3 }
  const hit = isTappable
    ? { x: Math.min(left, x - 22), y: y - textPx * 0.4 - 22, width: Math.max(width, 44), height: 44 }
    : null
  return (
    <g transform={turn}>
      <rect
        {...box}
        style={
          isSelected
            ? { fill: 'var(--vial)', stroke: 'var(--ink)', strokeWidth: 1.5 }
            : { fill: mark.role === 'label' ? 'none' : 'var(--sheet)', fillOpacity: 0.88 }
        }
      />
      <text
        x={x}
        y={y}
        textAnchor={mark.anchor}
        style={{
          fill: isSelected ? '#17242B' : color,
          fontSize: textPx,
          fontWeight: mark.role === 'label' ? 400 : 600,
          stroke: 'none',
          ...(mark.role === 'label' || mark.role === 'hook' ? HALO : {}),
        }}
      >
        <FractionText text={mark.text} />
      </text>
      {hit && <rect {...hit} style={{ fill: 'transparent' }} />}
    </g>
  )
}

/** A figure's fractions set as fractions, its whole inches as they are. */
function FractionText({ text }: { readonly text: string }) {
  return text.split(/(\d+\/\d+)/).map((part, i) =>
    i % 2 === 0 ? (
      part
    ) : (
      // biome-ignore lint/suspicious/noArrayIndexKey: the parts of a text keep their order
      <tspan key={i} style={{ fontFeatureSettings: '"frac" 1', fontVariantNumeric: 'normal', fontSize: '1.1em' }}>
        {part}
      </tspan>
    ),
  )
}
