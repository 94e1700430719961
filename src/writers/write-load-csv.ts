import type { VanLoad } from '@/core/plan/van-load'
import type { DisplayStep } from '@/core/units/format-length'
import { itemCount, itemName, itemWhere, takingWords } from '@/words/take-off'
import { toCsv } from './to-csv'

const COLUMNS = ['thing', 'material', 'sizeMm', 'count', 'lengthMm', 'held', 'fetch', 'for', 'formula']

/** What a day takes along as CSV: whole packs and pieces, or a length in millimetres, with the formula behind each. */
export function writeLoadCsv({ items, cuts }: VanLoad, step: DisplayStep): string {
  const rows = items.map(one => ({
    thing: `${itemCount(one, step)} ${itemName(one, step)}`,
    material: one.material,
    sizeMm: one.size === null ? '' : one.size / 3200,
    count: one.pack === null ? '' : one.count,
    lengthMm: one.pack === null ? one.count / 3200 : '',
    held: one.held ?? '',
    fetch: one.pack === null ? '' : one.short,
    for: itemWhere(one),
    formula: one.parts
      .flatMap(({ tag, takings }) => takings.map(taking => `${tag}: ${takingWords(taking, step)}`))
      .join(' | '),
  }))
  const strips = cuts.map(({ seal, bars }) => ({
    thing: seal.name,
    material: 'seal',
    sizeMm: '',
    count: bars.filter(bar => !bar.of).length,
    lengthMm: seal.stock / 3200,
    held: bars.filter(bar => bar.of).length,
    fetch: bars.filter(bar => !bar.of).length,
    for: [...new Set(bars.flatMap(bar => bar.pieces.map(piece => piece.tag)))].join(', '),
    formula: 'by the cut list',
  }))
  return toCsv([...rows, ...strips], COLUMNS)
}
