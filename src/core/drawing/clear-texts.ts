import type { LoweredMark } from './lowered'
import type { Scene } from './scene'

type Text = Extract<LoweredMark, { kind: 'text' }>
type Box = { readonly left: number; readonly bottom: number; readonly right: number; readonly top: number }

/** How wide letters are, by the height of lettering: figures of the type that ships, set half bold; a slash and what is beside it are narrow. */
const WIDE = 0.53
const NARROW = 0.26
/** Arrows are as wide as they are high. */
const ARROW = 1
const widthOf = (letter: string): number =>
  /[ /.,':;|il·]/.test(letter) ? NARROW : /[◀▶▲▼]/u.test(letter) ? ARROW : WIDE
const wordWidth = (text: string): number => [...text].reduce((sum, one) => sum + widthOf(one), 0)
/** Above and below the line letters stand on, and beside them, with the ground they are read on. */
const [ABOVE, BELOW, BESIDE] = [0.82, 0.26, 0.1]

/** What points somewhere is found there first; what marks a place stays on it. */
const POINTS = /^[◀▶▲▼·~]$/u
const MARKS = /^[·~]$/u

/** The box a text fills, in ticks: round it as it is turned. `height` is that of lettering. */
export function boxOf({ x, y, text, turnDeg, anchor }: Text, height: number): Box {
  const width = (wordWidth(text) + 2 * BESIDE) * height
  const aside = BESIDE * height
  const from = anchor === 'start' ? -aside : anchor === 'end' ? aside - width : -width / 2
  const angle = (turnDeg * Math.PI) / 180
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
  const corners = [from, from + width].flatMap(along =>
    [-BELOW * height, ABOVE * height].map(up => [x + along * cos - up * sin, y + along * sin + up * cos] as const),
  )
  const [xs, ys] = [corners.map(one => one[0]), corners.map(one => one[1])]
  return { left: Math.min(...xs), bottom: Math.min(...ys), right: Math.max(...xs), top: Math.max(...ys) }
}

/** How much of two boxes lies on each other. */
const shared = (a: Box, b: Box): number =>
  Math.max(0, Math.min(a.right, b.right) - Math.max(a.left, b.left)) *
  Math.max(0, Math.min(a.top, b.top) - Math.max(a.bottom, b.bottom))

/** How far a box must go to lie within the drawing. */
function inward(
  { left, bottom, right, top }: Box,
  { from, to }: Pick<Scene, 'from' | 'to'>,
): readonly [number, number] {
  const one = (low: number, high: number, least: number, most: number) =>
    high - low > most - least ? (least + most - low - high) / 2 : Math.max(least - low, Math.min(0, most - high))
  return [one(left, right, from.x, to.x), one(bottom, top, from.y, to.y)]
}

/** Words that only help to find one's way. */
const isAside = (id: string): boolean => id === 'inside' || id === 'outside' || id === 'floor'
/** A word is left out where there is no room for it; one that is tapped, or says where to read, stays. */
const isLeftOut = ({ id, role }: Text): boolean =>
  isAside(id) || (role === 'label' && !/^(hand|direction|walk)\./.test(id))

/** Whoever was there first stays: what points, what was read or is measured, other words, what is still open. */
const rankOf = ({ id, role, text, certainty }: Text): number => {
  if (POINTS.test(text)) return 0
  if (text === '–' || text.startsWith('±')) return 3
  if (isAside(id)) return 4
  if (role === 'label' || role === 'hook') return 2
  return certainty === 'assumed' ? 1.5 : 1
}

/** Ways to go, along the text and across it, in heights of lettering: the nearest first. */
const WAYS: readonly (readonly [number, number])[] = [-6, -4.5, -3.5, -2.5, -1.6, -0.8, 0, 0.8, 1.6, 2.5, 3.5, 4.5, 6]
  .flatMap(along => [-4.4, -3.3, -2.2, -1.1, 0, 1.1, 2.2, 3.3, 4.4].map(across => [along, across] as const))
  .sort((a, b) => Math.hypot(a[0], a[1] * 1.5) - Math.hypot(b[0], b[1] * 1.5))

/** Moves texts that would stand on each other, or out of the drawing, to where they can be read: no further than they must. What marks a place
 *  stays; what lies outside the part that is shown is left alone. Words for which there is no room are left out. The order of the marks stays. */
export function clearTexts(
  marks: readonly LoweredMark[],
  shown: Pick<Scene, 'from' | 'to'>,
  height: number,
): readonly LoweredMark[] {
  const texts = marks
    .flatMap((mark, i) => (mark.kind === 'text' && mark.text !== '' && isShown(mark, shown) ? [{ mark, i }] : []))
    .sort((a, b) => rankOf(a.mark) - rankOf(b.mark) || a.i - b.i)
  const taken: Box[] = []
  const moved = new Map<number, Text | null>()
  for (const { mark, i } of texts) {
    const spot = MARKS.test(mark.text) ? movedIn(mark, shown, height) : freeSpot(mark, taken, shown, height)
    const box = boxOf(spot, height)
    if (isLeftOut(mark) && taken.some(one => shared(box, one) > 0)) {
      moved.set(i, null)
      continue
    }
    taken.push(box)
    if (spot !== mark) moved.set(i, spot)
  }
  return moved.size === 0 ? marks : marks.flatMap((mark, i) => (moved.has(i) ? (moved.get(i) ?? []) : [mark]))
}

const isShown = ({ x, y }: Text, { from, to }: Pick<Scene, 'from' | 'to'>): boolean =>
  x >= from.x && x <= to.x && y >= from.y && y <= to.y

/** What marks a place stays on it, but for what would stand outside the drawing. */
function movedIn(mark: Text, shown: Pick<Scene, 'from' | 'to'>, height: number): Text {
  const [x, y] = inward(boxOf(mark, height), shown)
  return x === 0 && y === 0 ? mark : { ...mark, x: mark.x + x, y: mark.y + y }
}

function freeSpot(mark: Text, taken: readonly Box[], shown: Pick<Scene, 'from' | 'to'>, height: number): Text {
  const angle = (mark.turnDeg * Math.PI) / 180
  const [cos, sin] = [Math.cos(angle), Math.sin(angle)]
  let best = mark
  let least = Number.POSITIVE_INFINITY
  for (const [along, across] of WAYS) {
    const [dx, dy] = [(along * cos - across * sin) * height, (along * sin + across * cos) * height]
    const there = { ...mark, x: mark.x + dx, y: mark.y + dy }
    const [inX, inY] = inward(boxOf(there, height), shown)
    const spot =
      dx === 0 && dy === 0 && inX === 0 && inY === 0 ? mark : { ...there, x: there.x + inX, y: there.y + inY }
    const box = boxOf(spot, height)
    const on = taken.reduce((sum, one) => sum + shared(box, one), 0)
    if (on === 0) return spot
    if (on < least) [best, least] = [spot, on]
  }
  return best
}
