import type { Source } from '../base/rule'
import { compositeTl, largestGapM2, ratedBands, type SoundPart, soundRating, tlOfRating } from '../physics/sound'
import type { Construction } from '../specification/weigh-leaf'
import { type Length, metresOf } from '../units/length'

/** What a closed leaf of a construction keeps out, as a single figure. */
export type SoundRatings = Readonly<Record<Construction, { readonly rw: number; readonly source: Source }>>

/** What of a door's edges sound passes: the joints' area, and what they let through in all, m². */
export type Joints = { readonly areaM2: number; readonly throughM2: number }

/** Sound through a closed door, all figures good to ± `within` dB: the leaf alone, with its gaps as they were read, and sealed as planned. */
export type SoundThrough = {
  readonly leaf: Rated
  readonly open: Rated
  readonly sealed: Rated
  readonly openM2: number
  /** The largest wholly open area with which the wanted figure is still reached; `null` where the leaf alone falls short of it. */
  readonly allowedM2: number | null
  readonly target: number
  /** What lets most through once it is sealed. */
  readonly limitedBy: 'leaf' | 'gap'
  readonly within: number
}
/** By third-octave band, and its two single figures. */
export type Rated = { readonly bands: readonly number[]; readonly rw: number; readonly stc: number }

/** An estimate by single figures is good to this, dB. */
export const WITHIN_DB = 3

const rated = (bands: readonly number[]): Rated => ({
  bands,
  rw: soundRating(ratedBands(bands, 'rw'), 'rw'),
  stc: soundRating(ratedBands(bands, 'stc'), 'stc'),
})

/** A leaf and its joints together. A joint lets alike through in every band. */
export function withJoints(leaf: SoundPart, { areaM2, throughM2 }: Joints): Rated {
  if (areaM2 === 0) return rated(leaf.tlDb)
  const joint = -10 * Math.log10(throughM2 / areaM2)
  return rated(compositeTl([leaf, { areaM2, tlDb: leaf.tlDb.map(() => joint) }]))
}

/** A leaf of this size that keeps out `rw` by itself. */
export const leafPart = (size: { readonly width: Length; readonly height: Length }, rw: number): SoundPart => ({
  areaM2: metresOf(size.width) * metresOf(size.height),
  tlDb: tlOfRating(rw),
})

/** Sound through a door with its joints open and sealed. `target` is what is wanted; without one, what costs the leaf 3 dB. */
export function soundThrough(
  leaf: SoundPart,
  rw: number,
  open: Joints,
  sealed: Joints,
  target: number | null,
): SoundThrough {
  const wanted = target ?? rw - WITHIN_DB
  const throughLeaf = leaf.areaM2 * 10 ** (-rw / 10)
  return {
    leaf: rated(leaf.tlDb),
    open: withJoints(leaf, open),
    sealed: withJoints(leaf, sealed),
    openM2: open.throughM2,
    allowedM2: largestGapM2(leaf, wanted, 'rw'),
    target: wanted,
    limitedBy: sealed.throughM2 > throughLeaf ? 'gap' : 'leaf',
    within: WITHIN_DB,
  }
}

/** The rating against a wholly open area, for a chart: each m² with its Rw. */
export const ratingByGap = (leaf: SoundPart, areasM2: readonly number[]): readonly number[] =>
  areasM2.map(areaM2 => withJoints(leaf, { areaM2, throughM2: areaM2 }).rw)
