import { z } from 'zod'
import { UNIT_KINDS, type UnitKind } from '../base/kinds'
import { DETAILS } from '../specification/wish-values'
import { lengthSchema } from '../units/length-schema'
import type { Member } from './member'
import type { CatalogueUnit } from './unit'
import { memberOf, UNIT_MEMBER_NAMES, type UnitMember } from './unit-members'
import { isNeededOn, standsOn } from './unit-parts'

const positive = lengthSchema.refine(n => n > 0, 'above zero')
const notNegative = lengthSchema.refine(n => n >= 0, 'not negative')

/** How a member of a record is read, by its quantity. */
export function valueSchema({ of, choices, mayBeZero, most = 400 }: Member): z.ZodType {
  switch (of) {
    case 'text':
      return choices ? z.enum(choices) : z.string().trim().min(1).max(most)
    case 'length':
      return mayBeZero ? notNegative : positive
    case 'lengths':
      return z.array(positive).min(2).max(6)
    case 'count':
      return z.int().min(0).max(most)
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

function sheetSchema(kind: UnitKind) {
  const members = UNIT_MEMBER_NAMES.filter(name => standsOn(name, kind)).map(name => {
    const schema = valueSchema(memberOf(name))
    return [name, isNeededOn(name, kind) ? schema : schema.nullable()] as const
  })
  return z.strictObject({
    id: z.uuid(),
    kind: z.literal(kind),
    details: z.partialRecord(z.enum(DETAILS), z.string().min(1).max(200)),
    ...Object.fromEntries(members),
  })
}

const RANGES = [
  ['widthLeast', 'widthMost'],
  ['heightLeast', 'heightMost'],
  ['thicknessLeast', 'thicknessMost'],
] as const satisfies readonly (readonly [UnitMember, UnitMember])[]

const [first, ...others] = UNIT_KINDS.map(sheetSchema)

/** A unit as it is stored and sent. One schema made from the table of members; a member the kind has not is refused. */
export const unitSchema = z
  .discriminatedUnion('kind', [first!, ...others])
  .superRefine((unit: Readonly<Record<string, unknown>>, context) => {
    for (const [least, most] of RANGES)
      if (typeof unit[least] === 'number' && typeof unit[most] === 'number' && unit[least] > unit[most])
        context.addIssue({
          code: 'custom',
          path: [most],
          message: 'the range is upside down: the most is below the least',
        })
  }) as unknown as z.ZodType<CatalogueUnit>
