import type { Point } from '../geometry/point'
import { point } from '../geometry/point'
import { inches } from '../units/length'
import { boxOf, cornersOf } from './door-shape'
import type { LeafLook } from './drawn'
import { type Mark, path } from './scene'

// A leaf in panels, boards or glass, as its sheet says.

const NUMBERS = ['one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine', 'ten', 'eleven', 'twelve']
/** Stile and rail round a panel, and between panels. */
const STILE = 4
const RAIL = 5
const BOARD = 5
const LIGHT_FROM = 0.55

/** How many panels a style names; 0 where it names none. */
export function panelsIn(style: string): number {
  const [, word] = /([a-z]+|\d+)[ -]panel/i.exec(style) ?? []
  if (word === undefined) return 0
  const number = /^\d+$/.test(word) ? Number(word) : NUMBERS.indexOf(word.toLowerCase()) + 1
  return number >= 1 && number <= 12 ? number : 0
}

export type Extent = { readonly left: number; readonly bottom: number; readonly width: number; readonly height: number }

/** What is seen of a leaf within its outline: panels in one column where there are at most two, else in two; boards; panes. A style nobody
 *  knows is left plain, and glass whose place the sheet does not say is dashed. */
export function leafDress({ style, hasGlass }: LeafLook, id: string, extent: Extent): readonly Mark[] {
  const said = style.toLowerCase()
  const count = panelsIn(said)
  if (count > 0) return panelMarks(count, id, extent, hasGlass)
  if (/board|plank/.test(said)) return boardMarks(id, extent)
  const isOpenWork = /grille|grid|lattice/.test(said)
  if (/glass|mesh|screen/.test(said) || isOpenWork) {
    const pane = inset(extent, STILE, RAIL)
    const half = /half/.test(said) ? { ...pane, bottom: pane.bottom + pane.height / 2, height: pane.height / 2 } : pane
    return [rectangle('glass', `${id}.glass`, half), ...(isOpenWork ? barMarks(id, half) : [])]
  }
  if (!hasGlass) return []
  const all = inset(extent, STILE, RAIL)
  const light = { ...all, bottom: all.bottom + all.height * LIGHT_FROM, height: all.height * (1 - LIGHT_FROM) }
  return [rectangle('glass', `${id}.glass`, light, 'assumed')]
}

const ticksOf = (n: number): number => inches(n)

const inset = ({ left, bottom, width, height }: Extent, aside: number, under: number): Extent => ({
  left: left + ticksOf(aside),
  bottom: bottom + ticksOf(under),
  width: width - 2 * ticksOf(aside),
  height: height - 2 * ticksOf(under),
})

const rectangle = (
  role: 'glass' | 'leaf',
  id: string,
  { left, bottom, width, height }: Extent,
  certainty: Mark['certainty'] = 'sure',
): Mark => ({
  ...path(role, id, cornersOf(boxOf(left, bottom, Math.max(1, width), Math.max(1, height))), true, certainty),
  paint: role === 'glass' ? 'glass' : 'colour',
})

/** Rows of panels, the lowest the tallest; of glass the uppermost row is made, dashed, as no sheet says which. */
function panelMarks(count: number, id: string, extent: Extent, hasGlass: boolean): readonly Mark[] {
  const columns = count <= 2 ? 1 : 2
  const rows = Math.ceil(count / columns)
  const inner = inset(extent, STILE, RAIL)
  const gap = ticksOf(STILE)
  const width = (inner.width - gap * (columns - 1)) / columns
  const shares = Array.from({ length: rows }, (_, row) => (row === rows - 1 && rows > 2 ? 0.55 : 1))
  const all = shares.reduce((sum, one) => sum + one, 0)
  const high = inner.height - gap * (rows - 1)
  const marks: Mark[] = []
  let bottom = inner.bottom
  for (const [row, share] of shares.entries()) {
    const height = (high * share) / all
    for (let column = 0; column < columns && row * columns + column < count; column++) {
      const box = { left: inner.left + column * (width + gap), bottom, width, height }
      const isGlass = hasGlass && row === rows - 1
      marks.push(
        rectangle(isGlass ? 'glass' : 'leaf', `${id}.panel.${marks.length + 1}`, box, isGlass ? 'assumed' : 'sure'),
      )
    }
    bottom += height + gap
  }
  return marks
}

function boardMarks(id: string, { left, bottom, width, height }: Extent): readonly Mark[] {
  const boards = Math.max(2, Math.round(width / ticksOf(BOARD)))
  return Array.from({ length: boards - 1 }, (_, i) => {
    const x = Math.round(left + (width * (i + 1)) / boards)
    return path(
      'trim',
      `${id}.board.${i + 1}`,
      [point(x, Math.round(bottom)), point(x, Math.round(bottom + height))],
      false,
    )
  })
}

function barMarks(id: string, { left, bottom, width, height }: Extent): readonly Mark[] {
  return Array.from({ length: 7 }, (_, i) => {
    const y = Math.round(bottom + (height * (i + 1)) / 8)
    return path('trim', `${id}.bar.${i + 1}`, [point(Math.round(left), y), point(Math.round(left + width), y)], false)
  })
}

export function extentIn(points: readonly Point[]): Extent {
  const [xs, ys] = [points.map(one => one.x), points.map(one => one.y)]
  const [left, bottom] = [Math.min(...xs), Math.min(...ys)]
  return { left, bottom, width: Math.max(...xs) - left, height: Math.max(...ys) - bottom }
}
