import Papa from 'papaparse'
import type { Reading } from '@/core/survey/reading'
import { type DisplayStep, formatLength } from '@/core/units/format-length'
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
