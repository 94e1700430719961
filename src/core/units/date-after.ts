import { addDays, addMonths, formatISO, isValid, parseISO } from 'date-fns'
import { done, type Outcome, refused } from '../outcome'

/** A calendar date so many months and then days after another, `YYYY-MM-DD`. Months hold the day to the month's end.
 *  Issue codes `date.unreadable` for what is no date, `date.range` beyond the year 9999. */
export function dateAfter(on: string, months: number, days: number): Outcome<string> {
  const from = /^\d{4}-\d{2}-\d{2}$/.test(on) ? parseISO(on) : null
  if (!from || !isValid(from)) return refused('date.unreadable', { typed: on.slice(0, 40) }, 'on')
  const then = addDays(addMonths(from, months), days)
  if (!isValid(then) || then.getFullYear() > 9999) return refused('date.range', { typed: on }, 'on')
  return done(formatISO(then, { representation: 'date' }))
}
