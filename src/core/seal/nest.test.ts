import { length, randomFrom, wholeFrom } from '../test/fixtures'
import { inches, type Length, ticks } from '../units/length'
import { type DrilledBar, nestDrilled, piecePitch } from './nest-drilled'
import { nestPieces } from './nest-pieces'
import { boundOf } from './pack-bars'

/** Every way to share pieces out to bars, the plain way: the fewest bars, then the longest off-cut. */
function plainly(stock: number, kerf: number, pieces: readonly number[]) {
  let best = { bars: Number.POSITIVE_INFINITY, offCut: -1 }
  const bars: number[] = []
  const put = (i: number): void => {
    if (bars.length > best.bars) return
    if (i === pieces.length) {
      const offCut = Math.max(...bars.map(used => stock - (used - kerf)))
      if (bars.length < best.bars || offCut > best.offCut) best = { bars: bars.length, offCut }
      return
    }
    for (let k = 0; k <= bars.length; k++) {
      const used = (bars[k] ?? 0) + pieces[i]! + kerf
      if (used - kerf > stock) continue
      const before = bars[k]
      bars[k] = used
      put(i + 1)
      if (before === undefined) bars.pop()
      else bars[k] = before
    }
  }
  put(0)
  return best
}

const offCutOf = (stock: number, kerf: number, pieces: readonly number[], bars: readonly (readonly number[])[]) =>
  Math.max(...bars.map(bar => stock - bar.reduce((sum, i) => sum + pieces[i]!, 0) - kerf * (bar.length - 1)))

describe('pieces out of undrilled bars', () => {
  it('are as few bars, and leave as long an off-cut, as every way tried leaves', () => {
    const random = randomFrom(41)
    const [stock, kerf] = [inches(84), inches(0, 1, 8)]
    for (let round = 0; round < 120; round++) {
      const pieces = Array.from({ length: wholeFrom(random, 1, 7) }, () =>
        ticks(wholeFrom(random, 8 * 8, 84 * 8) * 10_160),
      )
      const nest = nestPieces(stock, kerf, pieces)!
      const plain = plainly(stock, kerf, pieces)
      expect([nest.bars.length, nest.optimal]).toEqual([plain.bars, true])
      expect(offCutOf(stock, kerf, pieces, nest.bars)).toBe(plain.offCut)
      expect(nest.bars.flat().sort((a, b) => a - b)).toEqual(pieces.map((_, i) => i))
      expect(nest.lowerBound).toBeLessThanOrEqual(nest.bars.length)
    }
  })
  it('forty of three doors are proven', () => {
    const door = ['36', '80', '80', '35 7/8', '36 1/16', '12', '9 1/2', '79 15/16']
    const pieces = [...door, ...door, ...door, ...door, ...door].map(length)
    const nest = nestPieces(inches(84), inches(0, 1, 8), pieces)!
    expect(pieces).toHaveLength(40)
    expect(nest.optimal).toBe(true)
    for (const bar of nest.bars) expect(offCutOf(inches(84), inches(0, 1, 8), pieces, [bar])).toBeGreaterThanOrEqual(0)
  })
  it('of which none is there need no bar; one that is too long finds none', () => {
    expect(nestPieces(inches(84), inches(0), [])).toEqual({ bars: [], lowerBound: 0, optimal: true })
    expect(nestPieces(inches(84), inches(0), [inches(85)])).toBeNull()
  })
  it('exactly as long as the bar fill it, whatever the saw takes between two', () =>
    expect(nestPieces(inches(84), inches(0, 1, 8), [inches(84), inches(84)])!.bars).toHaveLength(2))
  it('a bound is never more than what is needed', () => {
    const random = randomFrom(7)
    for (let round = 0; round < 100; round++) {
      const sizes = Array.from({ length: wholeFrom(random, 1, 7) }, () => wholeFrom(random, 1, 100))
      expect(boundOf(sizes, 100)).toBeLessThanOrEqual(plainly(100, 0, sizes).bars)
    }
  })
})

const BAR: DrilledBar = {
  stock: inches(84),
  kerf: inches(0, 1, 8),
  first: inches(2),
  pitch: inches(8),
  count: 11,
  leastEnd: inches(0, 3, 4),
}
const drilled = (pieces: readonly Length[], bar = BAR) => {
  const nest = nestDrilled(bar, pieces)
  if ('issue' in nest) throw new Error(nest.issue)
  return nest
}

describe('pieces out of drilled bars', () => {
  it('have their holes in the middle: as many as go, at least two', () => {
    expect(piecePitch(length('40'), BAR)).toEqual({ holes: 5, end: inches(4) })
    expect(piecePitch(length('9 1/2'), BAR)).toEqual({ holes: 2, end: inches(0, 3, 4) })
    expect(piecePitch(length('9 7/16'), BAR)).toBeNull()
  })
  it('two that would fit by length need a bar each where their holes don’t', () =>
    expect(drilled([length('40'), length('40')]).bars).toHaveLength(2))
  it('take no fewer bars than by their lengths, and as few as laying them out in every order takes', () => {
    const random = randomFrom(19)
    for (let round = 0; round < 60; round++) {
      const pieces = Array.from({ length: wholeFrom(random, 1, 5) }, () =>
        ticks(wholeFrom(random, 10 * 16, 60 * 16) * 5080),
      )
      const { bars, optimal } = drilled(pieces)
      expect(optimal).toBe(true)
      expect(bars.flat().sort((a, b) => a - b)).toEqual(pieces.map((_, i) => i))
      expect(bars.length).toBeGreaterThanOrEqual(nestPieces(BAR.stock, BAR.kerf, pieces)!.bars.length)
      expect(bars.length).toBe(inEveryOrder(pieces))
    }
  })
  it('of more than ten are laid out, and said to be proven only where they are', () => {
    const { bars, optimal } = drilled(Array.from({ length: 12 }, () => inches(76)))
    expect([bars.length, optimal]).toEqual([12, true])
    const mixed = drilled(Array.from({ length: 14 }, (_, i) => ticks(inches(20) + i * 20_320)))
    expect(mixed.bars.flat().sort((a, b) => a - b)).toEqual(Array.from({ length: 14 }, (_, i) => i))
  })
  it('one that finds no place is named', () =>
    expect(nestDrilled(BAR, [inches(40), inches(9)])).toEqual({ issue: 'strip.no-place', piece: 1 }))
})

/** The fewest bars over all orders, each piece put behind the last on the same bar or on a new one. */
function inEveryOrder(pieces: readonly Length[]): number {
  let best = Number.POSITIVE_INFINITY
  const place = (left: readonly number[], reach: number | null, bars: number): void => {
    if (bars >= best) return
    if (left.length === 0) {
      best = bars
      return
    }
    for (const i of left) {
      const rest = left.filter(one => one !== i)
      const { holes, end } = piecePitch(pieces[i]!, BAR)!
      const starts = Array.from({ length: BAR.count - holes + 1 }, (_, k) => k)
      const fits = (k: number, from: number) =>
        BAR.first + k * BAR.pitch - end >= from && BAR.first + (k + holes - 1) * BAR.pitch + end <= BAR.stock
      const endAt = (k: number) => BAR.first + (k + holes - 1) * BAR.pitch + end
      const here = reach === null ? undefined : starts.find(k => fits(k, reach + BAR.kerf))
      if (here !== undefined) place(rest, endAt(here), bars)
      const anew = starts.find(k => fits(k, 0))
      if (anew !== undefined) place(rest, endAt(anew), bars + 1)
    }
  }
  place(
    pieces.map((_, i) => i),
    null,
    0,
  )
  return best
}
