import type { Family } from '../survey/families'

/** Small parts that are ordered with a unit. */
export const SPARES = ['long-screws', 'plugs', 'hinge-cards', 'corner-pads'] as const
export type Spare = (typeof SPARES)[number]
export type SpareCounts = { readonly [spare in Spare]?: number }

const EXTERIOR: ReadonlySet<Family> = new Set<Family>(['hinged-outside', 'pair', 'sidelights'])

/** Spares for a unit by its leaves and hinges: a long screw and its plug at each hinge, two cards for each, pads for the bottom corners. */
export function sparesFor(family: Family, hinges: number): SpareCounts {
  if (EXTERIOR.has(family)) {
    const leaves = family === 'pair' ? 2 : 1
    return {
      'long-screws': hinges * leaves,
      plugs: hinges * leaves,
      'hinge-cards': 2 * hinges * leaves,
      'corner-pads': 2 * leaves,
    }
  }
  return family === 'interior' || family === 'steel-frame' ? { 'hinge-cards': 2 * hinges } : {}
}
