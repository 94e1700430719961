import { type Point, point } from '../geometry/point'
import type { UnitReading } from '../order/receipt-values'
import { inches, type Length, nearestTick } from '../units/length'
import { readingMark, type Scene } from './scene'

type Size = { readonly width: Length; readonly height: Length }
const NEAR = inches(5)

/** Where a reading of a delivered unit is taken on its front; `null` for one that is not read there. */
function spanOf(name: UnitReading, { width, height }: Size): readonly [Point, Point] | null {
  const across = (y: number) => [point(0, nearestTick(y)), point(width, nearestTick(y))] as const
  const up = (x: number) => [point(nearestTick(x), 0), point(nearestTick(x), height)] as const
  switch (name) {
    case 'width.top':
      return across(height - NEAR)
    case 'width.middle':
      return across(height / 2)
    case 'width.bottom':
      return across(NEAR)
    case 'height.left':
      return up(NEAR)
    case 'height.right':
      return up(width - NEAR)
    case 'diagonal.one':
      return [point(0, 0), point(width, height)]
    case 'diagonal.other':
      return [point(width, 0), point(0, height)]
    case 'bow.left':
      return up(0)
    case 'bow.right':
      return up(width)
    case 'head.ends':
      return across(height)
    default:
      return null
  }
}

/** The front of an ordered unit with what was read on it as it is delivered and what is read now, each at its place; what is not read
 *  there is not drawn. */
export function receivingScene(
  front: Scene,
  size: Size,
  asked: readonly UnitReading[],
  read: Readonly<Partial<Record<UnitReading, Length>>>,
  now: string | null = null,
): Scene {
  const marks = asked.flatMap(name => {
    const span = read[name] !== undefined || name === now ? spanOf(name, size) : null
    const along = name.startsWith('diagonal') ? 0.3 : name.startsWith('height') ? 0.35 : 0.5
    return span ? [readingMark(name, span[0], span[1], read[name] ?? null, along, 'sure')] : []
  })
  return { ...front, name: 'received', marks: [...front.marks.filter(one => one.kind !== 'dimension'), ...marks] }
}
