import { z } from 'zod'
import { FRAME_FORMS, GLAZINGS, LACKS } from '../catalogue/unit-values'
import { HAND_CONVENTIONS } from '../specification/handing'
import { BORES, DETAILS, MATERIALS } from '../specification/wish-values'
import { makerAnswerSchema } from '../specification/wishes'
import { FACTS } from '../survey/facts'
import { FAMILIES } from '../survey/families'
import { lengthSchema } from '../survey/reading'
import { cutSchema, type Order, type OrderLine } from './order'
import { SPARES } from './spares'

/** One line as a supplier gets it: what is made and delivered, nothing of what it costs here. */
export const messageLineSchema = z.strictObject({
  line: z.int().min(1),
  tag: z.string(),
  quantity: z.int().min(1),
  article: z.string(),
  name: z.string(),
  family: z.enum(FAMILIES),
  /** Seen from outside; `null` for what has no hinges. */
  hinges: z.enum(['left', 'right']).nullable(),
  swing: z.enum(['in', 'out']).nullable(),
  activeLeaf: z.enum(['left', 'right']).nullable(),
  panels: z.enum(['OX', 'XO']).nullable(),
  code: z.strictObject({ convention: z.enum(HAND_CONVENTIONS), hand: z.string() }).nullable(),
  width: lengthSchema,
  height: lengthSchema,
  leafWidth: lengthSchema,
  leafHeight: lengthSchema,
  jamb: lengthSchema,
  jambExtension: lengthSchema.nullable(),
  sillDepth: lengthSchema,
  material: z.enum(MATERIALS),
  bore: z.enum(BORES),
  labelMinutes: z.int(),
  glass: z.enum(GLAZINGS),
  details: z.partialRecord(z.enum(DETAILS), z.string()),
  /** What the maker agreed to beside its sheet; not there where nothing was. */
  agreed: z.array(makerAnswerSchema).optional(),
  frame: z.strictObject({ form: z.enum(FRAME_FORMS), throat: lengthSchema }).nullable(),
  lock: z.strictObject({ backset: lengthSchema, function: z.enum(FACTS['fact.lock-function']) }).nullable(),
  cut: cutSchema.nullable(),
  roughOpening: z.strictObject({ width: lengthSchema, height: lengthSchema }).nullable(),
  lacks: z.array(z.enum(LACKS)),
  spares: z.partialRecord(z.enum(SPARES), z.int()),
  tolerance: lengthSchema.nullable(),
  /** As the maker's list gives them. */
  priceCents: z.int(),
  leadDays: z.int(),
})
export type MessageLine = z.infer<typeof messageLineSchema>

/** An order as it goes to a supplier. Lengths are whole ticks of 1/3200 mm. */
export const messageSchema = z.strictObject({
  format: z.literal('harvek-order'),
  version: z.literal(1),
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
    version: 1,
    company,
    order: { id, number, revision, supersedes },
    maker,
    releasedAt,
    lines: order.lines.map((line, i) => messageLine(line, i + 1)),
  }
}

function messageLine(line: OrderLine, number: number): MessageLine {
  const { unit } = line
  return {
    line: number,
    tag: line.opening.tag,
    quantity: line.quantity,
    article: unit.article,
    name: unit.name,
    family: unit.family,
    hinges: line.hinges,
    swing: line.swing,
    activeLeaf: line.activeLeaf,
    panels: line.panels,
    code: line.code && { convention: line.code.convention, hand: line.code.hand },
    width: unit.width,
    height: unit.height,
    leafWidth: unit.leafWidth,
    leafHeight: unit.leafHeight,
    jamb: unit.jamb,
    jambExtension: line.jambExtension,
    sillDepth: unit.sillDepth,
    material: unit.material,
    bore: unit.bore,
    labelMinutes: unit.labelMinutes,
    glass: unit.glass,
    details: line.details,
    ...(line.agreed.length ? { agreed: line.agreed } : {}),
    frame: unit.frame,
    lock: unit.lock && { backset: unit.lock.backset, function: unit.lock.function },
    cut: line.cut,
    roughOpening: line.roughOpening,
    lacks: unit.lacks,
    spares: line.spares,
    tolerance: line.tolerance,
    priceCents: unit.priceCents,
    leadDays: unit.leadDays,
  }
}

/** The published JSON Schema of an order. */
export const orderJsonSchema = () => ({
  title: 'A Harvek order',
  description: 'Lengths are whole ticks of 1/3200 mm. Left and right are as seen from outside.',
  ...z.toJSONSchema(messageSchema, { io: 'input' }),
})
