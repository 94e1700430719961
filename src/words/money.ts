import type { Currency } from '@/core/catalogue/firm'

/** An amount in hundredths as it stands on screen and paper: $1,234.50 */
export const money = (cents: number, currency: Currency): string =>
  (cents / 100).toLocaleString('en-US', { style: 'currency', currency })

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
