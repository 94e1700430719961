'use client'
import { createContext, type ReactNode, useContext } from 'react'
import type { Counting } from '@/core/catalogue/firm'
import { currencySign, decimal, money } from '@/words/money'

/** As it is counted while no firm is known. */
export const AS_SHIPPED: Counting = { currency: 'USD', numbers: 'point' }
const Counted = createContext<Counting>(AS_SHIPPED)

/** What everything below counts in, and how it writes numbers. */
export const MoneyIn = ({ counting, children }: { readonly counting: Counting; readonly children: ReactNode }) => (
  <Counted value={counting}>{children}</Counted>
)

export const useCounting = (): Counting => useContext(Counted)
export const useMoney = () => {
  const counting = useCounting()
  return (cents: number): string => money(cents, counting)
}
export const useCurrencySign = (): string => currencySign(useCounting().currency)

/** Writes a number with so many decimals as the firm does. */
export const useDecimal = () => {
  const { numbers } = useCounting()
  return (value: number, places: number): string => decimal(value, places, numbers)
}

/** A number with so many decimals, written as the firm does. */
export const Decimal = ({ value, places }: { readonly value: number; readonly places: number }) => (
  <>{useDecimal()(value, places)}</>
)

/** An amount in the firm's currency. */
export const Money = ({ cents }: { readonly cents: number }) => <>{useMoney()(cents)}</>
