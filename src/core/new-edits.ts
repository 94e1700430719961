import type { Allowances } from './base/allowances'
import type { FitChoices } from './fit/fit-choices'
import type { OrderChoices } from './order/order-choices'
import type { SealChoice } from './seal/seal-choice'
import { NEW_SEAL_CHOICE } from './seal/seal-wants'
import { newWishes } from './specification/new-wishes'
import type { Wishes } from './specification/wishes'
import { ZERO } from './units/length'

/** What people settle about an opening, in records that are edited: one for each part of the work. */
export type Edits = {
  readonly wishes: Wishes
  readonly order: OrderChoices
  readonly fit: FitChoices
  readonly seal: SealChoice
  readonly allowances: Allowances
}
export const EDIT_KINDS = ['wishes', 'order', 'fit', 'seal', 'allowances'] as const satisfies readonly (keyof Edits)[]
export type EditKind = (typeof EDIT_KINDS)[number]

/** What a new opening starts with. */
export const newEdits = (way: Wishes['way']): Edits => ({
  wishes: newWishes(way),
  order: { chosen: null, compared: [], details: {}, questions: [], waived: {} },
  fit: { shift: ZERO },
  seal: NEW_SEAL_CHOICE,
  allowances: {},
})
