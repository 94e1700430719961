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
export type JobStep = (typeof DISPLAY_STEPS)[number]
/** The steps a job's lengths can be shown in, by unit; the usual one first. */
export const STEPS_OF = {
  in: ['1/16', '1/8', '1/32', '1/64'],
  mm: ['1', '0.5', '0.1'],
} as const satisfies Readonly<Record<'in' | 'mm', readonly JobStep[]>>
/** How finely each unit is shown. */
export type UnitSteps = { readonly in: JobStep; readonly mm: JobStep }
export const USUAL_STEPS: UnitSteps = { in: STEPS_OF.in[0], mm: STEPS_OF.mm[0] }
/** A step as it is shown in: of a firm that writes a decimal comma, a metric one ends in one. */
type MetricStep = Exclude<JobStep, `1/${string}`>
export type DisplayStep = JobStep | `${MetricStep},`

/** A job's step as its firm writes numbers. Fractions of an inch have no decimals. */
export const shownStep = (step: DisplayStep, hasComma: boolean): DisplayStep =>
  hasComma && !isFraction(step) && !isWithComma(step) ? `${step as MetricStep},` : step

const isFraction = (step: string): step is Extract<JobStep, `1/${string}`> => step.includes('/')
const isWithComma = (step: DisplayStep): boolean => step.endsWith(',')
/** Another metric step, written as this one is. */
const alike = (step: DisplayStep, fine: '0.5' | '0.1'): DisplayStep => (isWithComma(step) ? `${fine},` : fine)

/** The unit a step is of. */
export const unitOfStep = (step: DisplayStep): 'in' | 'mm' => (step.includes('/') ? 'in' : 'mm')

/** The step for figures that are worked out and small: one finer than the job's. */
export const finerStep = (step: DisplayStep): DisplayStep => (isFraction(step) ? '1/32' : alike(step, '0.5'))

/** The step figures are cut, packed and typed to, by unit. */
export const WORK_STEPS = { in: '1/64', mm: '0.1' } as const satisfies Record<string, JobStep>

/** The step for figures that are cut or packed to. */
export const workStep = (step: DisplayStep): DisplayStep =>
  isFraction(step) ? WORK_STEPS.in : alike(step, WORK_STEPS.mm)

/** Which way a shown figure is rounded: what must go in somewhere is never shown larger than it is, what must be gone into never smaller. */
export type Toward = 'nearest' | 'down' | 'up'

/** The parts of `length` in whole `step`s, to the nearest unless said, halves away from zero. Rounding is for display only. */
export function lengthParts(length: Length, step: DisplayStep, toward: Toward = 'nearest'): LengthParts {
  const bare = isWithComma(step) ? step.slice(0, -1) : step
  const places = bare.split('.')[1]?.length ?? 0
  const denominator = isFraction(bare) ? Number(bare.split('/')[1]) : null
  const stepTicks = denominator === null ? Math.round(Number(bare) * TICKS_PER_MM) : TICKS_PER_INCH / denominator
  const steps = wholeSteps(length, stepTicks, toward)
  const shared = { negative: steps < 0, exact: steps * stepTicks === length }
  const size = Math.abs(steps)
  if (denominator === null)
    return { ...shared, whole: decimals((size * stepTicks) / TICKS_PER_MM, places, step), numerator: 0, denominator: 1 }
  const rest = size % denominator
  const divisor = greatestCommonDivisor(rest, denominator)
  return {
    ...shared,
    whole: String(Math.floor(size / denominator)),
    numerator: rest / divisor,
    denominator: rest === 0 ? 1 : denominator / divisor,
  }
}

const decimals = (size: number, places: number, step: DisplayStep): string =>
  isWithComma(step) ? size.toFixed(places).replace('.', ',') : size.toFixed(places)

function wholeSteps(length: Length, stepTicks: number, toward: Toward): number {
  if (toward === 'down') return Math.floor(length / stepTicks)
  if (toward === 'up') return Math.ceil(length / stepTicks)
  return Math.sign(length) * Math.floor((2 * Math.abs(length) + stepTicks) / (2 * stepTicks))
}

/** `36 3/8`, `≈ 36 3/8` when rounded, `924` for millimetres; no unit sign. */
export function formatLength(length: Length, step: DisplayStep, toward: Toward = 'nearest'): string {
  const parts = lengthParts(length, step, toward)
  const fraction = parts.numerator ? `${parts.numerator}/${parts.denominator}` : ''
  const body = fraction ? (parts.whole === '0' ? fraction : `${parts.whole} ${fraction}`) : parts.whole
  const zero = /^[0.,]+$/.test(body)
  return `${parts.exact ? '' : '≈ '}${parts.negative && !zero ? '-' : ''}${body}`
}

/** With its unit: `36 3/8 in`, `924 mm`. */
export const formatWithUnit = (length: Length, step: DisplayStep, toward: Toward = 'nearest'): string =>
  `${formatLength(length, step, toward)} ${unitOfStep(step)}`

/** The finest mark of a usual tape, by unit. */
const TAPE_STEPS = { in: '1/16', mm: '1' } as const satisfies Record<string, JobStep>

/** A size as one finds it on a tape: at a mark, or strong or light of one where it lies more than a quarter between two. `5/16 strong`, `8 light`;
 *  `null` where a figure in `step` says the same. */
export function onTape(size: Length, step: DisplayStep): string | null {
  const tape: DisplayStep = isFraction(step) ? TAPE_STEPS.in : TAPE_STEPS.mm
  if (lengthParts(size, tape).exact) return null
  const mark = isFraction(step) ? TICKS_PER_INCH / 16 : TICKS_PER_MM
  const below = Math.floor(size / mark)
  const beyond = size / mark - below
  const at = (marks: number) => formatLength(ticks(marks * mark), tape)
  if (beyond <= 0.25) return at(below)
  if (beyond >= 0.75) return at(below + 1)
  return beyond <= 0.5 ? `${at(below)} strong` : `${at(below + 1)} light`
}

/** The step a limit or something that was read is shown in: the job's where that says it exactly, otherwise the one it is worked to. */
export const readStep = (length: Length, step: DisplayStep): DisplayStep =>
  lengthParts(length, step).exact ? step : workStep(step)

/** A limit or something that was read, with its unit. */
export const formatRead = (length: Length, step: DisplayStep): string => formatWithUnit(length, readStep(length, step))

function greatestCommonDivisor(a: number, b: number): number {
  return b === 0 ? a || 1 : greatestCommonDivisor(b, a % b)
}
