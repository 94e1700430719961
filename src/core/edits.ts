import type { z } from 'zod'
import { allowancesSchema } from './base/allowances'
import { fitChoicesSchema } from './fit/fit-choices'
import type { EditKind, Edits } from './new-edits'
import { orderChoicesSchema } from './order/order-choices'
import { sealChoiceSchema } from './seal/seal-choice'
import { wishesSchema } from './specification/wishes'

/** The schema of each edited record of an opening. Each has a revision of its own, so that two people on two stages don't collide. */
export const EDIT_SCHEMAS: { readonly [K in EditKind]: z.ZodType<Edits[K]> } = {
  wishes: wishesSchema,
  order: orderChoicesSchema,
  fit: fitChoicesSchema,
  seal: sealChoiceSchema,
  allowances: allowancesSchema,
}
