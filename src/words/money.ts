import type { Counting, Currency, NumberFormat } from '@/core/catalogue/firm'

/** Languages that write numbers so; the sign stands where they put it. */
export const LOCALES: Readonly<Record<NumberFormat, string>> = {
  point: 'en-US',
  comma: 'de-DE',
  'comma-space': 'fr-FR',
  'point-apostrophe': 'de-CH',
}

/** What stands between the thousands: said here, since browser and server know the languages by different editions. */
const BETWEEN: Readonly<Record<NumberFormat, string>> = {
  point: ',',
  comma: '.',
  'comma-space': '\u00a0',
  'point-apostrophe': '’',
}

const written = (value: number, numbers: NumberFormat, options: Intl.NumberFormatOptions): string =>
  new Intl.NumberFormat(LOCALES[numbers], options)
    .formatToParts(value)
    .map(({ type, value: part }) => (type === 'group' ? BETWEEN[numbers] : type === 'literal' ? '\u00a0' : part))
    .join('')

/** An amount in hundredths as it stands on screen and paper: $1,234.50 */
export const money = (cents: number, { currency, numbers, isHidden }: Counting): string =>
  isHidden ? HIDDEN : written(cents / 100, numbers, { style: 'currency', currency })
/** In place of an amount that is not for whoever looks. */
const HIDDEN = '–'

/** A number with so many decimals, as the firm writes it. */
export const decimal = (value: number, places: number, numbers: NumberFormat): string =>
  written(value, numbers, { minimumFractionDigits: places, maximumFractionDigits: places })

/** What a number looks like, to choose by. */
export const numberExample = (numbers: NumberFormat): string => decimal(1234.5, 2, numbers)

/** The sign of a currency, for labels and axes: $ */
export const currencySign = (currency: Currency): string =>
  new Intl.NumberFormat('en-US', { style: 'currency', currency })
    .formatToParts(0)
    .find(part => part.type === 'currency')!.value

export const CURRENCY_NAMES: Readonly<Record<Currency, string>> = {
  USD: 'US dollar',
  CAD: 'Canadian dollar',
  EUR: 'Euro',
  GBP: 'Pound sterling',
  AUD: 'Australian dollar',
  NZD: 'New Zealand dollar',
  CHF: 'Swiss franc',
  SEK: 'Swedish krona',
  NOK: 'Norwegian krone',
  DKK: 'Danish krone',
  PLN: 'Polish złoty',
  CZK: 'Czech koruna',
}

/** An amount without its cents, for what is not known to the cent. */
export const wholeMoney = (cents: number, { currency, numbers, isHidden }: Counting): string =>
  isHidden
    ? HIDDEN
    : written(Math.round(cents / 100), numbers, {
        style: 'currency',
        currency,
        minimumFractionDigits: 0,
        maximumFractionDigits: 0,
      })
