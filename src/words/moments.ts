import { TZDate } from '@date-fns/tz'
import { format, parseISO } from 'date-fns'

/** A moment by the clock of a place: `2026-11-26 14:05`. `at` is ISO 8601, `zone` IANA. */
export const momentWords = (at: string, zone: string): string => format(new TZDate(at, zone), 'yyyy-MM-dd HH:mm')

/** The same as it is said of what is still to come: `Fri 27 Nov, 07:00`. */
export const untilWords = (at: string, zone: string): string => format(new TZDate(at, zone), 'EEE d MMM, HH:mm')

/** The same by the clock of the device it is read on. */
export const momentHere = (at: string): string => momentWords(at, Intl.DateTimeFormat().resolvedOptions().timeZone)

/** A day: `Fri 27 Nov 2026`. */
export const dayWords = (day: string): string => format(parseISO(day), 'EEE d MMM yyyy')
/** The same in a narrow place: `Fri 27`. */
export const dayShort = (day: string): string => format(parseISO(day), 'EEE d MMM')
