import { lowerScene } from '@/core/drawing/lower-scene'
import type { Scene } from '@/core/drawing/scene'
import { TICKS_PER_INCH } from '@/core/units/length'
import { MarkView, type Place } from './MarkView'

const PX_PER_INCH = 2.1
const SHOWN = new Set(['stud', 'hole', 'frame', 'leaf', 'glass', 'trim', 'wall', 'hinge', 'handle', 'ground'])

/** A door small, at the scale all doors of a row share, standing on the ground. */
export function Silhouette({ scene }: { readonly scene: Scene }) {
  const scale = PX_PER_INCH / TICKS_PER_INCH
  const marks = lowerScene(
    { ...scene, marks: scene.marks.filter(mark => SHOWN.has(mark.role)) },
    { textHeight: 10, step: '1/16', word: word => word, openText: '' },
  )
  const ground = Math.min(
    0,
    ...scene.marks.flatMap(mark => (mark.kind === 'path' && mark.role === 'hole' ? mark.points.map(p => p.y) : [])),
  )
  const [width, height] = [(scene.to.x - scene.from.x) * scale, (scene.to.y - ground) * scale]
  const place: Place = { scale, x: x => (x - scene.from.x) * scale, y: y => (scene.to.y - y) * scale }
  return (
    <svg width={width.toFixed(0)} height={height.toFixed(0)} aria-hidden="true">
      {marks.map((mark, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: a silhouette is drawn once
        <MarkView key={`${mark.id}${i}`} mark={mark} place={place} isSelected={false} isTappable={false} textPx={10} />
      ))}
    </svg>
  )
}
