import { TICKS_PER_INCH } from '../units/length'
import { lowerScene } from './lower-scene'
import type { LoweredMark } from './lowered'
import type { Certainty, Role, Scene } from './scene'

/** Sixteenths of an inch: finer than a small drawing shows. */
const UNIT = TICKS_PER_INCH / 16
const SHOWN: ReadonlySet<Role> = new Set([
  'stud',
  'hole',
  'frame',
  'leaf',
  'glass',
  'trim',
  'wall',
  'hinge',
  'handle',
  'ground',
])

/** Lines of one look that follow each other, as one path. */
export type SmallStroke = {
  readonly role: Role
  readonly certainty: Certainty
  readonly closed: boolean
  /** The path as SVG writes it, in sixteenths of an inch from the upper left corner, y down. */
  readonly d: string
}

/** A door small, for a row of doors: a few paths that are worked out once. Width and height in sixteenths of an inch. */
export type SmallDoor = {
  readonly width: number
  readonly height: number
  readonly strokes: readonly SmallStroke[]
}

/** What of a scene a small drawing shows, standing on the ground. */
export function smallDoor(scene: Scene): SmallDoor {
  const marks = lowerScene(
    { ...scene, marks: scene.marks.filter(mark => SHOWN.has(mark.role)) },
    { textHeight: 0, step: '1/16', word: word => word, openText: '' },
  )
  const bottom = Math.min(
    0,
    ...scene.marks.flatMap(mark => (mark.kind === 'path' && mark.role === 'hole' ? mark.points.map(p => p.y) : [])),
  )
  const across = (x: number) => Math.round((x - scene.from.x) / UNIT)
  const down = (y: number) => Math.round((scene.to.y - y) / UNIT)
  const strokes: SmallStroke[] = []
  for (const mark of marks) {
    const d = pathOf(mark, across, down)
    if (d === null) continue
    const closed = mark.kind === 'path' && mark.closed
    const last = strokes.at(-1)
    if (last?.role === mark.role && last.certainty === mark.certainty && last.closed === closed)
      strokes[strokes.length - 1] = { ...last, d: last.d + d }
    else strokes.push({ role: mark.role, certainty: mark.certainty, closed, d })
  }
  return { width: across(scene.to.x), height: down(bottom), strokes }
}

type Along = (at: number) => number

/** A mark as a path; `null` where it is none that a small drawing shows. */
function pathOf(mark: LoweredMark, across: Along, down: Along): string | null {
  switch (mark.kind) {
    case 'line':
      return `M${across(mark.x1)} ${down(mark.y1)}L${across(mark.x2)} ${down(mark.y2)}`
    case 'path':
      return `M${mark.points.map(p => `${across(p.x)} ${down(p.y)}`).join('L')}${mark.closed ? 'Z' : ''}`
    case 'arc': {
      const radius = Math.round(mark.radius / UNIT)
      const at = (degrees: number) => {
        const angle = (degrees * Math.PI) / 180
        return `${across(mark.centre.x + mark.radius * Math.cos(angle))} ${down(mark.centre.y + mark.radius * Math.sin(angle))}`
      }
      const arc = `A${radius} ${radius} 0 0 0 `
      // A whole turn ends where it began: two halves.
      if (mark.toDeg - mark.fromDeg >= 360) return `M${at(0)}${arc}${at(180)}${arc}${at(0)}`
      return `M${at(mark.fromDeg)}${arc}${at(mark.toDeg)}`
    }
    case 'text':
      return null
  }
}
