/** What is money by its name: `priceCents`, `centsPerHour`, `cents`. */
const MONEY = /cents/i

/** Plain data as it is, but for what things cost: every figure below a name that says it counts cents is nothing, wherever it stands, and so is
 *  what is said of a member of such a name. */
export const withoutMoney = <T>(value: T): T => strip(value, false) as T

function strip(value: unknown, isMoney: boolean): unknown {
  if (typeof value === 'number') return isMoney ? 0 : value
  if (Array.isArray(value)) return value.map(one => strip(one, isMoney))
  if (typeof value !== 'object' || value === null) return value
  const isOfMoney = isMoney || ('path' in value && typeof value.path === 'string' && MONEY.test(value.path))
  return Object.fromEntries(
    Object.entries(value).map(([name, one]) => [name, strip(one, isOfMoney || MONEY.test(name))]),
  )
}
