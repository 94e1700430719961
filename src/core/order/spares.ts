/** Small parts that are ordered with a unit. */
export const SPARES = ['long-screws', 'plugs', 'hinge-cards', 'corner-pads'] as const
export type Spare = (typeof SPARES)[number]
export type SpareCounts = { readonly [spare in Spare]?: number }

export const NO_SPARES = (): SpareCounts => ({})

/** A long screw and its plug at each hinge, two cards for each, pads for the bottom corners of each leaf. */
export const outsideSpares =
  (leaves: number) =>
  (hingesEach: number): SpareCounts => ({
    'long-screws': hingesEach * leaves,
    plugs: hingesEach * leaves,
    'hinge-cards': 2 * hingesEach * leaves,
    'corner-pads': 2 * leaves,
  })

export const cardSpares = (hingesEach: number): SpareCounts => ({ 'hinge-cards': 2 * hingesEach })
