import type { Detail } from '../specification/wish-values'
import type { SpareCounts } from './spares'

/** What decides, beside its kind, what an order of a unit names. */
export type Described = {
  readonly bore?: string | null
  readonly glass?: string | null
  readonly labelMinutes?: number | null
}

/** What ordering and receiving ask of a kind of unit. */
export type OrderOf = {
  /** What an order of it must name beside sizes and hand. */
  readonly details: (unit: Described) => readonly Detail[]
  /** What may be named besides, and never stands in the way. */
  readonly extras: readonly Detail[]
  /** Which of the facts of its hand a line says. */
  readonly hand: readonly ('hinges' | 'swing' | 'activeLeaf' | 'panels')[]
  /** What its size on the order is the size of. */
  readonly sizeOf: 'frame' | 'leaf' | 'door' | 'faceplate'
  /** Whether its size follows from the opening, so that the order prints what was derived and the rough opening. */
  readonly isDerived: boolean
  /** Small parts ordered with it, by the hinges of a leaf. */
  readonly spares: (hingesEach: number) => SpareCounts
}

const isBored = ({ bore }: Described): boolean => bore != null && bore !== 'none'

/** Those of a list, and what follows from the unit: of a bored leaf its backset, of glass its size and build, of a labelled door
 *  whether it stops smoke. */
export const detailsWith =
  (own: readonly Detail[]) =>
  (unit: Described): readonly Detail[] => [
    ...own,
    ...(isBored(unit) ? (['bore-backset'] as const) : []),
    ...(unit.glass != null && unit.glass !== 'none' ? (['glazing'] as const) : []),
    ...((unit.labelMinutes ?? 0) > 0 ? (['smoke-gasket'] as const) : []),
  ]
