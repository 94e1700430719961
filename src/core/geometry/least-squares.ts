/** One observation of a linear system: coefficients per unknown, the observed minus computed value, and its standard deviation. */
export type Row = { readonly coefficients: Float64Array; readonly misclosure: number; readonly deviation: number }

/** The solution of weighted normal equations, with the cofactors (inverse normal matrix) row by row. */
export type Solution = { readonly unknowns: Float64Array; readonly cofactors: readonly Float64Array[] }

/** Weighted least squares by the normal equations; `null` when they are singular.
 *  Small and dense on purpose: ten unknowns, not ten thousand. */
export function leastSquares(rows: readonly Row[], size: number): Solution | null {
  const normal = Array.from({ length: size }, () => new Float64Array(size))
  const right = new Float64Array(size)
  for (const { coefficients, misclosure, deviation } of rows) {
    const weight = 1 / (deviation * deviation)
    for (let i = 0; i < size; i++) {
      const scaled = coefficients[i]! * weight
      if (scaled === 0) continue
      right[i]! += scaled * misclosure
      for (let j = 0; j < size; j++) normal[i]![j]! += scaled * coefficients[j]!
    }
  }
  const cofactors = inverse(normal)
  if (!cofactors) return null
  return { unknowns: Float64Array.from(cofactors, row => dot(row, right)), cofactors }
}

/** a·Q·aᵀ: the variance of a linear combination of the unknowns. */
export function varianceOf(coefficients: Float64Array, cofactors: readonly Float64Array[]): number {
  let total = 0
  for (let i = 0; i < coefficients.length; i++) {
    const one = coefficients[i]!
    if (one !== 0) total += one * dot(cofactors[i]!, coefficients)
  }
  return total
}

export function dot(a: Float64Array, b: Float64Array): number {
  let total = 0
  for (let i = 0; i < a.length; i++) total += a[i]! * b[i]!
  return total
}

/** Gauss–Jordan with the largest pivot of the column; `null` when singular. Works in place on `matrix`. */
function inverse(matrix: Float64Array[]): Float64Array[] | null {
  const size = matrix.length
  const result = matrix.map((_, i) => Float64Array.from({ length: size }, (_, j) => (i === j ? 1 : 0)))
  for (let column = 0; column < size; column++) {
    let pivot = column
    for (let i = column + 1; i < size; i++)
      if (Math.abs(matrix[i]![column]!) > Math.abs(matrix[pivot]![column]!)) pivot = i
    const head = matrix[pivot]![column]!
    if (Math.abs(head) < 1e-300) return null
    swap(matrix, pivot, column)
    swap(result, pivot, column)
    scale(matrix[column]!, 1 / head)
    scale(result[column]!, 1 / head)
    for (let i = 0; i < size; i++) {
      const factor = i === column ? 0 : matrix[i]![column]!
      if (factor === 0) continue
      subtract(matrix[i]!, matrix[column]!, factor)
      subtract(result[i]!, result[column]!, factor)
    }
  }
  return result
}

function swap(rows: Float64Array[], a: number, b: number): void {
  const kept = rows[a]!
  rows[a] = rows[b]!
  rows[b] = kept
}

function scale(row: Float64Array, factor: number): void {
  for (let j = 0; j < row.length; j++) row[j]! *= factor
}

function subtract(row: Float64Array, other: Float64Array, factor: number): void {
  for (let j = 0; j < row.length; j++) row[j]! -= factor * other[j]!
}
