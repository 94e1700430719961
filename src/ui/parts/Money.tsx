'use client'
import { createContext, type ReactNode, useContext } from 'react'
import type { Currency } from '@/core/catalogue/firm'
import { currencySign, money } from '@/words/money'

const Counted = createContext<Currency>('USD')

/** What everything below counts in. */
export const MoneyIn = ({ currency, children }: { readonly currency: Currency; readonly children: ReactNode }) => (
  <Counted value={currency}>{children}</Counted>
)

export const useCurrency = (): Currency => useContext(Counted)
export const useMoney = () => {
  const currency = useCurrency()
  return (cents: number): string => money(cents, currency)
}
export const useCurrencySign = (): string => currencySign(useCurrency())

/** An amount in the firm's currency. */
export const Money = ({ cents }: { readonly cents: number }) => <>{useMoney()(cents)}</>
