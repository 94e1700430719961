/** One observation of a linear system: coefficients per unknown, the observed minus computed value, and its standard deviation. */
export type Row = { readonly coefficients: Float64Array; readonly misclosure: number; readonly deviation: number }

/** The solution of weighted normal equations, with the cofactors (inverse normal matrix), `size` to a row. */
export type Solution = { readonly unknowns: Float64Array; readonly cofactors: Float64Array; readonly size: number }

/** Weighted least squares by the normal equations; `null` when they are singular.
 *  Small and dense on purpose: ten unknowns, not ten thousand. */
export function leastSquares(rows: readonly Row[], size: number): Solution | null {
  const normal = new Float64Array(size * size)
  const right = new Float64Array(size)
  for (const row of rows) accumulate(row, normal, right, size)
  if (!invert(normal, size)) return null
  const unknowns = new Float64Array(size)
  for (let i = 0; i < size; i++) {
    let total = 0
    for (let j = 0; j < size; j++) total += normal[i * size + j]! * right[j]!
    unknowns[i] = total
  }
  return { unknowns, cofactors: normal, size }
}

/** a·Q·aᵀ: the variance of a linear combination of the unknowns. */
export function varianceOf(coefficients: Float64Array, { cofactors, size }: Solution): number {
  let total = 0
  for (let i = 0; i < size; i++) {
    const one = coefficients[i]!
    if (one === 0) continue
    for (let j = 0; j < size; j++) total += one * cofactors[i * size + j]! * coefficients[j]!
  }
  return total
}

/** Adds one observation. Most coefficients are zero: a reading concerns two points at most. */
function accumulate(
  { coefficients, misclosure, deviation }: Row,
  normal: Float64Array,
  right: Float64Array,
  size: number,
): void {
  const weight = 1 / (deviation * deviation)
  for (let i = 0; i < size; i++) {
    const scaled = coefficients[i]! * weight
    if (scaled === 0) continue
    right[i]! += scaled * misclosure
    for (let j = 0; j < size; j++) normal[i * size + j]! += scaled * coefficients[j]!
  }
}

const SINGULAR = 1e-12

/** Inverts a symmetric positive definite matrix in place, pivot by pivot; `false` when it is singular beside its own diagonal. */
function invert(matrix: Float64Array, size: number): boolean {
  const diagonal = Float64Array.from({ length: size }, (_, i) => matrix[i * size + i]!)
  for (let k = 0; k < size; k++) {
    const pivot = matrix[k * size + k]!
    if (!(pivot > diagonal[k]! * SINGULAR)) return false
    sweep(matrix, size, k, 1 / pivot)
  }
  return true
}

function sweep(matrix: Float64Array, size: number, k: number, reciprocal: number): void {
  const pivotRow = k * size
  for (let i = 0; i < size; i++) {
    const factor = matrix[i * size + k]! * reciprocal
    if (i === k || factor === 0) continue
    for (let j = 0; j < size; j++) if (j !== k) matrix[i * size + j]! -= factor * matrix[pivotRow + j]!
    matrix[i * size + k] = -factor
  }
  for (let j = 0; j < size; j++) matrix[pivotRow + j]! *= reciprocal
  matrix[pivotRow + k] = reciprocal
}
