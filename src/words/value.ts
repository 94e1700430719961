import type { Counting } from '@/core/catalogue/firm'
import { type DisplayStep, formatWithUnit } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { isLengthMember, isLengthsMember, plainValue } from './order'

/** A member's value as one reads it, lengths in the job's unit. */
export const valueWords = (
  path: string,
  value: unknown,
  step: DisplayStep,
  counting: Counting | null = null,
): string =>
  isLengthMember(path, value)
    ? formatWithUnit(value as Length, step)
    : isLengthsMember(path, value)
      ? value.map(one => formatWithUnit(one as Length, step)).join('; ')
      : plainValue(path, value, counting)
