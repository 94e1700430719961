import type { Point } from '../geometry/point'
import { inches, TICKS_PER_INCH } from '../units/length'
import { lines, type Mark } from './scene'

/** What one sees of a wall: boards, bricks, blocks, or nothing but its plain face. */
export type WallFace = 'siding' | 'brick' | 'block' | 'plain'

/** Height of a course and length of a piece in it. */
const COURSES: Readonly<Record<Exclude<WallFace, 'plain'>, { readonly high: number; readonly long: number | null }>> = {
  siding: { high: inches(6), long: null },
  brick: { high: inches(3), long: inches(8) },
  block: { high: inches(8), long: inches(16) },
}
/** How far each course is drawn into the wall before it is left off, as a share of the room there is: by hand none ends where the next does. */
const REACH = [0.72, 0.4, 0.56, 0.3, 0.64, 0.46] as const

/** The hole with what stands round it: the wall begins behind it. */
export type Surrounded = {
  readonly left: number
  readonly right: number
  readonly top: number
  readonly ground: number
}

/** The face of the wall beside and over what stands round an opening, lightly: its courses, and where its pieces meet. */
export function wallTexture(
  face: WallFace,
  { left, right, top, ground }: Surrounded,
  shown: { readonly from: Point; readonly to: Point },
): readonly Mark[] {
  if (face === 'plain') return []
  const { high, long } = COURSES[face]
  const ends: number[] = []
  const line = (x1: number, y1: number, x2: number, y2: number) => {
    for (const one of [x1, y1, x2, y2]) ends.push(Math.round(one))
  }
  const room = { left: left - shown.from.x, right: shown.to.x - right }
  for (let row = 1; ground + row * high < shown.to.y - TICKS_PER_INCH; row++) {
    const y = ground + row * high
    const reach = REACH[row % REACH.length]!
    const isOver = y > top
    const [from, to] = [left - room.left * reach, right + room.right * reach]
    if (isOver) line(from, y, to, y)
    else {
      line(from, y, left, y)
      line(right, y, to, y)
    }
    if (long === null) continue
    // Half a piece further in every second course.
    const shift = row % 2 === 0 ? 0 : long / 2
    for (let x = Math.ceil((from - shift) / long) * long + shift; x < to; x += long)
      if (isOver || x < left || x > right) line(x, y, x, Math.max(ground, y - high))
  }
  return [lines('texture', 'wall.face', ends)]
}
