/** An amount in cents as it stands on a paper: $1,234.50 */
export const money = (cents: number): string =>
  (cents / 100).toLocaleString('en-US', { style: 'currency', currency: 'USD' })
