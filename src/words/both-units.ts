import { type DisplayStep, formatWithUnit, type Toward } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'

/** In the job's unit, and in the other for whoever reads it. */
export const bothUnits = (length: Length, step: DisplayStep, toward: Toward = 'nearest'): string => {
  const other: DisplayStep = step.includes('/') ? '0.1' : '1/16'
  return `${formatWithUnit(length, step, toward)} (${formatWithUnit(length, other, toward)})`
}
