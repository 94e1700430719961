import type { Toward } from '@/core/units/format-length'

/** Which way a figure is rounded where its step can't say it: what a unit, its hole or its jamb must have is never said too small, what
 *  is cut or must go in is never said too large. By the member of an order's line, or the figure a maker is asked for. */
const TOWARD: Readonly<Record<string, Toward>> = {
  'derived.width': 'up',
  'derived.height': 'up',
  'roughOpening.width': 'up',
  'roughOpening.height': 'up',
  wall: 'up',
  jambExtension: 'up',
  'cut.rail': 'down',
  tolerance: 'down',
  'request.width': 'up',
  'request.height': 'up',
  'request.rough-width': 'up',
  'request.rough-height': 'up',
  'request.jamb': 'up',
  'request.wall': 'up',
  'request.floor': 'up',
  'request.trim-width': 'down',
  'request.trim-height': 'down',
}

export const towardFor = (name: string): Toward => TOWARD[name] ?? 'nearest'
