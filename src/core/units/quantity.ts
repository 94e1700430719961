// Money in whole cents and time in whole minutes: exact, like lengths.

/** An amount of money in whole cents of the company's currency. */
export type Cents = number

/** Cost of `minutes` of work at an hourly rate, rounded up to the cent. */
export const workCost = (minutes: number, centsPerHour: Cents): Cents => Math.ceil((minutes * centsPerHour) / 60)

/** Cost of a length at a price per metre, rounded up to the cent. Ticks in, cents out. */
export const priceOf = (lengthTicks: number, centsPerMetre: Cents): Cents =>
  Math.ceil((lengthTicks * centsPerMetre) / 3_200_000)
