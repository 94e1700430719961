import type { WorkTask } from './work-tasks'

/** How long steps took a firm that were begun and done, against what is planned for them. */
export type Timed = { readonly planned: number; readonly taken: number; readonly count: number }

/** By how much more, or less, a firm's own work takes than is planned; `null` while too few steps were timed to tell. */
export type Pace = { readonly factor: number; readonly count: number }

const LEAST_TIMED = 20
/** A clock that was left running tells nothing. */
const BOUNDS = [0.5, 2] as const

/** The pace of a firm's own past. */
export function paceOf({ planned, taken, count }: Timed): Pace | null {
  if (count < LEAST_TIMED || planned <= 0 || taken <= 0) return null
  return { factor: Math.min(BOUNDS[1], Math.max(BOUNDS[0], Math.round((taken / planned) * 100) / 100)), count }
}

const by = (minutes: number, { factor }: Pace): number => Math.ceil(minutes * factor)

/** Tasks as long as they take at a pace: only the work on a door, for which steps were timed. */
export const atPace = (tasks: readonly WorkTask[], pace: Pace | null): readonly WorkTask[] =>
  pace === null
    ? tasks
    : tasks.map(one =>
        one.kind === 'work'
          ? {
              ...one,
              minutes: by(one.minutes, pace),
              opensMinutes: one.opensMinutes === null ? null : by(one.opensMinutes, pace),
            }
          : one,
      )
