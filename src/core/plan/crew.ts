import { dayOf, minuteOf, type Wall, weekdayOf } from './wall'

/** What not every crew does. */
export const SKILLS = ['label', 'masonry', 'steel'] as const
export type Skill = (typeof SKILLS)[number]

/** People who work together: how many, on which days, between which hours. */
export type Crew = {
  readonly id: string
  readonly name: string
  readonly people: number
  /** Minutes after midnight. */
  readonly from: number
  readonly to: number
  /** Monday 1 to Sunday 7. */
  readonly days: readonly number[]
  /** Days off, `YYYY-MM-DD`. */
  readonly off: readonly string[]
  readonly skills: readonly Skill[]
}

/** Whether a crew works on the day of a moment. */
export const worksOn = ({ days, off }: Pick<Crew, 'days' | 'off'>, at: Wall): boolean =>
  days.includes(weekdayOf(at)) && !off.includes(dayOf(at))

/** Whether a crew is at work from a moment for so long, without a break between. */
export const isAtWork = (crew: Crew, at: Wall, minutes: number): boolean =>
  worksOn(crew, at) && minuteOf(at) >= crew.from && minuteOf(at) + minutes <= crew.to
