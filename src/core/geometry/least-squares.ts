/** A linear combination of the unknowns: which, and by what factor. Unknowns it does not name have none. */
export type Combination = readonly (readonly [unknown: number, factor: number])[]

/** One observation of a linear system: coefficients per unknown, the observed minus computed value, and its standard deviation. */
export type Row = { readonly coefficients: Combination; readonly misclosure: number; readonly deviation: number }

/** The solution of weighted normal equations, with the cofactors (inverse normal matrix), `size` to a row. */
export type Solution = { readonly unknowns: Float64Array; readonly cofactors: Float64Array; readonly size: number }

/** Normal equations in the making: `matrix` is AᵀPA, `right` AᵀPl. */
export type Normal = { readonly matrix: Float64Array; readonly right: Float64Array; readonly size: number }

export const emptyNormal = (size: number): Normal => ({
  matrix: new Float64Array(size * size),
  right: new Float64Array(size),
  size,
})
export const copyOf = ({ matrix, right, size }: Normal): Normal => ({
  matrix: matrix.slice(),
  right: right.slice(),
  size,
})

/** Weighted least squares by the normal equations; `null` when they are singular.
 *  Small and dense on purpose: ten unknowns, not ten thousand. */
export function leastSquares(rows: readonly Row[], size: number): Solution | null {
  const normal = emptyNormal(size)
  for (const row of rows) accumulate(row, normal)
  const unknowns = solve(normal)
  const cofactors = unknowns && cofactorsOf(normal)
  return unknowns && cofactors && { unknowns, cofactors, size }
}

/** The unknowns by Cholesky's decomposition; `null` when the equations are singular beside their own diagonal. */
export function solve({ matrix, right, size }: Normal): Float64Array | null {
  const lower = new Float64Array(size * size)
  const unknowns = right.slice()
  for (let i = 0; i < size; i++) {
    for (let j = 0; j <= i; j++) {
      let rest = matrix[i * size + j]!
      for (let k = 0; k < j; k++) rest -= lower[i * size + k]! * lower[j * size + k]!
      if (i !== j) lower[i * size + j] = rest / lower[j * size + j]!
      else if (rest > matrix[i * size + i]! * SINGULAR) lower[i * size + i] = Math.sqrt(rest)
      else return null
    }
  }
  for (let i = 0; i < size; i++) {
    let rest = unknowns[i]!
    for (let k = 0; k < i; k++) rest -= lower[i * size + k]! * unknowns[k]!
    unknowns[i] = rest / lower[i * size + i]!
  }
  for (let i = size - 1; i >= 0; i--) {
    let rest = unknowns[i]!
    for (let k = i + 1; k < size; k++) rest -= lower[k * size + i]! * unknowns[k]!
    unknowns[i] = rest / lower[i * size + i]!
  }
  return unknowns
}

/** The inverse of the normal matrix; `null` when it is singular. */
export function cofactorsOf({ matrix, size }: Normal): Float64Array | null {
  const inverse = matrix.slice()
  return invert(inverse, size) ? inverse : null
}

/** a·Q·aᵀ: the variance of a linear combination of the unknowns. */
export function varianceOf(coefficients: Combination, { cofactors, size }: Solution): number {
  let total = 0
  for (const [i, one] of coefficients)
    for (const [j, other] of coefficients) total += one * cofactors[i * size + j]! * other
  return total
}

/** Adds one observation. A reading concerns two points at most, so few of its coefficients are there at all. */
export function accumulate({ coefficients, misclosure, deviation }: Row, { matrix, right, size }: Normal): void {
  const weight = 1 / (deviation * deviation)
  for (const [i, one] of coefficients) {
    const scaled = one * weight
    right[i]! += scaled * misclosure
    for (const [j, other] of coefficients) matrix[i * size + j]! += scaled * other
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
