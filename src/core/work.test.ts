import { sideGapsAt } from './opening/place-unit'
import { done, randomFrom, readings, records, TRUE_OPENING, trade, unit, wholeFrom } from './test/fixtures'
import { formatLength } from './units/format-length'
import { inches, largestOf, plus, ticks } from './units/length'

const CHOSEN = { chosen: { unit: unit().id, reason: '' } }

/** A slightly crooked opening, as readings in sixty-fourths. */
function crooked(seed: number): { readonly [slot: string]: string } {
  const random = randomFrom(seed)
  return Object.fromEntries(
    Object.entries(TRUE_OPENING).map(([slot, text]) => [
      slot,
      /lean|bow|fall|crown/.test(slot) ? formatLength(ticks(wholeFrom(random, -8, 8) * 1270), '1/64') : text,
    ]),
  )
}

/** The same opening seen in a mirror: left and right change places, and what has a direction its sign. */
function mirrored(texts: { readonly [slot: string]: string }): { readonly [slot: string]: string } {
  const turn = (name: string) =>
    name.replace(
      /left|right|Left|Right/g,
      side => ({ left: 'right', right: 'left', Left: 'Right', Right: 'Left' })[side]!,
    )
  const negate = (text: string) => (text === '0' ? text : text.startsWith('-') ? text.slice(1) : `-${text}`)
  return Object.fromEntries(
    Object.entries(texts).map(([slot, text]) => [turn(slot), /lean|bow|fall/.test(slot) ? negate(text) : text]),
  )
}

const run = (texts: { readonly [slot: string]: string }, wished = {}): ReturnType<typeof done> =>
  done({ ...records(texts, { ...CHOSEN, ...wished }), readings: readings(texts) }, trade())

const roomOf = ({ chosen }: ReturnType<typeof done>) => chosen!.placement!.sideRoom

describe('for seeded openings', () => {
  it.each([1, 2, 3, 4, 5, 6, 7, 8, 9, 10])('the mirror image gets the mirrored packs (seed %p)', seed => {
    const texts = crooked(seed)
    const plain = run(texts, { hinges: 'left' })
    const turned = run(mirrored(texts), { hinges: 'right' })
    plain.shims!.points.forEach((one, i) => {
      expect(Math.abs(one.gap - turned.shims!.points[i]!.gap)).toBeLessThanOrEqual(3)
      expect(turned.shims!.points[i]!.member).not.toBe(one.member)
    })
    expect(Math.abs(roomOf(plain) - roomOf(turned))).toBeLessThanOrEqual(3)
  })
  it.each([11, 12, 13, 14, 15])('both gaps and the unit fill the opening at every height (seed %p)', seed => {
    const all = run(crooked(seed))
    const { points } = all.hole!
    const heights = [7, 40, 73].map(inch => inches(inch))
    const gaps = sideGapsAt(points, all.chosen!.placement!, unit().width, heights)
    expect(gaps).toHaveLength(3)
    for (const { left, right } of gaps) {
      const width = left + unit().width + right
      const between = largestOf([points.R0.x, points.R1.x, points.R2.x]) + inches(1)
      expect(width).toBeLessThan(between)
      expect(Math.min(left, right)).toBeGreaterThanOrEqual(Math.floor(roomOf(all) / 2) - 1)
    }
  })
  it.each([21, 22, 23])('a unit never bears lower than the highest point of the sill (seed %p)', seed => {
    const { placement } = run(crooked(seed)).chosen!
    expect(Math.min(...placement!.sillSupport)).toBeGreaterThanOrEqual(-1)
  })
  it.each([31, 32, 33])('a width an inch wider gives an inch more room (seed %p)', seed => {
    const texts = crooked(seed)
    const wider = readings(texts)
      .map(one => (/widths/.test(one.slot) ? { ...one, value: plus(one.value, inches(1)) } : one))
      .filter(one => !/diagonals/.test(one.slot))
    const base = readings(texts).filter(one => !/diagonals/.test(one.slot))
    const room = (all: typeof base) =>
      done({ ...records(texts, CHOSEN), readings: all }, trade()).chosen!.placement!.sideRoom
    expect(Math.abs(room(wider) - room(base) - inches(1))).toBeLessThanOrEqual(3)
  })
})

describe('a stage that can’t run', () => {
  it('without readings leaves all to its right empty', () =>
    expect(run({})).toMatchObject({
      model: null,
      hole: null,
      offers: [],
      chosen: null,
      shims: null,
      line: null,
      specification: { unit: null, jamb: null },
    }))
  it('without readings seals by the margins that are wanted, and says so', () =>
    expect(new Set(run({}).seals!.edges.map(one => one.expected))).toEqual(new Set(['wanted'])))
  it('without a hinge side plans no shims', () => expect(run(TRUE_OPENING, { hinges: null }).shims).toBeNull())
  it('without a choice places nothing', () =>
    expect(run(TRUE_OPENING, { chosen: null })).toMatchObject({ chosen: null, shims: null, standing: null }))
  it('with a choice that left the catalogue places nothing', () =>
    expect(
      run(TRUE_OPENING, { chosen: { unit: '01900000-0000-7000-8000-00000000dead', reason: '' } }).chosen,
    ).toBeNull())
})

it('the same records give the same result, to the letter', () => {
  const own = records(TRUE_OPENING, CHOSEN)
  expect(JSON.stringify(done(own, trade()))).toBe(JSON.stringify(done(own, trade())))
})

it('by the pocket, the hole is taken as large as the rough opening and called assumed', () => {
  const result = run(
    { 'pocket/widths.middle': '36', 'pocket/heights.left': '81', 'wall.left': '4 1/2' },
    { way: 'pocket' },
  )
  expect(result.holeIsAssumed).toBe(true)
  expect(result.hole!.points.R2).toEqual({ x: inches(38), y: inches(82, 1, 4) })
})

describe('between blocks', () => {
  const texts = {
    'masonry/widths.bottom': '39 1/2',
    'masonry/widths.top': '39 1/2',
    'masonry/heights.left': '82 1/2',
    'masonry/heights.right': '82 1/2',
    'wall.left': '4 1/2',
  }
  it('the unit stands inside the bucks, with the room it was derived with', () => {
    const { specification, chosen } = run(texts, { way: 'masonry' })
    expect(specification.unit!.width.value).toBe(unit().width)
    expect(chosen!.placement!.sideRoom).toBe(inches(0, 1, 2))
    expect(chosen!.verdict).toBe('fits')
  })
  it('a thinner buck gives its room to the sides', () =>
    expect(run(texts, { way: 'masonry', allowances: { buck: inches(0, 1, 2) } }).chosen!.placement!.sideRoom).toBe(
      inches(1),
    ))
  it('the blocks themselves are what is diagnosed and drawn while measuring', () =>
    expect(run(texts, { way: 'masonry' }).model!.adjusted.points.R0.x).toBe(inches(39, 1, 2)))
})
