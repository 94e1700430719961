import type { Crew } from '../catalogue/crew'
import { dayOf, minuteOf, type Wall, weekdayOf } from './wall'

/** Whether a crew works on the day of a moment. */
export const worksOn = ({ days, off }: Pick<Crew, 'days' | 'off'>, at: Wall): boolean =>
  days.includes(weekdayOf(at)) && !off.includes(dayOf(at))

/** Whether a crew is at work from a moment for so long, without a break between. */
export const isAtWork = (crew: Crew, at: Wall, minutes: number): boolean =>
  worksOn(crew, at) && minuteOf(at) >= crew.from && minuteOf(at) + minutes <= crew.to
