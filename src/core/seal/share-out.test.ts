import { randomFrom, wholeFrom } from '../base/random'
import type { Length } from '../units/length'
import { ticks } from '../units/length'
import { pack } from './pack-bars'
import { shareOut } from './share-out'

const ROOM = 100
const holder = (size: number) => ({
  places: (all: readonly Length[]) => (all.reduce((sum, one) => sum + one, 0) <= size ? all.map(() => 0) : null),
})
const share = (sizes: readonly number[], offs: readonly number[]) => {
  const all = sizes.map(one => ticks(one))
  return shareOut(all, offs.map(holder), rest =>
    pack(
      rest.map(i => all[i]!),
      ROOM,
    ),
  )
}

/** The fewest new bars over every way to put pieces into off-cuts or not. */
function fewest(sizes: readonly number[], offs: readonly number[]): number {
  let best = Number.POSITIVE_INFINITY
  const go = (i: number, left: readonly number[], rest: readonly number[]): void => {
    if (i === sizes.length) {
      best = Math.min(best, pack(rest, ROOM).bars.length)
      return
    }
    go(i + 1, left, [...rest, sizes[i]!])
    for (const [k, room] of left.entries()) if (sizes[i]! <= room) go(i + 1, left.with(k, room - sizes[i]!), rest)
  }
  go(0, offs, [])
  return best
}

describe('pieces shared out to off-cuts and bars', () => {
  it('take as few new bars as any way there is, on two hundred made-up visits', () => {
    const random = randomFrom(11)
    let saved = 0
    for (let i = 0; i < 200; i++) {
      const sizes = Array.from({ length: wholeFrom(random, 1, 6) }, () => wholeFrom(random, 15, 95))
      const offs = Array.from({ length: wholeFrom(random, 0, 3) }, () => wholeFrom(random, 20, 90))
      const { held, rest, nest, optimal } = share(sizes, offs)
      expect([i, nest.bars.length, optimal]).toEqual([i, fewest(sizes, offs), true])
      const all = [...held.flat(), ...rest].sort((a, b) => a - b)
      expect(all).toEqual(sizes.map((_, k) => k))
      for (const [k, own] of held.entries())
        expect(own.reduce((sum, one) => sum + sizes[one]!, 0)).toBeLessThanOrEqual(offs[k]!)
      saved += pack(sizes, ROOM).bars.length - nest.bars.length
    }
    expect(saved).toBeGreaterThan(40)
  })
  it('of many pieces and off-cuts ends, and says where it was not proven', () => {
    const random = randomFrom(3)
    const sizes = Array.from({ length: 30 }, () => wholeFrom(random, 15, 60))
    const found = share(sizes, [40, 55, 63, 70, 80])
    expect([...found.held.flat(), ...found.rest]).toHaveLength(30)
    expect(found.nest.bars.length).toBeLessThanOrEqual(pack(sizes, ROOM).bars.length)
    expect(found.optimal).toBe(false)
  })
  it('where there is nothing left over are only nested', () => {
    expect(share([60, 60], [])).toMatchObject({ held: [], rest: [0, 1], optimal: true })
    expect(share([], [50])).toMatchObject({ held: [[]], nest: { bars: [] }, optimal: true })
  })
})
