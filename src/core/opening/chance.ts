import type { TradeLengths } from '../base/trade-lengths'
import type { AdjustedOpening } from './opening'
import type { Placement } from './place-unit'

/** The chance, 0 to 1, that a unit placed so really goes in, from how exactly the points are known.
 *  Side and head are taken as independent; the error function is Abramowitz and Stegun 7.1.26 (error below 1.5e-7). */
export function chanceToFit(
  { deviations }: AdjustedOpening,
  { sideRoom, headGap }: Placement,
  lengths: TradeLengths,
): number {
  const side = Math.max(
    ...(['0', '1', '2'] as const).map(level => Math.hypot(deviations[`L${level}`].x, deviations[`R${level}`].x)),
  )
  const head = Math.max(deviations.L2.y, deviations.T.y, deviations.R2.y)
  const sideSpare = sideRoom - 2 * lengths['gap-least'].value
  const headSpare = headGap - lengths['head-least'].value
  return below(sideSpare / side) * below(headSpare / head)
}

/** The normal distribution's share below `z`. */
function below(z: number): number {
  if (!Number.isFinite(z)) return z > 0 ? 1 : 0
  const x = Math.abs(z) / Math.SQRT2
  const t = 1 / (1 + 0.3275911 * x)
  const polynomial = t * (0.254829592 + t * (-0.284496736 + t * (1.421413741 + t * (-1.453152027 + t * 1.061405429))))
  const error = 1 - polynomial * Math.exp(-x * x)
  return z >= 0 ? (1 + error) / 2 : (1 - error) / 2
}
