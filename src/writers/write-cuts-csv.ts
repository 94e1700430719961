import type { CutOfSeal } from '@/core/seal/cut-list'
import { type DisplayStep, finerStep, formatLength } from '@/core/units/format-length'
import { sideName } from '@/words/names'
import { toCsv } from './to-csv'

const COLUMNS = [
  'number',
  'seal',
  'name',
  'bar',
  'opening',
  'edge',
  'edgeName',
  'part',
  'fromTicks',
  'lengthTicks',
  'lengthMm',
  'length',
  'holes',
  'offCutTicks',
  'cutFrom',
]

/** Every piece of a visit as CSV, in ticks, millimetres and as shown. */
export function writeCutsCsv(cuts: readonly CutOfSeal[], step: DisplayStep): string {
  const rows = cuts.flatMap(({ seal, bars, apart }) => {
    const rowOf = (one: (typeof apart)[number], bar: number | '', offCut: number | '', from: string) => ({
      number: one.number,
      seal: seal.id,
      name: seal.name,
      bar,
      opening: one.tag,
      edge: one.piece.edgeId,
      edgeName: sideName(one.piece.edgeId),
      part: one.piece.of > 1 ? one.piece.part : '',
      fromTicks: bar === '' ? '' : one.from,
      lengthTicks: one.piece.length,
      lengthMm: one.piece.length / 3200,
      length: formatLength(one.piece.length, finerStep(step), 'down'),
      holes: one.holes.length || '',
      offCutTicks: offCut,
      cutFrom: from,
    })
    return [
      ...bars.flatMap((bar, i) => bar.pieces.map(one => rowOf(one, i + 1, bar.offCut, bar.of ? 'off-cut' : 'new bar'))),
      ...apart.map(one => rowOf(one, '', '', '')),
    ]
  })
  return toCsv(rows, COLUMNS)
}
