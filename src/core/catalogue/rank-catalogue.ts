import { UNIT_KINDS, type UnitKind } from '../base/kinds'
import type { OpeningPoints } from '../opening/opening'
import { judgeOf } from './judge-of'
import { judgeShape } from './judge-shape'
import { byArticle, costs, goesIn, rankOf } from './judge-unit'
import type { Shape } from './offer'
import type { Request } from './request'
import type { CatalogueUnit } from './unit'

/** A catalogue made ready for judging: by article, its units of each kind, and which of them are of one shape. */
export type Catalogue = {
  readonly units: readonly CatalogueUnit[]
  readonly byKind: ReadonlyMap<UnitKind, readonly number[]>
  /** For each unit the number of its shape: units of one shape go in alike and need the same work. */
  readonly shapes: Uint32Array
  readonly byId: ReadonlyMap<string, number>
}

/** What of a unit no shape depends on: two that differ only in it go in alike. */
const BESIDE: ReadonlySet<string> = new Set([
  'id',
  'article',
  'maker',
  'name',
  'priceCents',
  'leadDays',
  'stock',
  'lacks',
  'details',
])

/** Everything of a unit that judging its shape can look at. */
const shapeKey = (unit: CatalogueUnit): string =>
  JSON.stringify([Object.entries(unit).filter(([name]) => !BESIDE.has(name)), unit.details.style, unit.details.core])

/** Makes a catalogue ready. */
export function indexCatalogue(unsorted: readonly CatalogueUnit[]): Catalogue {
  const units = [...unsorted].sort(byArticle)
  const shapes = new Uint32Array(units.length)
  const numbers = new Map<string, number>()
  const byKind = new Map<UnitKind, number[]>(UNIT_KINDS.map(kind => [kind, []]))
  const byId = new Map<string, number>()
  units.forEach((unit, i) => {
    const key = shapeKey(unit)
    const number = numbers.get(key) ?? numbers.size
    numbers.set(key, number)
    shapes[i] = number
    byKind.get(unit.kind)!.push(i)
    byId.set(unit.id, i)
  })
  return { units, byKind, shapes, byId }
}

/** The units of some kinds as indices into the catalogue, best first; the first `possible` of them go in. */
export type Ranking = { readonly order: readonly number[]; readonly possible: number }

/** Ranks all units of these kinds as `judgeUnits` does, without judging each: what misses a hard requirement or is far too large or
 *  small is set aside first, and each shape is judged once. */
export function rankCatalogue(catalogue: Catalogue, kinds: readonly UnitKind[], request: Request): Ranking {
  const bounds = request.points && boundsOf(request.points)
  const judged = new Map<number, Shape>()
  const groups: readonly [{ index: number; total: number; days: number }[], number[], number[]] = [[], [], []]
  for (const index of unitsOf(catalogue, kinds)) {
    const unit = catalogue.units[index]!
    const { requires, isByHole } = judgeOf(request.judges, unit)
    if (requires(unit, request).length > 0) {
      groups[2].push(index)
      continue
    }
    if (bounds && isByHole && isFarOff(unit, bounds, request)) {
      groups[1].push(index)
      continue
    }
    const number = catalogue.shapes[index]!
    let shape = judged.get(number)
    if (!shape) {
      shape = judgeShape(unit, request)
      judged.set(number, shape)
    }
    if (goesIn(shape)) groups[0].push({ index, total: costs(unit, shape, request).total, days: unit.leadDays })
    else groups[rankOf(shape.verdict) as 1 | 2].push(index)
  }
  const [possible, tooLarge, dropped] = groups
  possible.sort((a, b) => a.total - b.total || a.days - b.days || a.index - b.index)
  return { order: [...possible.map(one => one.index), ...tooLarge, ...dropped], possible: possible.length }
}

/** The units of some kinds, as indices by article. */
export const unitsOf = ({ byKind }: Catalogue, kinds: readonly UnitKind[]): readonly number[] =>
  kinds.length === 1 ? byKind.get(kinds[0]!)! : kinds.flatMap(kind => byKind.get(kind)!).sort((a, b) => a - b)

type Bounds = {
  readonly widest: number
  readonly narrowest: number
  readonly highest: number
  readonly lowest: number
}

function boundsOf(p: OpeningPoints): Bounds {
  const lefts = [p.L0.x, p.L1.x, p.L2.x]
  const rights = [p.R0.x, p.R1.x, p.R2.x]
  const sills = [p.L0.y, p.S.y, p.R0.y]
  const heads = [p.L2.y, p.T.y, p.R2.y]
  return {
    widest: Math.max(...rights) - Math.min(...lefts),
    narrowest: Math.min(...rights) - Math.max(...lefts),
    highest: Math.max(...heads) - Math.min(...sills),
    lowest: Math.min(...heads) - Math.max(...sills),
  }
}

/** Whether no place in the hole could change that a unit is too large or too small, with a tick to spare for rounding. */
function isFarOff(
  unit: CatalogueUnit,
  { widest, narrowest, highest, lowest }: Bounds,
  { lengths, hasBucks }: Request,
): boolean {
  if (unit.width > widest - 2 * lengths['gap-least'].value + 1) return true
  if (unit.height > highest - lengths['head-least'].value + 1) return true
  const stands = unit.width < narrowest && unit.height < lowest
  const bucks = hasBucks ? 2 * lengths.buck.value : 0
  return stands && unit.width < narrowest - bucks - lengths['fill-sides-most'].value - 1
}
