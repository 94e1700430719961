import { z } from 'zod'
import { valueSchema } from '../base/column-schema'
import { UNIT_KINDS } from '../base/kinds'
import { said } from '../catalogue/unit'
import { type MemberValue, memberOf, type OrderedMember, UNIT_MEMBER_NAMES } from '../catalogue/unit-members'
import { cutSchema, type Order, type OrderLine } from '../order/order'
import { makerAnswerSchema } from '../order/order-choices'
import { SPARES } from '../order/spares'
import { HAND_CONVENTIONS } from '../specification/handing'
import { DETAILS } from '../specification/wish-values'
import { lengthSchema } from '../units/length-schema'

/** What of a unit goes to its maker: the members that are ordered, each where its kind has it and its sheet says it. */
const ORDERED = UNIT_MEMBER_NAMES.filter(name => memberOf(name).ordered)
const orderedMembers = Object.fromEntries(
  ORDERED.map(name => [name, valueSchema(memberOf(name)).optional()]),
) as unknown as { readonly [N in OrderedMember]: z.ZodOptional<z.ZodType<MemberValue<N>>> }

/** One line as a supplier gets it: what is made and delivered, nothing of what it costs here. */
export const messageLineSchema = z.strictObject({
  line: z.int().min(1),
  tag: z.string(),
  quantity: z.int().min(1),
  kind: z.enum(UNIT_KINDS),
  /** Seen from outside; `null` for what has no hinges. */
  hinges: z.enum(['left', 'right']).nullable(),
  swing: z.enum(['in', 'out']).nullable(),
  activeLeaf: z.enum(['left', 'right']).nullable(),
  panels: z.enum(['OX', 'XO']).nullable(),
  code: z.strictObject({ convention: z.enum(HAND_CONVENTIONS), hand: z.string() }).nullable(),
  hingeCount: z.int().nullable(),
  hingeClass: z.string().max(40).nullable().optional(),
  jambExtension: lengthSchema.nullable(),
  details: z.partialRecord(z.enum(DETAILS), z.string()),
  /** What the maker agreed to beside its sheet; not there where nothing was. */
  agreed: z.array(makerAnswerSchema).optional(),
  cut: cutSchema.nullable(),
  roughOpening: z.strictObject({ width: lengthSchema, height: lengthSchema }).nullable(),
  spares: z.partialRecord(z.enum(SPARES), z.int()),
  tolerance: lengthSchema.nullable(),
  ...orderedMembers,
})
export type MessageLine = z.infer<typeof messageLineSchema>

/** An order as it goes to a supplier. Lengths are whole ticks of 1/3200 mm. */
export const messageSchema = z.strictObject({
  format: z.literal('harvek-order'),
  version: z.literal(2),
  company: z.strictObject({ id: z.uuid(), name: z.string() }),
  order: z.strictObject({ id: z.uuid(), number: z.string(), revision: z.int(), supersedes: z.uuid().nullable() }),
  maker: z.string(),
  releasedAt: z.iso.datetime({ precision: 3 }),
  lines: z.array(messageLineSchema).min(1),
})
export type OrderMessage = z.infer<typeof messageSchema>

/** What goes to the supplier of an order. */
export function messageOf(order: Order, company: OrderMessage['company']): OrderMessage {
  const { id, number, revision, supersedes, maker, releasedAt } = order
  return {
    format: 'harvek-order',
    version: 2,
    company,
    order: { id, number, revision, supersedes },
    maker,
    releasedAt,
    lines: order.lines.map((line, i) => messageLine(line, i + 1)),
  }
}

function messageLine(line: OrderLine, number: number): MessageLine {
  const { unit } = line
  const members = ORDERED.flatMap(name => {
    const value = said(unit, name)
    return value === null ? [] : [[name, value] as const]
  })
  return {
    line: number,
    tag: line.opening.tag,
    quantity: line.quantity,
    kind: unit.kind,
    hinges: line.hinges,
    swing: line.swing,
    activeLeaf: line.activeLeaf,
    panels: line.panels,
    code: line.code && { convention: line.code.convention, hand: line.code.hand },
    hingeCount: line.hingeCount,
    hingeClass: line.hingeClass,
    jambExtension: line.jambExtension,
    details: line.details,
    ...(line.agreed.length ? { agreed: line.agreed } : {}),
    cut: line.cut,
    roughOpening: line.roughOpening,
    spares: line.spares,
    tolerance: line.tolerance,
    article: unit.article,
    name: unit.name,
    lacks: unit.lacks,
    ...Object.fromEntries(members),
  }
}

/** The published JSON Schema of an order. */
export const orderJsonSchema = () => ({
  title: 'A Harvek order',
  description: 'Lengths are whole ticks of 1/3200 mm. Left and right are as seen from outside.',
  ...z.toJSONSchema(messageSchema, { io: 'input' }),
})
