import { type Length, TICKS_PER_INCH, TICKS_PER_MM, ticks } from './length'

/** A length split for setting as a real fraction. `exact` is false when the shown figure is rounded. */
export type LengthParts = {
  readonly negative: boolean
  readonly whole: string
  readonly numerator: number
  readonly denominator: number
  readonly exact: boolean
}

/** Steps a figure may be shown in: fractions of an inch, or millimetres. */
export const DISPLAY_STEPS = ['1/8', '1/16', '1/32', '1/64', '1/128', '1', '0.5', '0.1', '0.01'] as const
export type DisplayStep = (typeof DISPLAY_STEPS)[number]

/** The step for figures that are worked out and small: one finer than the job's. */
export const finerStep = (step: DisplayStep): DisplayStep => (step.includes('/') ? '1/32' : '0.5')

/** The step for figures that are cut or packed to. */
export const workStep = (step: DisplayStep): DisplayStep => (step.includes('/') ? '1/64' : '0.1')

/** The parts of `length` to the nearest `step`, halves away from zero. Rounding is for display only. */
export function lengthParts(length: Length, step: DisplayStep): LengthParts {
  return step.includes('/') ? inchParts(length, Number(step.split('/')[1])) : metricParts(length, step)
}

/** `36 3/8`, `≈ 36 3/8` when rounded, `924` for millimetres; no unit sign. */
export function formatLength(length: Length, step: DisplayStep): string {
  const parts = lengthParts(length, step)
  const fraction = parts.numerator ? `${parts.numerator}/${parts.denominator}` : ''
  const body = fraction ? (parts.whole === '0' ? fraction : `${parts.whole} ${fraction}`) : parts.whole
  const zero = body === '0' || Number(body) === 0
  return `${parts.exact ? '' : '≈ '}${parts.negative && !zero ? '-' : ''}${body}`
}

/** With its unit: `36 3/8 in`, `924 mm`. */
export const formatWithUnit = (length: Length, step: DisplayStep): string =>
  `${formatLength(length, step)} ${step.includes('/') ? 'in' : 'mm'}`

function inchParts(length: Length, denominator: number): LengthParts {
  const size = Math.abs(length)
  const stepTicks = TICKS_PER_INCH / denominator
  const steps = Math.floor((2 * size + stepTicks) / (2 * stepTicks))
  const rest = steps % denominator
  const shared = greatestCommonDivisor(rest, denominator)
  return {
    negative: length < 0,
    whole: String(Math.floor(steps / denominator)),
    numerator: rest / shared,
    denominator: rest === 0 ? 1 : denominator / shared,
    exact: steps * stepTicks === size,
  }
}

function metricParts(length: Length, step: string): LengthParts {
  const size = Math.abs(length)
  const stepTicks = ticks(Math.round(Number(step) * TICKS_PER_MM))
  const steps = Math.floor((2 * size + stepTicks) / (2 * stepTicks))
  const places = step.split('.')[1]?.length ?? 0
  const whole = ((steps * stepTicks) / TICKS_PER_MM).toFixed(places)
  return { negative: length < 0, whole, numerator: 0, denominator: 1, exact: steps * stepTicks === size }
}

function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a || 1 : greatestCommonDivisor(b, a % b)
}
