import type { OpeningPoints } from '../opening/opening'
import type { Family } from '../survey/families'
import { hardRequirements } from './hard-requirements'
import { judgeShape } from './judge-shape'
import { byArticle, costs, goesIn, rankOf } from './judge-unit'
import type { Shape } from './offer'
import { judgedBy, type Request } from './request'
import type { CatalogueUnit } from './unit'

/** A catalogue made ready for judging: by article, its units of each family, and which of them are of one shape. */
export type Catalogue = {
  readonly units: readonly CatalogueUnit[]
  readonly byFamily: ReadonlyMap<Family, readonly number[]>
  /** For each unit the number of its shape: units of one shape go in alike and need the same work. */
  readonly shapes: Uint32Array
  readonly byId: ReadonlyMap<string, number>
}

/** Everything of a unit that `judgeShape` looks at. */
const shapeKey = (unit: CatalogueUnit): string =>
  [
    unit.family,
    unit.width,
    unit.height,
    unit.jamb,
    unit.leafBottom,
    unit.labelMinutes,
    unit.details.style,
    JSON.stringify([unit.storm, unit.leaf, unit.frame, unit.lock]),
  ].join(' ')

/** Makes a catalogue ready. */
export function indexCatalogue(unsorted: readonly CatalogueUnit[]): Catalogue {
  const units = [...unsorted].sort(byArticle)
  const shapes = new Uint32Array(units.length)
  const numbers = new Map<string, number>()
  const byFamily = new Map<Family, number[]>()
  const byId = new Map<string, number>()
  units.forEach((unit, i) => {
    const key = shapeKey(unit)
    const number = numbers.get(key) ?? numbers.size
    numbers.set(key, number)
    shapes[i] = number
    const family = byFamily.get(unit.family)
    if (family) family.push(i)
    else byFamily.set(unit.family, [i])
    byId.set(unit.id, i)
  })
  return { units, byFamily, shapes, byId }
}

/** The units of a family as indices into the catalogue, best first; the first `possible` of them go in. */
export type Ranking = { readonly order: readonly number[]; readonly possible: number }

/** Ranks all units of a family as `judgeUnits` does, without judging each: what misses a hard requirement or is far too large or
 *  small is set aside first, and each shape is judged once. */
export function rankCatalogue(catalogue: Catalogue, family: Family, request: Request): Ranking {
  const bounds = request.points && boundsOf(request.points)
  const judged = new Map<number, Shape>()
  const groups: readonly [{ index: number; total: number; days: number }[], number[], number[]] = [[], [], []]
  for (const index of catalogue.byFamily.get(family) ?? []) {
    const unit = catalogue.units[index]!
    if (hardRequirements(unit, request).length > 0) {
      groups[2].push(index)
      continue
    }
    if (bounds && !unit.frame && judgedBy(unit) === 'hole' && isFarOff(unit, bounds, request)) {
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
function isFarOff(unit: CatalogueUnit, { widest, narrowest, highest, lowest }: Bounds, { lengths }: Request): boolean {
  if (unit.width > widest - 2 * lengths['gap-least'].value + 1) return true
  if (unit.height > highest - lengths['head-least'].value + 1) return true
  const stands = unit.width < narrowest && unit.height < lowest
  return stands && unit.width < narrowest - lengths['fill-sides-most'].value - 1
}
