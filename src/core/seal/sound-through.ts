import type { Source } from '../base/rule'
import { compositeTl, largestGapM2, ratedBands, soundRating, tlOfRating } from '../physics/sound'
import type { Construction } from '../specification/weigh-leaf'
import { readValue, type Survey } from '../survey/survey'
import type { Length } from '../units/length'
import { metresOf } from '../units/length'
import type { Edge } from './edge'

/** What a closed leaf of a construction keeps out, as a single figure. */
export type SoundRatings = Readonly<Record<Construction, { readonly rw: number; readonly source: Source }>>

/** Sound through a closed door: the leaf alone and with its gaps as they were read, both Rw in dB, good to ± `within`. */
export type SoundThrough = {
  readonly leafRw: number
  readonly openRw: number
  readonly openM2: number
  /** The largest open area with which it would still be within 3 dB of the leaf; 0 where only none would. */
  readonly allowedM2: number
  readonly within: number
}

/** An estimate by single figures is good to this, dB. */
const WITHIN_DB = 3

/** A gap is open in every band, which is on the safe side: composite of the leaf and its mean gaps. `null` while no gap was read. */
export function soundThrough(
  size: { readonly width: Length; readonly height: Length },
  edges: readonly Edge[],
  survey: Survey,
  rw: number,
): SoundThrough | null {
  const open = edges.flatMap(({ slots, length }) => {
    const gaps = slots.flatMap(slot => readValue(survey, slot) ?? [])
    if (gaps.length === 0) return []
    const mean = gaps.reduce((sum, one) => sum + metresOf(one), 0) / gaps.length
    return [Math.max(0, mean) * metresOf(length)]
  })
  if (open.length === 0) return null
  const openM2 = open.reduce((sum, one) => sum + one, 0)
  const leaf = { areaM2: metresOf(size.width) * metresOf(size.height), tlDb: tlOfRating(rw) }
  const rated = (tlDb: readonly number[]): number => soundRating(ratedBands(tlDb, 'rw'), 'rw')
  return {
    leafRw: rated(leaf.tlDb),
    openRw:
      openM2 === 0 ? rated(leaf.tlDb) : rated(compositeTl([leaf, { areaM2: openM2, tlDb: leaf.tlDb.map(() => 0) }])),
    openM2,
    allowedM2: largestGapM2(leaf, rw - WITHIN_DB, 'rw') ?? 0,
    within: WITHIN_DB,
  }
}
