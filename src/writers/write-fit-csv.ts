import type { Fitted } from '@/core/fit/fitted'
import type { FitLogLine } from '@/core/log/fit-log'
import { type DisplayStep, formatLength, workStep } from '@/core/units/format-length'
import { placeName } from '@/words/finding-facts'
import { shimName } from '@/words/names'
import { packWords } from '@/words/packs'
import { stepName } from '@/words/steps'
import { toCsv } from './to-csv'

/** Every point of a frame as CSV, in the order in which it is screwed: gap, filler, pack and screw, in ticks, millimetres and as shown. */
export function writePacksCsv({ shims, screwOrder }: Pick<Fitted, 'shims' | 'screwOrder'>, step: DisplayStep): string {
  const fine = workStep(step)
  const rows = [...(shims?.points ?? [])]
    .sort((a, b) => screwOrder.indexOf(a.place) - screwOrder.indexOf(b.place))
    .map((one, i) => ({
      order: i + 1,
      place: one.place,
      name: shimName(one.place),
      member: one.member,
      atMm: one.at / 3200,
      gapTicks: one.gap,
      gapMm: one.gap / 3200,
      gap: formatLength(one.gap, fine, 'down'),
      fillerMm: one.filler / 3200,
      pack: packWords(one.pack, fine),
      flatsMm: one.pack?.flats.map(flat => flat / 3200).join('; ') ?? '',
      wedgesApartMm: one.pack?.wedgeOffset == null ? '' : one.pack.wedgeOffset / 3200,
      screw: one.screwLength === null ? '' : formatLength(one.screwLength, step, 'up'),
      screwMm: one.screwLength === null ? '' : one.screwLength / 3200,
      screwInto: one.hole?.into ?? '',
      pilotMm: one.hole ? one.hole.pilot / 3200 : '',
      accessMm: one.hole?.access == null ? '' : one.hole.access / 3200,
    }))
  return toCsv(rows, PACK_COLUMNS)
}

const PACK_COLUMNS = [
  'order',
  'place',
  'name',
  'member',
  'atMm',
  'gapTicks',
  'gapMm',
  'gap',
  'fillerMm',
  'pack',
  'flatsMm',
  'wedgesApartMm',
  'screw',
  'screwMm',
  'screwInto',
  'pilotMm',
  'accessMm',
]

/** What happened while a door was set, as CSV. */
export function writeFitLogCsv(lines: readonly FitLogLine[], step: DisplayStep): string {
  const rows = lines.map(({ value, ...one }) => ({
    ...one,
    name: one.kind === 'step' ? stepName(one.code) : placeName(one.code),
    ticks: value && 'length' in value ? value.length : '',
    number: value && 'number' in value ? value.number : '',
    shown: value && 'length' in value ? formatLength(value.length, workStep(step)) : '',
  }))
  return toCsv(rows, LOG_COLUMNS)
}

const LOG_COLUMNS = ['at', 'by', 'kind', 'code', 'name', 'result', 'ticks', 'number', 'shown', 'text']
