import type { UnitKind } from '@/core/base/kinds'
import { type Catalogue, indexCatalogue, rankCatalogue, unitsOf } from '@/core/catalogue/rank-catalogue'
import type { Request } from '@/core/catalogue/request'
import type { CatalogueUnit } from '@/core/catalogue/unit'
import type { Acting } from '@/store/acting'
import type { Db } from '@/store/connection'
import { catalogueRevision, listUnits } from '@/store/units'

type Kept = { readonly revision: number; readonly catalogue: Promise<Catalogue> }
const kept = globalThis as { harvekCatalogues?: Map<string, Kept> }

/** A company's catalogue, loaded, checked and made ready once for each of its revisions. */
export async function catalogueOf(db: Db, acting: Acting): Promise<Catalogue> {
  return catalogueAt(db, acting, await catalogueRevision(db, acting))
}

/** The same for whoever knows at which revision it stands. */
export async function catalogueAt(db: Db, acting: Acting, revision: number): Promise<Catalogue> {
  kept.harvekCatalogues ??= new Map()
  const there = kept.harvekCatalogues.get(acting.companyId)
  // It only counts up: whoever looked a moment earlier gets the newer one.
  if (there && there.revision >= revision) return there.catalogue
  const catalogue = listUnits(db, acting).then(indexCatalogue)
  kept.harvekCatalogues.set(acting.companyId, { revision, catalogue })
  catalogue.catch(() => kept.harvekCatalogues?.delete(acting.companyId))
  return catalogue
}

/** Up to so many units of a kind all are shown and judged on the page; of more, the best are. */
const MOST_WHOLE = 150
const MOST_THAT_FIT = 60
const MOST_THAT_DO_NOT = 40

export type ShortList = {
  readonly units: readonly CatalogueUnit[]
  readonly catalogue: { readonly count: number; readonly possible: number }
}

/** The units of a kind a page needs: all of a small catalogue; of a large one the best that go in, the next that don't, and what was chosen. */
export function shortList(
  catalogue: Catalogue,
  kinds: readonly UnitKind[],
  request: Request | null,
  chosen: string | null,
): ShortList {
  const own = unitsOf(catalogue, kinds)
  const unitAt = (index: number) => catalogue.units[index]!
  if (own.length <= MOST_WHOLE || !request) {
    const units = own.slice(0, MOST_WHOLE).map(unitAt)
    const possible = request ? rankCatalogue(catalogue, kinds, request).possible : 0
    return { units: withChosen(catalogue, units, chosen), catalogue: { count: own.length, possible } }
  }
  const { order, possible } = rankCatalogue(catalogue, kinds, request)
  const best = [
    ...order.slice(0, Math.min(possible, MOST_THAT_FIT)),
    ...order.slice(possible, possible + MOST_THAT_DO_NOT),
  ]
  return { units: withChosen(catalogue, best.map(unitAt), chosen), catalogue: { count: own.length, possible } }
}

function withChosen(
  catalogue: Catalogue,
  units: readonly CatalogueUnit[],
  chosen: string | null,
): readonly CatalogueUnit[] {
  const index = chosen === null ? undefined : catalogue.byId.get(chosen)
  if (index === undefined || units.some(one => one.id === chosen)) return units
  return [...units, catalogue.units[index]!]
}
