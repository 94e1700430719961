import { type Lights, NO_LIGHTS, shareOut } from '../catalogue/across'
import { readValue } from '../survey/survey'
import { type Length, nearestTick, ZERO } from '../units/length'
import type { Drawn, Extent } from './drawn'

// Where leaves meet and fixed lights stand across a frame: by the chosen unit's sheet, before one is chosen as they were read.

/** How wide the lights beside a leaf are; none where the kind has none. `leaf` is the width of that leaf, `null` while it is not known: then what was not
 *  read takes a quarter of the frame, else it shares what frame and leaf leave. */
export function lightsBeside({ parts, standing, survey }: Drawn, frame: Length, leaf: Length | null): Lights {
  if (!parts.hasLights) return NO_LIGHTS
  if (standing) return standing.lights
  const read = (side: 'left' | 'right') =>
    survey.skipped.has(`sidelight.${side}`) ? ZERO : readValue(survey, `sidelight.${side}`)
  const [left, right] = [read('left'), read('right')]
  return shareOut(nearestTick(leaf === null ? frame / 2 : Math.max(0, frame - leaf)), left, right)
}

type Box = { readonly x: number; readonly y: number; readonly width: number; readonly height: number }

/** Where two leaves meet, or panels overlap, inside what closes: two leaves by their own widths, else as the kind divides it. */
export function divisionsIn(drawn: Drawn, leaf: Box): readonly number[] {
  const width = (id: string) => drawn.edges.find(one => one.id === id)?.length ?? null
  const [left, right] = [width('head.left'), width('head.right')]
  return left !== null && right !== null ? [leaf.x + left] : drawn.parts.divisions(drawn, extentOfBox(leaf))
}

/** A box as parts are laid out in it. */
export const extentOfBox = ({ x, y, width, height }: Box): Extent => ({
  left: x,
  right: x + width,
  bottom: y,
  top: y + height,
  width,
  height,
})
