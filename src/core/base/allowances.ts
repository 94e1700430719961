import { z } from 'zod'
import { lengthSchema } from '../units/length-schema'
import { TRADE_LENGTHS } from './trade-lengths'

/** Figures of one opening in place of the trade's: an edited record with a revision. */
export const allowancesSchema = z.partialRecord(z.enum(TRADE_LENGTHS), lengthSchema)
export type Allowances = z.infer<typeof allowancesSchema>
