import { z } from 'zod'
import { valueSchema } from '../base/column-schema'
import { UNIT_KINDS, type UnitKind } from '../base/kinds'
import { DETAILS } from '../specification/wish-values'
import type { CatalogueUnit } from './unit'
import { memberOf, UNIT_MEMBER_NAMES, type UnitMember } from './unit-members'
import { isNeededOn, standsOn } from './unit-parts'

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
