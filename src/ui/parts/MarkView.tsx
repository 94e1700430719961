import type { LoweredMark } from '@/core/drawing/lower-scene'
import type { Certainty, Role } from '@/core/drawing/scene'

/** From ticks, y up, to pixels, y down. */
export type Place = { readonly scale: number; readonly x: (x: number) => number; readonly y: (y: number) => number }

type Look = { readonly stroke: string; readonly width: number; readonly fill?: string; readonly dash?: string }

const LOOKS: Readonly<Record<Role, Look>> = {
  wall: { stroke: 'var(--ink)', width: 1, fill: 'var(--masonry)' },
  stud: { stroke: 'var(--strong-rule)', width: 1, fill: 'var(--wood)' },
  hole: { stroke: 'var(--ink)', width: 2 },
  frame: { stroke: 'var(--ink)', width: 1.5, fill: 'var(--sheet)' },
  leaf: { stroke: 'var(--ink)', width: 1.25, fill: 'var(--leaf)' },
  glass: { stroke: 'var(--ink)', width: 1 },
  sill: { stroke: 'var(--ink)', width: 1.25, fill: 'var(--wood)' },
  floor: { stroke: 'var(--ink)', width: 1, fill: 'var(--wood)' },
  ground: { stroke: 'var(--ink)', width: 1.5 },
  trim: { stroke: 'var(--ink)', width: 1, fill: 'var(--wood)' },
  hinge: { stroke: 'var(--ink)', width: 1, fill: 'var(--ink)' },
  handle: { stroke: 'var(--ink)', width: 1, fill: 'var(--quiet)' },
  swing: { stroke: 'var(--strong-rule)', width: 1, dash: '6 5' },
  shim: { stroke: 'var(--ink)', width: 1.25, fill: 'var(--shim)' },
  seal: { stroke: 'var(--fine)', width: 5 },
  gap: { stroke: 'var(--ink)', width: 1.25, fill: 'var(--sheet)' },
  air: { stroke: 'var(--blue)', width: 1, fill: 'var(--air)' },
  dimension: { stroke: 'var(--ink)', width: 1 },
  reading: { stroke: 'var(--blue)', width: 1 },
  point: { stroke: 'var(--ink)', width: 1.25, fill: 'var(--sheet)' },
  hook: { stroke: 'var(--ink)', width: 2, fill: 'var(--vial)' },
  label: { stroke: 'var(--quiet)', width: 1 },
}

const DOUBTS: Readonly<Partial<Record<Certainty, string>>> = { unchecked: 'var(--watch)', doubtful: 'var(--correct)' }
const DASHES: Readonly<Record<Certainty, string | undefined>> = {
  sure: undefined,
  unchecked: '14 4',
  doubtful: '9 3',
  assumed: '4 4',
}

/** How a line of a part is drawn; what is assumed is never filled. */
export const lookOf = (role: Role, certainty: Certainty, isFilled: boolean) => ({
  stroke: DOUBTS[certainty] ?? LOOKS[role].stroke,
  strokeWidth: LOOKS[role].width,
  strokeDasharray: DASHES[certainty] ?? LOOKS[role].dash,
  fill: isFilled && certainty !== 'assumed' ? (LOOKS[role].fill ?? 'none') : 'none',
})

type Props = {
  readonly mark: LoweredMark
  readonly place: Place
  readonly isSelected: boolean
  readonly isTappable: boolean
  readonly textPx: number
}

/** One lowered mark as SVG. The selected one stands on the vial's yellow-green, always with an ink line. */
export function MarkView({ mark, place, isSelected, isTappable, textPx }: Props) {
  const look = LOOKS[mark.role]
  const plain = lookOf(mark.role, mark.certainty, false)
  const style = isSelected ? { ...plain, stroke: 'var(--ink)', strokeWidth: look.width + 1 } : plain
  switch (mark.kind) {
    case 'line': {
      const ends = { x1: place.x(mark.x1), y1: place.y(mark.y1), x2: place.x(mark.x2), y2: place.y(mark.y2) }
      return (
        <>
          {isSelected && <line {...ends} style={{ stroke: 'var(--vial)', strokeWidth: 8 }} />}
          <line {...ends} style={style} />
          {isTappable && <line {...ends} style={{ stroke: 'transparent', strokeWidth: 26 }} />}
        </>
      )
    }
    case 'path': {
      const points = mark.points.map(p => `${place.x(p.x).toFixed(2)},${place.y(p.y).toFixed(2)}`).join(' ')
      const { fill } = lookOf(mark.role, mark.certainty, true)
      return (
        <>
          {isSelected && (
            <polyline points={points} style={{ stroke: 'var(--vial)', strokeWidth: look.width + 8, fill: 'none' }} />
          )}
          {mark.closed ? (
            <polygon points={points} style={{ ...style, fill }} />
          ) : (
            <polyline points={points} style={style} />
          )}
          {isTappable && <polyline points={points} style={{ stroke: 'transparent', strokeWidth: 24, fill: 'none' }} />}
        </>
      )
    }
    case 'arc':
      return <ArcView mark={mark} place={place} style={{ ...style, fill: look.fill ?? 'none' }} />
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

function ArcView({
  mark,
  place,
  style,
}: {
  mark: Extract<LoweredMark, { kind: 'arc' }>
  place: Place
  style: React.CSSProperties
}) {
  const radius = mark.radius * place.scale
  if (mark.toDeg - mark.fromDeg >= 360)
    return <circle cx={place.x(mark.centre.x)} cy={place.y(mark.centre.y)} r={Math.max(3, radius)} style={style} />
  const at = (degrees: number) => {
    const angle = (degrees * Math.PI) / 180
    return `${place.x(mark.centre.x + mark.radius * Math.cos(angle)).toFixed(2)} ${place.y(mark.centre.y + mark.radius * Math.sin(angle)).toFixed(2)}`
  }
  return (
    <path
      d={`M ${at(mark.fromDeg)} A ${radius.toFixed(2)} ${radius.toFixed(2)} 0 0 0 ${at(mark.toDeg)}`}
      style={{ ...style, fill: 'none' }}
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
