import {
  EPS,
  hingeMissSum,
  type Inner,
  missOf,
  type Programme,
  type Range,
  rowValue,
  type Stands,
  standRange,
  worstHingeMiss,
} from './tune-model'

// What the hinge side can be with given outer cards, wherever the hinges between stood: with none or one of them exactly, with more as a bound
// from below, each row by itself.

const NONE: Stands = []
const AT_NOUGHT: Stands = [0]

/** Where the one hinge between may stand, in steps, so that no hinge row misses by more than `most`; `null` where it can't. */
function oneRange({ rows, input }: Programme, ct: number, cb: number, most: number): Range | null {
  const { step, tolerance } = input
  let [least, greatest] = [Number.NEGATIVE_INFINITY, Number.POSITIVE_INFINITY]
  for (const row of rows) {
    const [off, room] = [rowValue(row, step, ct, cb, AT_NOUGHT) - row.aim, tolerance + most + EPS]
    const slope = step * row.byInner[0]!
    if (Math.abs(slope) < EPS) {
      if (Math.abs(off) > room) return null
      continue
    }
    const [a, b] = [(-room - off) / slope, (room - off) / slope]
    least = Math.max(least, Math.min(a, b))
    greatest = Math.min(greatest, Math.max(a, b))
  }
  return least <= greatest ? [least, greatest] : null
}

/** Tells of stands whether no hinge row misses by more than `most` with them; `null` where none can do. */
export function standsWithin(
  programme: Programme,
  ct: number,
  cb: number,
  most: number,
): ((stands: Stands) => boolean) | null {
  if (programme.inner.length === 1) {
    const range = oneRange(programme, ct, cb, most)
    return range && (([stand]) => stand! >= range[0] - EPS && stand! <= range[1] + EPS)
  }
  if (leastHingeMisses(programme, ct, cb).worst > most + EPS) return null
  return stands => worstHingeMiss(programme, ct, cb, stands) <= most + EPS
}

type Misses = { readonly worst: number; readonly sum: number }
const NEVER: Misses = { worst: Number.POSITIVE_INFINITY, sum: Number.POSITIVE_INFINITY }

/** The least the hinge rows can miss by, wherever the hinges between stood: by the worst of them, and in all while none misses by more than
 *  `most`. */
export function leastHingeMisses(
  programme: Programme,
  ct: number,
  cb: number,
  most = Number.POSITIVE_INFINITY,
): Misses {
  switch (programme.inner.length) {
    case 0: {
      const worst = worstHingeMiss(programme, ct, cb, NONE)
      return worst > most + EPS ? NEVER : { worst, sum: hingeMissSum(programme, ct, cb, NONE) }
    }
    case 1:
      return leastByOne(programme, ct, cb, most)
    default:
      return rowByRow(programme, ct, cb, most)
  }
}

/** The least is where a row comes to its aim, to an end of its band, or to miss by as much as another. */
function leastByOne(programme: Programme, ct: number, cb: number, most: number): Misses {
  const { rows, input } = programme
  const range = oneRange(programme, ct, cb, most)
  if (range === null) return NEVER
  const lines = rows.map(row => ({
    off: rowValue(row, input.step, ct, cb, AT_NOUGHT) - row.aim,
    slope: input.step * row.byInner[0]!,
  }))
  const candidates = [0, ...range.filter(Number.isFinite)]
  for (const [i, one] of lines.entries()) {
    if (Math.abs(one.slope) < EPS) continue
    for (const by of [0, input.tolerance, -input.tolerance]) candidates.push((by - one.off) / one.slope)
    for (const other of lines.slice(i + 1))
      for (const sign of [1, -1]) {
        const slope = one.slope - sign * other.slope
        if (Math.abs(slope) > EPS) candidates.push((sign * other.off - one.off) / slope)
      }
  }
  let { worst, sum } = NEVER
  for (const stand of candidates) {
    if (stand < range[0] - EPS || stand > range[1] + EPS) continue
    worst = Math.min(worst, worstHingeMiss(programme, ct, cb, [stand]))
    sum = Math.min(sum, hingeMissSum(programme, ct, cb, [stand]))
  }
  return { worst, sum }
}

/** No row can come nearer its aim than its hinges let it, whatever the other rows want. */
function rowByRow(programme: Programme, ct: number, cb: number, most: number): Misses {
  const { rows, inner, input } = programme
  let [worst, sum] = [0, 0]
  for (const row of rows) {
    const [least, greatest] = spanOf(programme, inner, rowValue(row, input.step, ct, cb, NONE), row.byInner)
    const nearest = Math.min(greatest, Math.max(least, row.aim))
    const miss = missOf(programme, nearest, row.aim)
    worst = Math.max(worst, miss)
    sum += miss
  }
  return worst > most + EPS ? NEVER : { worst, sum }
}

/** From where to where a row can be moved by the hinges between, each as far as its cards go. */
function spanOf(programme: Programme, inner: readonly Inner[], from: number, weights: readonly number[]): Range {
  let [least, most] = [from, from]
  for (const [i, one] of inner.entries()) {
    const [low, high] = standRange(programme, one)
    const by = programme.input.step * weights[i]!
    least += Math.min(by * low, by * high)
    most += Math.max(by * low, by * high)
  }
  return [least, most]
}
