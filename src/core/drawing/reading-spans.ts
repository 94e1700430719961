import { type Point, point } from '../geometry/point'
import { upward, valueAt } from '../geometry/polyline'
import { leftSide, type OpeningPoints, rightSide } from '../opening/opening'
import type { NetworkReading } from '../survey/network'
import { inches } from '../units/length'

/** Where a reading of the network is drawn: its span, and how far along the figure stands. */
export type Span = { readonly from: Point; readonly to: Point; readonly along: number }

const OUT = inches(5)
const BELOW = inches(4, 1, 2)

/** The span of each network reading on an opening, spread so that no two figures stand on each other. */
export function readingSpan(name: NetworkReading, p: OpeningPoints): Span {
  const width = p.R0.x - p.L0.x
  const height = p.L2.y - p.L0.y
  const across = (share: number): Span => {
    const y = p.L0.y + height * share
    const at = (side: readonly Point[]) => point(Math.round(valueAt(upward(side), y)), Math.round(y))
    return { from: at(leftSide(p)), to: at(rightSide(p)), along: 0.5 }
  }
  const upAt = (share: number, bottom: Point, top: Point, along: number): Span => {
    const x = Math.round(p.L0.x + width * share)
    return { from: point(x, bottom.y), to: point(x, top.y), along }
  }
  switch (name) {
    case 'widths.bottom':
      return across(0.06)
    case 'widths.middle':
      return across(0.5)
    case 'widths.top':
      return across(0.94)
    case 'heights.left':
      return upAt(0.1, p.L0, p.L2, 0.3)
    case 'heights.centre':
      return upAt(0.5, p.S, p.T, 0.72)
    case 'heights.right':
      return upAt(0.9, p.R0, p.R2, 0.3)
    case 'diagonals.risingRight':
      return { from: p.L0, to: p.R2, along: 0.36 }
    case 'diagonals.risingLeft':
      return { from: p.R0, to: p.L2, along: 0.36 }
    case 'lean.left':
      return beside(p.L0, p.L2, -OUT, 0.8)
    case 'lean.right':
      return beside(p.R0, p.R2, OUT, 0.8)
    case 'bow.left':
      return beside(p.L0, p.L2, -OUT, 0.4, 0.25)
    case 'bow.right':
      return beside(p.R0, p.R2, OUT, 0.4, 0.25)
    case 'fall.sill':
      return { from: point(p.L0.x, p.L0.y - BELOW), to: point(p.R0.x, p.R0.y - BELOW), along: 0.25 }
    case 'crown.sill':
      return { from: point(p.S.x, p.S.y - BELOW), to: point(p.R0.x, p.R0.y - BELOW), along: 0.5 }
    case 'fall.head':
      return { from: point(p.L2.x, p.L2.y + OUT), to: point(p.R2.x, p.R2.y + OUT), along: 0.25 }
    case 'crown.head':
      return { from: point(p.T.x, p.T.y + OUT), to: point(p.R2.x, p.R2.y + OUT), along: 0.5 }
  }
}

/** A span beside a side, over its upper half or, with a share, around the middle. */
function beside(foot: Point, top: Point, out: number, along: number, share?: number): Span {
  const height = top.y - foot.y
  const [from, to] = share === undefined ? [0.6, 1] : [0.5 - share / 2, 0.5 + share / 2]
  const at = (part: number) =>
    point(Math.round(foot.x + (top.x - foot.x) * part) + out, Math.round(foot.y + height * part))
  return { from: at(from), to: at(to), along: share === undefined ? 0.5 : along + 0.1 }
}
