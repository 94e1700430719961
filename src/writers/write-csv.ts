import Papa from 'papaparse'
import type { Order } from '@/core/order/order'
import type { Reading } from '@/core/survey/reading'
import { type DisplayStep, formatLength } from '@/core/units/format-length'
import { handWords } from '@/words/order'
import { slotName } from '@/words/walk'

/** All readings of an opening as CSV, with history; a text that a spreadsheet would take for a formula is quoted with an apostrophe. */
export function writeReadingsCsv(readings: readonly Reading[], step: DisplayStep): string {
  const rows = readings.map(one => ({
    id: one.id,
    slot: one.slot,
    name: slotName(one.slot),
    ticks: one.value,
    mm: one.value / 3200,
    shown: formatLength(one.value, step),
    typed: one.text,
    instrument: one.instrument,
    graduation: one.graduation,
    levelLengthTicks: one.levelLength ?? '',
    deviationTicks: one.deviation ?? '',
    device: one.device,
    takenBy: one.takenBy,
    takenAt: one.takenAt,
    note: one.note,
  }))
  return `${Papa.unparse(rows, { newline: '\n', escapeFormulae: true, columns: COLUMNS })}\n`
}

const COLUMNS = [
  'id',
  'slot',
  'name',
  'ticks',
  'mm',
  'shown',
  'typed',
  'instrument',
  'graduation',
  'levelLengthTicks',
  'deviationTicks',
  'device',
  'takenBy',
  'takenAt',
  'note',
]

/** The lines of an order as CSV, one a row: the hand in words and by its facts, sizes as ticks, millimetres and as shown. */
export function writeOrderCsv(order: Order, step: DisplayStep): string {
  const rows = order.lines.map(({ unit, ...line }, i) => ({
    order: order.number,
    revision: order.revision,
    line: i + 1,
    tag: line.opening.tag,
    opening: line.opening.name,
    quantity: line.quantity,
    maker: unit.maker,
    article: unit.article,
    name: unit.name,
    hand: handWords(line),
    hinges: line.hinges ?? '',
    swing: line.swing ?? '',
    activeLeaf: line.activeLeaf ?? '',
    panels: line.panels ?? '',
    code: line.code ? `${line.code.hand} (${line.code.convention})` : '',
    width: formatLength(unit.width, step),
    widthMm: unit.width / 3200,
    height: formatLength(unit.height, step),
    heightMm: unit.height / 3200,
    leafWidthMm: unit.leafWidth / 3200,
    leafHeightMm: unit.leafHeight / 3200,
    jambMm: unit.jamb / 3200,
    jambExtensionMm: line.jambExtension === null ? '' : line.jambExtension / 3200,
    material: unit.material,
    bore: unit.bore,
    labelMinutes: unit.labelMinutes,
    glass: unit.glass,
    details: Object.entries(line.details)
      .map(([name, value]) => `${name}: ${value}`)
      .join('; '),
    agreed: line.agreed.map(({ question, answer }) => `${question} ${answer}`).join('; '),
    lacks: unit.lacks.join('; '),
    unitCents: line.cents.unit,
    leadDays: unit.leadDays,
  }))
  return `${Papa.unparse(rows, { newline: '\n', escapeFormulae: true })}\n`
}
