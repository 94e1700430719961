// The sixteen readings that over-determine a four-sided opening, and the order in which they are walked.

/** Every reading of the network, in the order widths, heights, diagonals, lean, fall, bow, crown:
 *  the easiest to take again first. */
export const NETWORK_READINGS = [
  'widths.bottom',
  'widths.middle',
  'widths.top',
  'heights.left',
  'heights.centre',
  'heights.right',
  'diagonals.risingRight',
  'diagonals.risingLeft',
  'lean.left',
  'lean.right',
  'fall.sill',
  'fall.head',
  'bow.left',
  'bow.right',
  'crown.sill',
  'crown.head',
] as const

export type NetworkReading = (typeof NETWORK_READINGS)[number]

/** The kind of a reading: what stands before its dot. */
export type NetworkKind = 'widths' | 'heights' | 'diagonals' | 'lean' | 'fall' | 'bow' | 'crown'

const KINDS = new Map(NETWORK_READINGS.map(name => [name, name.split('.')[0] as NetworkKind]))

export const kindOf = (name: NetworkReading): NetworkKind => KINDS.get(name)!

export const isNetworkReading = (name: string): name is NetworkReading => KINDS.has(name as NetworkReading)
