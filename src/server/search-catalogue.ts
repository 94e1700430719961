import type { UnitKind } from '@/core/base/kinds'
import type { Catalogue } from '@/core/catalogue/rank-catalogue'
import { type CatalogueUnit, said } from '@/core/catalogue/unit'
import type { Length } from '@/core/units/length'

export const SORTS = ['article', 'maker', 'name', 'width', 'height', 'price', 'days'] as const
export type Sort = (typeof SORTS)[number]

export type CatalogueQuery = {
  readonly words: string
  readonly kind: UnitKind | null
  readonly onlyStock: boolean
  readonly sort: Sort
  readonly isDescending: boolean
  readonly from: number
}
export const WHOLE_CATALOGUE: CatalogueQuery = {
  words: '',
  kind: null,
  onlyStock: false,
  sort: 'article',
  isDescending: false,
  from: 0,
}

/** The trim opening a door on the trim covers. */
export type UnitRange = { readonly width: readonly [Length, Length]; readonly height: readonly [Length, Length] }

function rangeOf(unit: CatalogueUnit): UnitRange | null {
  const [a, b, c, d] = (['widthLeast', 'widthMost', 'heightLeast', 'heightMost'] as const).map(name => said(unit, name))
  return a && b && c && d ? { width: [a, b], height: [c, d] } : null
}

/** What of a unit a list shows. */
export type ListedUnit = Pick<
  CatalogueUnit,
  'id' | 'article' | 'maker' | 'name' | 'kind' | 'width' | 'height' | 'priceCents' | 'leadDays' | 'stock'
> & { readonly range: UnitRange | null }

export type FoundUnits = {
  readonly units: readonly ListedUnit[]
  /** How many were found, and how many there are. */
  readonly count: number
  readonly all: number
  readonly from: number
}

export const UNITS_SHOWN = 100

const KEYS: Readonly<Record<Sort, (unit: CatalogueUnit) => string | number>> = {
  article: unit => unit.article,
  maker: unit => unit.maker,
  name: unit => unit.name,
  width: unit => unit.width,
  height: unit => unit.height,
  price: unit => unit.priceCents,
  days: unit => unit.leadDays,
}

/** Units in whose article, maker or name every word stands, sorted, a hundred from `from` on. */
export function searchCatalogue({ units }: Catalogue, query: CatalogueQuery): FoundUnits {
  const words = query.words.toLowerCase().split(/\s+/).filter(Boolean).slice(0, 8)
  const found = units.filter(
    unit =>
      (query.kind === null || unit.kind === query.kind) &&
      (!query.onlyStock || unit.stock) &&
      words.every(word => textOf(unit).includes(word)),
  )
  // The catalogue is kept by article: only another order is worked out.
  if (query.sort !== 'article' || query.isDescending) {
    const key = KEYS[query.sort]
    const way = query.isDescending ? -1 : 1
    found.sort((a, b) => {
      const [one, other] = [key(a), key(b)]
      return one < other ? -way : one > other ? way : 0
    })
  }
  return {
    units: found.slice(query.from, query.from + UNITS_SHOWN).map(listed),
    count: found.length,
    all: units.length,
    from: query.from,
  }
}

const texts = new WeakMap<CatalogueUnit, string>()
/** What a unit is found by, worked out once. */
function textOf(unit: CatalogueUnit): string {
  const kept = texts.get(unit)
  if (kept !== undefined) return kept
  const text = `${unit.article} ${unit.maker} ${unit.name}`.toLowerCase()
  texts.set(unit, text)
  return text
}

const listed = (unit: CatalogueUnit): ListedUnit => ({
  id: unit.id,
  article: unit.article,
  maker: unit.maker,
  name: unit.name,
  kind: unit.kind,
  width: unit.width,
  height: unit.height,
  priceCents: unit.priceCents,
  leadDays: unit.leadDays,
  stock: unit.stock,
  range: rangeOf(unit),
})
