import { z } from 'zod'
import { lengthSchema } from '../units/length-schema'
import type { ListedMember } from './column'

const positive = lengthSchema.refine(n => n > 0, 'above zero')
const notNegative = lengthSchema.refine(n => n >= 0, 'not negative')

/** How a member of a record is read, by its quantity. */
export function valueSchema({ of, choices, mayBeZero, most = 400 }: ListedMember): z.ZodType {
  switch (of) {
    case 'text':
      return choices ? z.enum(choices) : z.string().trim().min(1).max(most)
    case 'length':
      return mayBeZero ? notNegative : positive
    case 'lengths':
      return z.array(positive).min(2).max(6)
    case 'count':
      return z.int().min(0).max(most)
    case 'number':
      return z.number().min(0).max(most)
    case 'kg':
      return z.number().positive().max(1000)
    case 'cents':
      return z.int().min(0).max(1_000_000_000)
    case 'yes':
      return z.boolean()
    case 'words':
      return z.array(z.enum(choices ?? [])).max(choices?.length ?? 0)
  }
}
