import type { Length } from '../units/length'

/** A piece of a bar that is left over and kept: of which seal, how long, and of drilled strip where its first hole is, from its start, and
 *  how many there are. */
export type OffCut = {
  readonly seal: string
  readonly length: Length
  readonly first: Length | null
  readonly holes: number | null
}
export const MOST_OFF_CUTS = 300
