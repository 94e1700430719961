/** Minutes since 1970-01-01 00:00 by the clock of the place: what a calendar shows, whatever the clocks are changed by. */
export type Wall = number

const A_DAY = 1440

/** A day, `YYYY-MM-DD`, at so many minutes after its midnight. */
export const wallAt = (day: string, minute = 0): Wall => Date.parse(`${day}T00:00:00Z`) / 60_000 + minute
/** A calendar has few days and is asked for them often. */
const written = new Map<number, string>()
const MOST_WRITTEN = 4000
export function dayOf(at: Wall): string {
  const index = Math.floor(at / A_DAY)
  const known = written.get(index)
  if (known !== undefined) return known
  if (written.size > MOST_WRITTEN) written.clear()
  const day = new Date(index * 86_400_000).toISOString().slice(0, 10)
  written.set(index, day)
  return day
}
export const minuteOf = (at: Wall): number => at - Math.floor(at / A_DAY) * A_DAY
/** Monday 1 to Sunday 7. */
export const weekdayOf = (at: Wall): number => ((Math.floor(at / A_DAY) + 3) % 7) + 1
export const nextDay = (at: Wall): Wall => (Math.floor(at / A_DAY) + 1) * A_DAY
