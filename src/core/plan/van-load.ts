import type { TradeLengths } from '../base/trade-lengths'
import type { VanStock } from '../catalogue/firm'
import { MATERIALS, type Material } from '../catalogue/material'
import { type CutOfSeal, cutList, type ToCut } from '../seal/cut-list'
import type { OffCut } from '../seal-stock/off-cut'
import type { Length } from '../units/length'
import { roundedUp } from './rounded-up'
import { type Measure, packsFor, type Taking } from './take-off'

/** One opening of a day with what its steps take. */
export type Stop = ToCut & { readonly name: string; readonly takings: readonly Taking[] }

/** One thing to load: for which openings, how many, how many the van holds. */
export type LoadItem = {
  /** The same thing has the same key on any day: `flat/10160`. */
  readonly key: string
  readonly material: Material
  readonly size: Length | null
  readonly measure: Measure
  readonly pack: number | null
  /** Whole packs or pieces; of what comes by length, ticks in all. */
  readonly count: number
  readonly parts: readonly { readonly opening: string; readonly tag: string; readonly takings: readonly Taking[] }[]
  /** Whole packs or pieces that the van still holds; `null` where they are not counted. */
  readonly held: number | null
  /** How many are to be fetched before the day: all where nothing is counted. */
  readonly short: number
}

export type VanLoad = { readonly items: readonly LoadItem[]; readonly cuts: readonly CutOfSeal[] }

export const keyOf = ({ material, size }: Pick<Taking, 'material' | 'size'>): string =>
  size === null ? material : `${material}/${size}`

/** What a day takes along, over all its openings: what their open steps take, in whole packs, and the strips that are not cut yet. `used` is what
 *  was taken since the van was counted. */
export function vanLoad(
  stops: readonly Stop[],
  van: VanStock | null,
  used: readonly Taking[],
  lengths: TradeLengths,
  offCuts: readonly OffCut[],
): VanLoad {
  const open = stops.flatMap(({ id, tag, takings }) =>
    takings.filter(one => one.doneAt === null).map(taking => ({ opening: id, tag, taking })),
  )
  const byKey = grouped(open, one => keyOf(one.taking))
  const usedBy = grouped(used, keyOf)
  const items = [...byKey].map(([key, all]): LoadItem => {
    const { material, size, measure, pack } = all[0]!.taking
    const count = packsFor(
      all.map(one => one.taking),
      roundedUp,
    )
    const held = heldOf(van, { material, size }, usedBy.get(key) ?? [])
    return {
      key,
      material,
      size,
      measure,
      pack,
      count,
      parts: [...grouped(all, one => one.opening)].map(([opening, own]) => ({
        opening,
        tag: own[0]!.tag,
        takings: own.map(one => one.taking),
      })),
      held,
      short: Math.max(0, count - (held ?? 0)),
    }
  })
  return { items: items.sort(inOrder), cuts: cutList(stops, lengths, offCuts) }
}

/** What the van holds of a thing: as it was counted, less what was used since, in whole packs; `null` where it was not counted. */
export function heldOf(
  van: VanStock | null,
  { material, size }: Pick<Taking, 'material' | 'size'>,
  used: readonly Taking[],
): number | null {
  const counted = countedOf(van, material, size)
  return counted === null ? null : Math.max(0, counted - packsFor(used, roundedUp))
}

function countedOf(van: VanStock | null, material: Material, size: Length | null): number | null {
  if (!van) return null
  if (material === 'flat') return van.flats.find(one => one.thickness === size)?.count ?? 0
  if (material === 'wedge-pair') return van.wedgePairs
  return van.others?.find(one => one.material === material && one.size === size)?.count ?? null
}

/** In the order in which each key first came. */
function grouped<T>(all: readonly T[], by: (one: T) => string): ReadonlyMap<string, readonly T[]> {
  const groups = new Map<string, T[]>()
  for (const one of all) {
    const key = by(one)
    const own = groups.get(key)
    if (own) own.push(one)
    else groups.set(key, [one])
  }
  return groups
}

const inOrder = (a: LoadItem, b: LoadItem): number =>
  a.material === b.material
    ? (a.size ?? 0) - (b.size ?? 0)
    : MATERIALS.indexOf(a.material) - MATERIALS.indexOf(b.material)
