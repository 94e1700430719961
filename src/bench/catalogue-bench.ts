import { readFileSync } from 'node:fs'
import { requestFrom } from '@/core/ask-work'
import { USUAL_KIND } from '@/core/base/kinds'
import { randomFrom, wholeFrom } from '@/core/base/random'
import { judgeUnit } from '@/core/catalogue/judge-unit'
import { indexCatalogue, rankCatalogue } from '@/core/catalogue/rank-catalogue'
import type { UnitOf } from '@/core/catalogue/unit'
import { unitSchema } from '@/core/catalogue/unit-record'
import { jobFileSchema } from '@/core/job-file'
import { formatLength } from '@/core/units/format-length'
import { inches, plus, ticks } from '@/core/units/length'
import { tradeWith } from '@/trade/trade'
import { median } from './median'
import { recordsIn } from './records-in'

type Hinged = UnitOf<typeof USUAL_KIND>

/** A made-up catalogue of so many hinged units: a thousand and more sizes, five makers' prices, stock and made. */
export function largeCatalogue(like: Hinged, count: number, seed = 50_000): readonly Hinged[] {
  const random = randomFrom(seed)
  return Array.from({ length: count }, (_, i): Hinged => {
    const width = ticks(inches(24) + wholeFrom(random, 0, 24 * 8) * 10_160)
    const height = ticks(inches(76) + wholeFrom(random, 0, 12 * 8) * 10_160)
    return {
      ...like,
      id: `01900000-0000-7000-8000-${String(i).padStart(12, '0')}`,
      article: `Z-${String(i).padStart(6, '0')}`,
      maker: `Maker ${wholeFrom(random, 1, 5)}`,
      width,
      height: plus(height, inches(1, 3, 4)),
      leafWidth: ticks(width - inches(1, 1, 2)),
      leafHeight: height,
      priceCents: wholeFrom(random, 300, 2000) * 100,
      leadDays: wholeFrom(random, 2, 60),
      stock: wholeFrom(random, 0, 1) === 1,
    }
  })
}

/** The same as a maker's list. */
export function largeList(units: readonly Hinged[]): string {
  const head =
    'article,maker,name,kind,width,height,leaf width,leaf height,jamb,hinges,swing,material,bore,label minutes,leaf bottom,sill depth,price,days,stock'
  const size = (
    unit: Hinged,
    name: 'width' | 'height' | 'leafWidth' | 'leafHeight' | 'jamb' | 'leafBottom' | 'sillDepth',
  ) => (unit[name] === null ? '' : formatLength(unit[name], '1/64'))
  return [
    head,
    ...units.map(one =>
      [
        one.article,
        one.maker,
        'Made-up entry',
        one.kind,
        size(one, 'width'),
        size(one, 'height'),
        size(one, 'leafWidth'),
        size(one, 'leafHeight'),
        size(one, 'jamb'),
        one.hinges,
        one.swing,
        one.material,
        one.bore,
        one.labelMinutes,
        size(one, 'leafBottom'),
        size(one, 'sillDepth'),
        (one.priceCents / 100).toFixed(2),
        one.leadDays,
        one.stock ? 'yes' : 'no',
      ].join(','),
    ),
  ].join('\n')
}

export type CatalogueTimes = {
  readonly loadMs: number
  readonly judgeMs: number
  readonly shapes: number
  readonly possible: number
  readonly heapMiB: number
}

/** Checks and makes ready; what it was read from is let go with this function. */
function load(like: Hinged, count: number, onProgress: (loaded: number) => void) {
  const texts = largeCatalogue(like, count).map(one => JSON.stringify(one))
  const start = performance.now()
  const units = texts.map((text, i) => {
    if (i % 10_000 === 0) onProgress(i)
    return unitSchema.parse(JSON.parse(text))
  })
  const catalogue = indexCatalogue(units)
  return { catalogue, loadMs: performance.now() - start }
}

const mib = (bytes: number): number => bytes / 1024 / 1024
const settle = () => (globalThis as { gc?: () => void }).gc?.()

/** Times judging so many units for the front entry of an exported job: checked and made ready once, then ranked with the best sixty
 *  judged in full. `onProgress` hears of the loading. */
export function benchCatalogue(
  jobFilePath: string,
  like: Hinged,
  count: number,
  onProgress: (loaded: number) => void,
): CatalogueTimes {
  const file = jobFileSchema.parse(JSON.parse(readFileSync(jobFilePath, 'utf8')))
  const records = recordsIn(file, 'A1')
  settle()
  const before = process.memoryUsage().heapUsed
  const { catalogue, loadMs } = load(like, count, onProgress)
  const request = requestFrom(records, tradeWith([]))!
  let possible = 0
  const judgeMs = median(15, () => {
    const ranking = rankCatalogue(catalogue, [USUAL_KIND], request)
    possible = ranking.possible
    return ranking.order.slice(0, 60).map(i => judgeUnit(catalogue.units[i]!, request))
  })
  settle()
  const heapMiB = mib(process.memoryUsage().heapUsed - before)
  return { loadMs, judgeMs, shapes: new Set(catalogue.shapes).size, possible, heapMiB }
}
