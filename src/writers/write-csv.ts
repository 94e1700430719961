import { type CatalogueUnit, said } from '@/core/catalogue/unit'
import { memberOf, UNIT_MEMBER_NAMES, type UnitMember } from '@/core/catalogue/unit-members'
import type { Order } from '@/core/order/order'
import type { Reading } from '@/core/survey/reading'
import { type DisplayStep, formatLength } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { handWords, plainValue } from '@/words/order'
import { slotName } from '@/words/walk'
import { toCsv } from './to-csv'

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
  return toCsv(rows, COLUMNS)
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

/** What has a column of its own. */
const OWN_COLUMNS: readonly UnitMember[] = ['article', 'name', 'width', 'height', 'lacks', 'priceCents', 'leadDays']

/** Every further member of a unit's sheet that is ordered, empty where it says nothing; lengths in millimetres. */
const sheetColumns = (unit: CatalogueUnit): Readonly<Record<string, string | number>> =>
  Object.fromEntries(
    UNIT_MEMBER_NAMES.filter(name => memberOf(name).ordered && !OWN_COLUMNS.includes(name)).map(name => {
      const value = said(unit, name)
      const { of } = memberOf(name)
      if (value === null) return [of === 'length' ? `${name}Mm` : name, '']
      if (of === 'length') return [`${name}Mm`, (value as Length) / 3200]
      if (of === 'lengths') return [`${name}Mm`, (value as readonly Length[]).map(one => one / 3200).join('; ')]
      return [name, plainValue(name, value)]
    }),
  )

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
    jambExtensionMm: line.jambExtension === null ? '' : line.jambExtension / 3200,
    ...sheetColumns(unit),
    details: Object.entries(line.details)
      .map(([name, value]) => `${name}: ${value}`)
      .join('; '),
    agreed: line.agreed.map(({ question, answer }) => `${question} ${answer}`).join('; '),
    lacks: unit.lacks.join('; '),
    unitCents: line.cents.unit,
    leadDays: unit.leadDays,
  }))
  return toCsv(rows)
}
