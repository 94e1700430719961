import { SOUND_RATINGS } from '../../trade/sound'
import { CONSTRUCTIONS } from '../specification/weigh-leaf'
import { done, length, records, TRUE_OPENING, trade } from '../test/fixtures'
import { GAPS } from '../test/kind-cases'
import { BANDS_HZ, compositeTl, largestGapM2, RATED_BANDS, ratedBands, soundRating, tlOfRating } from './sound'

const flat = (level: number, bands = RATED_BANDS) => Array.from({ length: bands }, () => level)
const RATINGS = [12, 20, 27, 30, 38, 45]

describe('a single figure', () => {
  it.each(RATINGS)('of a curve known by %s alone is that figure', rw => {
    const bands = tlOfRating(rw)
    expect(bands).toHaveLength(BANDS_HZ.length)
    expect(soundRating(ratedBands(bands, 'rw'), 'rw')).toBe(rw)
  })
  it('rises by a whole dB where every band does', () => {
    for (const method of ['rw', 'stc'] as const)
      for (const level of [15, 30.4, 41]) {
        const once = soundRating(flat(level), method)
        expect(soundRating(flat(level + 1), method)).toBe(once + 1)
      }
  })
  it.each([
    // Shortfalls of a flat curve under the reference: 32.0 is still allowed, a tenth more is not.
    ['rw', 2, 54],
    ['rw', 1.9, 53],
  ] as const)('by %s of the reference raised by nothing and its last two bands by %s', (method, over, rating) => {
    const reference = [33, 36, 39, 42, 45, 48, 51, 52, 53, 54, 55, 56, 56, 56, 56, 56]
    const raised = reference.map(one => one + over - 2)
    expect(soundRating(raised, method)).toBe(rating)
  })
  it('by stc never lets one band fall short by more than 8', () => {
    const dip = flat(40).map((one, band) => (band === 8 ? 20 : one))
    const rating = soundRating(dip, 'stc')
    expect(rating + 2).toBeLessThanOrEqual(20 + 8)
    expect(soundRating(dip, 'rw')).toBeGreaterThan(rating)
  })
  it('rounds a half up, by its own tenth or whole dB', () => {
    expect(soundRating(flat(30.05), 'rw')).toBe(soundRating(flat(30.1), 'rw'))
    expect(soundRating(flat(29.5), 'stc')).toBe(soundRating(flat(30), 'stc'))
  })
})

describe('parts side by side', () => {
  it('of one level are that level, whatever their areas', () => {
    const both = compositeTl([
      { areaM2: 2, tlDb: flat(30) },
      { areaM2: 0.3, tlDb: flat(30) },
    ])
    for (const one of both) expect(one).toBeCloseTo(30, 9)
  })
  it('let through what the weaker one does, by its share', () => {
    const [one] = compositeTl([
      { areaM2: 0.99, tlDb: [60] },
      { areaM2: 0.01, tlDb: [0] },
    ])
    expect(one).toBeCloseTo(20, 2)
  })
  it('a hole of nothing takes nothing', () =>
    expect(compositeTl([{ areaM2: 2, tlDb: flat(33) }])[0]).toBeCloseTo(33, 9))
})

describe('the largest gap for a figure', () => {
  const leaf = (rw: number) => ({ areaM2: 1.8, tlDb: tlOfRating(rw) })
  it.each(RATINGS.filter(one => one > 15))('of a leaf of %s still reaches it, and a hundredth more does not', rw => {
    const gap = largestGapM2(leaf(rw), rw - 3, 'rw')!
    const rated = (area: number) =>
      soundRating(ratedBands(compositeTl([leaf(rw), { areaM2: area, tlDb: flat(0, BANDS_HZ.length) }]), 'rw'), 'rw')
    expect(rated(gap)).toBeGreaterThanOrEqual(rw - 3)
    expect(rated(gap * 1.01)).toBeLessThan(rw - 3)
  })
  it('is none where the leaf alone falls short, and a square metre where that does', () => {
    expect(largestGapM2(leaf(27), 28, 'rw')).toBeNull()
    expect(largestGapM2(leaf(27), -20, 'rw')).toBe(1)
  })
})

describe('sound through a door', () => {
  const through = (gaps: { readonly [slot: string]: string }, construction: 'solid-44' | null = 'solid-44') =>
    done(records({ ...TRUE_OPENING, ...gaps }, { construction, chosen: null }), trade()).sealed.sound
  it('is said once its construction is, and a gap was read', () => {
    expect([through({}), through(GAPS, null)]).toEqual([null, null])
    const found = through(GAPS)!
    expect(found.leaf.rw).toBe(SOUND_RATINGS['solid-44'].rw)
    expect(found.open.rw).toBeLessThan(found.leaf.rw)
    expect(found.openM2).toBeGreaterThan(found.allowedM2!)
  })
  it('is worse the wider the gaps, and the leaf’s own where they are shut', () => {
    const all = (text: string) => Object.fromEntries(Object.keys(GAPS).map(slot => [slot, text]))
    const [shut, narrow, wide] = ['0', '1/32', '1/4'].map(text => through(all(text))!.open.rw)
    expect(shut).toBe(SOUND_RATINGS['solid-44'].rw)
    expect(narrow!).toBeLessThan(shut!)
    expect(wide!).toBeLessThan(narrow!)
  })
  it('3 mm under a leaf of 38 dB makes a door of about 28', () => {
    const leaf = { areaM2: 0.915 * 2.032, tlDb: tlOfRating(38) }
    const gap = { areaM2: 0.915 * 0.003, tlDb: flat(0, BANDS_HZ.length) }
    const rated = soundRating(ratedBands(compositeTl([leaf, gap]), 'rw'), 'rw')
    expect(Math.abs(rated - 28)).toBeLessThanOrEqual(1)
    expect(length('3 mm')).toBe(9600)
  })
  it('knows every construction', () => {
    for (const one of CONSTRUCTIONS) expect(SOUND_RATINGS[one].rw).toBeGreaterThan(10)
  })
})
