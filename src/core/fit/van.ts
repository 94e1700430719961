import type { Finding } from '../base/finding'
import type { VanStock } from '../catalogue/firm'
import type { Length } from '../units/length'
import type { ShimPlan } from './plan-shims'

export type VanCode = 'van-short' | 'van-short-wedges'

/** What the packs of a frame take in all: flats by their thickness, and wedge pairs. */
export function takenBy({ points }: ShimPlan): {
  readonly flats: ReadonlyMap<Length, number>
  readonly wedgePairs: number
} {
  const flats = new Map<Length, number>()
  let wedgePairs = 0
  for (const { pack } of points) {
    for (const flat of pack?.flats ?? []) flats.set(flat, (flats.get(flat) ?? 0) + 1)
    if (pack && pack.wedgeOffset !== null) wedgePairs++
  }
  return { flats, wedgePairs }
}

/** What the van is short of for the packs that are planned, to be fetched before the day. */
export function judgeVan(shims: ShimPlan | null, van: VanStock | null): readonly Finding<VanCode>[] {
  if (!shims || !van) return []
  const { flats, wedgePairs } = takenBy(shims)
  const held = (thickness: Length) =>
    van.flats.reduce((sum, one) => (one.thickness === thickness ? sum + one.count : sum), 0)
  const short = (code: VanCode, wanted: number, there: number, size: Finding['facts']): readonly Finding<VanCode>[] =>
    wanted > there
      ? [{ code, place: 'unit', severity: 'watch', facts: { wanted, there, ...size }, rule: 'look', cures: [] }]
      : []
  return [
    ...[...flats].flatMap(([thickness, wanted]) =>
      short('van-short', wanted, held(thickness), { size: { length: thickness } }),
    ),
    ...short('van-short-wedges', wedgePairs, van.wedgePairs, {}),
  ]
}

/** The flats to pack with: those the van holds, else what is commonly stocked. */
export const flatsIn = (van: VanStock | null, usual: readonly Length[]): readonly Length[] =>
  van ? van.flats.filter(one => one.count > 0).map(one => one.thickness) : usual
