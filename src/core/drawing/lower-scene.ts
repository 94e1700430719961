import type { Point } from '../geometry/point'
import { type DisplayStep, formatLength } from '../units/format-length'
import { nearestTick } from '../units/length'
import { clearTexts } from './clear-texts'
import type { LoweredMark } from './lowered'
import type { Mark, Scene } from './scene'

export type LoweringOptions = {
  /** Height of lettering, in ticks. */
  readonly textHeight: number
  readonly step: DisplayStep
  readonly word: (code: string) => string
  /** What stands at a reading that was not taken yet. */
  readonly openText: string
  /** Puts something else in the place of a reading's figure: its number on a sheet. */
  readonly readingText?: (id: string, figure: string) => string
}

/** Turns dimensions, readings, figures and labels into lines, paths, arcs and text. No text stands on another or out of what is shown. */
export const lowerScene = (scene: Scene, options: LoweringOptions): readonly LoweredMark[] =>
  clearTexts(
    scene.marks.flatMap(mark => lowerMark(mark, options)),
    scene,
    options.textHeight,
  )

function lowerMark(mark: Mark, options: LoweringOptions): readonly LoweredMark[] {
  const common = { role: mark.role, id: mark.id, certainty: mark.certainty }
  switch (mark.kind) {
    case 'path':
      return [{ ...common, kind: 'path', points: mark.points, closed: mark.closed, paint: mark.paint }]
    case 'arc':
      return [
        { ...common, kind: 'arc', centre: mark.centre, radius: mark.radius, fromDeg: mark.fromDeg, toDeg: mark.toDeg },
      ]
    case 'lines':
      return Array.from({ length: Math.floor(mark.ends.length / 4) }, (_, i) => {
        const [x1, y1, x2, y2] = mark.ends.slice(4 * i, 4 * i + 4) as [number, number, number, number]
        return { ...common, kind: 'line' as const, x1, y1, x2, y2 }
      })
    case 'dot':
      return [{ ...common, kind: 'arc', centre: mark.at, radius: options.textHeight * 0.18, fromDeg: 0, toDeg: 360 }]
    case 'figure':
      return [
        {
          ...common,
          kind: 'text',
          x: mark.at.x,
          y: mark.at.y,
          text: formatLength(mark.value, options.step),
          turnDeg: 0,
          anchor: mark.anchor,
        },
      ]
    case 'label':
      return [
        {
          ...common,
          kind: 'text',
          x: mark.at.x,
          y: mark.at.y,
          text: options.word(mark.word),
          turnDeg: 0,
          anchor: mark.anchor,
        },
      ]
    case 'reading':
      return lowerReading(mark, common, options)
    case 'dimension':
      return lowerDimension(mark, common, options)
  }
}

type Common = Pick<LoweredMark, 'role' | 'id' | 'certainty'>

function lowerReading(
  mark: Extract<Mark, { kind: 'reading' }>,
  common: Common,
  options: LoweringOptions,
): readonly LoweredMark[] {
  const { from, to, along } = mark
  const figure = readingFigure(mark, options)
  const text = options.readingText?.(mark.id, figure) ?? figure
  if (!mark.upright) return [...spanned(from, to, common, options), lettered(from, to, along, text, common, options)]
  const at = { x: from.x + (to.x - from.x) * along, y: from.y + (to.y - from.y) * along }
  return [...spanned(from, to, common, options), { ...common, kind: 'text', ...at, text, turnDeg: 0, anchor: 'middle' }]
}

/** What was read, with what it most likely is behind it; where nothing was read, how far the assumption may be off. */
function readingFigure(
  { value, likely, after, spread }: Extract<Mark, { kind: 'reading' }>,
  { step, openText }: LoweringOptions,
): string {
  if (value === null) return spread === null ? openText : `±${formatLength(spread, step).replace('≈ ', '')}`
  const read = formatLength(value, step)
  if (after !== null) return `${read} → ${formatLength(after, step)}`
  return likely === null ? read : `${read} → ${formatLength(likely, step).replace('≈ ', '')}?`
}

function lowerDimension(
  mark: Extract<Mark, { kind: 'dimension' }>,
  common: Common,
  options: LoweringOptions,
): readonly LoweredMark[] {
  const { from, to, offset } = mark
  const length = Math.hypot(to.x - from.x, to.y - from.y) || 1
  const [nx, ny] = [(-(to.y - from.y) * offset) / length, ((to.x - from.x) * offset) / length]
  const [a, b] = [
    { x: from.x + nx, y: from.y + ny },
    { x: to.x + nx, y: to.y + ny },
  ]
  const text = formatLength(nearestTick(length), options.step)
  const helper = (p: Point, q: { x: number; y: number }): LoweredMark => ({
    ...common,
    kind: 'line',
    x1: p.x,
    y1: p.y,
    x2: q.x,
    y2: q.y,
  })
  const helpers = offset === 0 ? [] : [helper(from, a), helper(to, b)]
  return [...helpers, ...spanned(a, b, common, options), lettered(a, b, 0.5, text, common, options)]
}

type Place = { readonly x: number; readonly y: number }

/** The line of a span with a short slanting tick at either end. */
function spanned(from: Place, to: Place, common: Common, { textHeight }: LoweringOptions): readonly LoweredMark[] {
  const size = textHeight * 0.3
  const tick = (p: Place): LoweredMark => ({
    ...common,
    kind: 'line',
    x1: p.x - size,
    y1: p.y - size,
    x2: p.x + size,
    y2: p.y + size,
  })
  return [{ ...common, kind: 'line', x1: from.x, y1: from.y, x2: to.x, y2: to.y }, tick(from), tick(to)]
}

/** Text beside a span, `along` of the way, turned so that it never stands on its head. */
function lettered(
  from: Place,
  to: Place,
  along: number,
  text: string,
  common: Common,
  { textHeight }: LoweringOptions,
): LoweredMark {
  const [dx, dy] = [to.x - from.x, to.y - from.y]
  const length = Math.hypot(dx, dy) || 1
  const turn = (Math.atan2(dy, dx) * 180) / Math.PI
  const flipped = turn > 91 || turn < -89
  const lift = textHeight * 0.28 * (flipped ? -1 : 1)
  return {
    ...common,
    kind: 'text',
    text,
    anchor: 'middle',
    turnDeg: flipped ? turn + (turn > 0 ? -180 : 180) : turn,
    x: from.x + dx * along - (dy / length) * lift,
    y: from.y + dy * along + (dx / length) * lift,
  }
}
