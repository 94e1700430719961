import type { Length } from '../units/length'

/** Where a trade figure comes from. `checked` tells whether it was compared with the source's own text. */
export type Source = {
  readonly kind: 'default' | 'code' | 'maker' | 'standard'
  readonly text: string
  readonly checked: boolean
}

/** A length the trade agrees on, or a firm chooses: an allowance, a limit, a size. */
export type TradeLength = { readonly id: string; readonly value: Length; readonly source: Source }

/** A number of the trade that is no length: a factor, a force, a price. The unit is in `unit`. */
export type TradeNumber = {
  readonly id: string
  readonly value: number
  readonly unit: string
  readonly source: Source
}
