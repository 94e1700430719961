// Sound insulation of parts side by side, and its single figures. Levels in dB by third-octave bands.

/** Third-octave bands, Hz. */
export const BANDS_HZ = [
  100, 125, 160, 200, 250, 315, 400, 500, 630, 800, 1000, 1250, 1600, 2000, 2500, 3150, 4000,
] as const
export type SoundMethod = 'rw' | 'stc'
export const SOUND_METHODS = ['rw', 'stc'] as const satisfies readonly SoundMethod[]
/** How many bands one figure is made of: `rw` from 100 to 3150 Hz, `stc` from 125 to 4000 Hz. */
export const RATED_BANDS = 16

/** One part of a door: its area and its transmission loss in each band. */
export type SoundPart = { readonly areaM2: number; readonly tlDb: readonly number[] }

/** What parts side by side let through together: TL = −10·log10(Σ S·10^(−TL/10) / Σ S) in each band. Parts of one number of bands. */
export function compositeTl(parts: readonly SoundPart[]): readonly number[] {
  const area = parts.reduce((sum, one) => sum + one.areaM2, 0)
  return parts[0]!.tlDb.map((_, band) => {
    const through = parts.reduce((sum, one) => sum + one.areaM2 * 10 ** (-one.tlDb[band]! / 10), 0)
    return -10 * Math.log10(through / area) + 0
  })
}

/** ISO 717-1, 100 to 3150 Hz. */
const REFERENCE = [33, 36, 39, 42, 45, 48, 51, 52, 53, 54, 55, 56, 56, 56, 56, 56]
const AT_500 = 52
/** ASTM E413, 125 to 4000 Hz, relative to 500 Hz. */
const CONTOUR = [-16, -13, -10, -7, -4, -1, 0, 1, 2, 3, 4, 4, 4, 4, 4, 4]
const MOST_SUM = 32
const MOST_ONE = 8

const halfUp = (value: number): number => Math.floor(value + 0.5)

/** The single figure of 16 bands: the reference at 500 Hz, shifted as high as the shortfalls under it allow. `rw` sums them in tenths of a
 *  dB to at most 32.0; `stc` in whole dB to at most 32, none above 8. Source: ISO 717-1, ASTM E413. */
export function soundRating(tlDb: readonly number[], method: SoundMethod): number {
  const scale = method === 'rw' ? 10 : 1
  const levels = tlDb.map(one => halfUp(one * scale))
  const [shape, middle] = method === 'rw' ? [REFERENCE, AT_500] : [CONTOUR, 0]
  const isMet = (shift: number): boolean => {
    const short = levels.map((level, band) => Math.max(0, (shape[band]! + shift) * scale - level))
    const sum = short.reduce((total, one) => total + one, 0)
    return sum <= MOST_SUM * scale && (method === 'rw' || short.every(one => one <= MOST_ONE))
  }
  // The shift at which nothing falls short is met; from there on upwards.
  let shift = Math.floor(Math.min(...levels.map((level, band) => level / scale - shape[band]!)))
  while (isMet(shift + 1)) shift++
  return middle + shift
}

/** The bands a method rates of all seventeen. */
export const ratedBands = (tlDb: readonly number[], method: SoundMethod): readonly number[] =>
  method === 'rw' ? tlDb.slice(0, RATED_BANDS) : tlDb.slice(1, RATED_BANDS + 1)

const LARGEST_M2 = 1
const RELATIVE = 1e-6

/** The largest open area, nothing in any band, beside a part of which the whole still rates at least `target`: by halving, to a millionth.
 *  0 where only the closed part reaches it, 1 where a square metre does, `null` where the part alone falls short. */
export function largestGapM2(part: SoundPart, target: number, method: SoundMethod): number | null {
  const open = part.tlDb.map(() => 0)
  const rated = (gap: number): number =>
    soundRating(ratedBands(gap === 0 ? part.tlDb : compositeTl([part, { areaM2: gap, tlDb: open }]), method), method)
  if (rated(0) < target) return null
  if (rated(LARGEST_M2) >= target) return LARGEST_M2
  let [least, most] = [0, LARGEST_M2]
  for (let round = 0; round < 80 && most - least > RELATIVE * most; round++) {
    const middle = least === 0 ? most / 16 : (least + most) / 2
    if (rated(middle) >= target) least = middle
    else most = middle
    if (most < 1e-12) return 0
  }
  return least
}

/** Bands of a part known by its single figure alone: the reference's shape, where it rates just that. */
export const tlOfRating = (rw: number): readonly number[] => {
  // Two dB higher the shortfalls would come to 32, and are still allowed.
  const bands = REFERENCE.map(one => one - AT_500 + rw - 2)
  return [...bands, bands.at(-1)!]
}
