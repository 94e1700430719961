/** What something costs a year: its price over its life. */
export const centsYear = (cents: number, years: number): number => cents / years
