import { randomFrom, wholeFrom } from '../base/random'
import { inches, type Length, nearestTick, ticks } from '../units/length'
import {
  ADJUSTERS,
  type Adjuster,
  FIXED_REVEALS,
  innerOf,
  isThere,
  lineThrough,
  type Move,
  movedBy,
  predictReveals,
  REVEALS,
  type RevealName,
} from './reveals'
import { hingeTurns, rollerLift } from './small-sums'
import type { TuneInput } from './tune-model'
import { tuneReveals } from './tune-reveals'

const EVEN = Object.fromEntries(REVEALS.map(name => [name, inches(0, 1, 8)])) as Record<RevealName, Length>
const limitsOf = (least: number, most: number) =>
  Object.fromEntries(ADJUSTERS.map(one => [one, [least, most]])) as unknown as TuneInput['limits']
const input = (more: Partial<TuneInput> = {}): TuneInput => ({
  leaf: { width: inches(36), height: inches(80) },
  hinges: { bottom: inches(10), inner: [inches(40)], top: inches(70) },
  reveals: EVEN,
  aims: EVEN,
  tolerance: inches(0, 1, 32),
  bind: inches(0, 1, 32),
  step: inches(0, 1, 32),
  limits: limitsOf(-12, 12),
  evenOut: false,
  ...more,
})
const margins = (more: Partial<Record<RevealName, Length>>) => ({ ...EVEN, ...more })
const ALIKE = inches(0, 1, 128)

/** Worst miss, sum of misses, touched and steps of moves, worked out from the prediction alone; `null` where they bind. */
function judged(given: TuneInput, moves: readonly Move[]) {
  const { reveals, bind } = predictReveals(given, given.reveals, moves, given.step)
  if (bind !== null && Math.abs(bind) > given.bind + 1) return null
  const misses = REVEALS.filter(name => reveals[name] !== undefined && !FIXED_REVEALS.has(name)).map(name =>
    Math.max(0, Math.abs(reveals[name]! - given.aims[name]) - given.tolerance),
  )
  const used = moves.filter(one => one.steps !== 0)
  return {
    worst: Math.max(0, ...misses),
    sum: misses.reduce((total, one) => total + one, 0),
    touched: used.length,
    steps: used.reduce((total, one) => total + Math.abs(one.steps), 0),
  }
}

/** Every way to move within the limits, tried one by one. */
function exhaustive(given: TuneInput) {
  let ways: readonly (readonly Move[])[] = [[]]
  for (const adjuster of ADJUSTERS) {
    const [least, most] = given.limits[adjuster]
    const steps = Array.from({ length: most - least + 1 }, (_, i) => least + i)
    ways = ways.flatMap(before => steps.map(one => (one === 0 ? before : [...before, { adjuster, steps: one }])))
  }
  const all = ways.flatMap(moves => judged(given, moves) ?? [])
  if (all.length === 0) return null
  const worst = Math.min(...all.map(one => one.worst))
  const near = all.filter(one => one.worst <= worst + ALIKE + 2)
  const sum = Math.min(...near.map(one => one.sum))
  const kept = given.evenOut ? near.filter(one => one.sum <= sum + ALIKE + 4) : near
  const touched = Math.min(...kept.map(one => one.touched))
  return { worst, sum, touched, steps: Math.min(...kept.filter(one => one.touched === touched).map(one => one.steps)) }
}

describe('the moves that even the margins out', () => {
  it('are none where they are even', () => {
    expect(tuneReveals(input())).toMatchObject({ moves: [], worstMiss: 0, touched: 0, steps: 0, leafLow: 0 })
  })
  it('never blame an adjuster for what none can move: it tells how high the leaf hangs', () => {
    const tuned = tuneReveals(input({ reveals: margins({ 'head.hinge': inches(0, 1, 4) }) }))
    expect(tuned).toMatchObject({ moves: [], worstMiss: 0, leafLow: inches(0, 1, 8) })
  })
  it('are none where nothing that can be moved was read', () => {
    expect(tuneReveals(input({ reveals: { 'head.hinge': inches(1) }, limits: limitsOf(2, 3) }))).toMatchObject({
      moves: [],
      worstMiss: 0,
    })
  })
  it('are not said where every way binds', () => {
    const limits = { ...limitsOf(0, 0), 'card.middle': [9, 9] as const }
    expect(tuneReveals(input({ limits }))).toBeNull()
  })
  it('stand in working order: hinges from the top down, the foot, the strike', () => {
    const tuned = tuneReveals(
      input({
        reveals: margins({
          'hinge.top': inches(0, 1, 4),
          'hinge.bottom': ticks(0),
          'strike.top': ticks(0),
          'head.strike': ticks(0),
        }),
        tolerance: ticks(0),
      }),
    )!
    const order = tuned.moves.map(one => ADJUSTERS.indexOf(one.adjuster))
    expect(order.length).toBeGreaterThan(2)
    expect(order).toEqual([...order].sort((a, b) => a - b))
  })
  it('count an adjuster that can’t be left alone as touched', () => {
    const limits = { ...limitsOf(-12, 12), foot: [1, 3] as const }
    expect(tuneReveals(input({ limits }))).toMatchObject({ moves: [{ adjuster: 'foot', steps: 1 }], touched: 1 })
  })
  it('a leaf on two hinges binds on none and has no adjuster between', () => {
    const hinges = { bottom: inches(10), inner: [], top: inches(70) }
    const limits = { ...limitsOf(-12, 12), 'card.middle': [0, 0] as const, 'pack.middle': [0, 0] as const }
    const reveals = margins({ 'hinge.top': inches(0, 1, 4), 'strike.top': ticks(0) })
    const tuned = tuneReveals(input({ hinges, limits, reveals }))!
    expect(tuned.moves.some(one => innerOf(one.adjuster) !== null)).toBe(false)
    expect(predictReveals(input({ hinges }), reveals, tuned.moves, inches(0, 1, 32)).bind).toBeNull()
    expect(tuned.touched).toBeGreaterThan(0)
    expect(tuned.worstMiss).toBeLessThan(inches(0, 3, 64))
  })
  it.each([
    { doors: 200, of: 'two or three hinges', inner: [40], two: 0.2 },
    { doors: 120, of: 'four hinges', inner: [52, 28], two: 0 },
    { doors: 60, of: 'five hinges', inner: [56, 40, 24], two: 0 },
  ])('are the best of all there are, on $doors small doors on $of tried every way', ({ doors, inner, two }) => {
    const random = randomFrom(7)
    const pick = <T>(all: readonly T[]): T => all[wholeFrom(random, 0, all.length - 1)]!
    let moved = 0
    for (let i = 0; i < doors; i++) {
      const hinges = {
        bottom: inches(wholeFrom(random, 6, 12)),
        inner: random() < two ? [] : inner.map(one => inches(one + wholeFrom(random, -5, 5))),
        top: inches(wholeFrom(random, 66, 74)),
      }
      const there = ADJUSTERS.filter(one => isThere(hinges, one))
      const open = new Set<Adjuster>(Array.from({ length: 5 }, () => pick(there)))
      const range = (): readonly [number, number] =>
        pick([
          [-1, 1],
          [-2, 1],
          [0, 2],
          [1, 2],
          [-1, 2],
        ] as const)
      const limits = Object.fromEntries(
        ADJUSTERS.map(one => [one, open.has(one) ? range() : [0, 0]]),
      ) as unknown as TuneInput['limits']
      const reveals = Object.fromEntries(
        REVEALS.filter(() => random() > 0.15).map(name => [name, inches(0, wholeFrom(random, 0, 16), 64)]),
      )
      const given = input({
        limits,
        reveals,
        hinges,
        tolerance: inches(0, wholeFrom(random, 0, 3), 64),
        evenOut: random() < 0.4,
      })
      if (!REVEALS.some(name => given.reveals[name] !== undefined && !FIXED_REVEALS.has(name))) continue
      const [best, tuned] = [exhaustive(given), tuneReveals(given)]
      if (best === null || tuned === null) {
        expect([i, tuned]).toEqual([i, best])
        continue
      }
      const again = judged(given, tuned.moves)!
      expect([i, again.touched, again.steps]).toEqual([i, tuned.touched, tuned.steps])
      expect(Math.abs(tuned.worstMiss - again.worst)).toBeLessThanOrEqual(1)
      expect(again.worst).toBeLessThanOrEqual(best.worst + ALIKE + 2)
      if (given.evenOut) expect(again.sum).toBeLessThanOrEqual(best.sum + ALIKE + 4)
      expect([i, tuned.touched, tuned.steps]).toEqual([i, best.touched, best.steps])
      moved += tuned.touched
    }
    expect(moved).toBeGreaterThan(doors / 2)
  })
})

describe('several hinges', () => {
  const four = {
    leaf: { width: inches(36), height: inches(96) },
    hinges: { top: inches(88), inner: [inches(62), inches(36)], bottom: inches(10) },
  }
  it('each binds by itself: a card at one alone stands off the line, one at all of them on it', () => {
    const card = (adjuster: Adjuster): Move => ({ adjuster, steps: 1 })
    expect(movedBy(four, [card('card.2')], ticks(90)).binds).toEqual([90, 0])
    const tops = movedBy(four, [card('card.top')], ticks(90)).binds
    expect(tops.map(one => Math.round(one))).toEqual([-60, -30])
    const all = (['card.top', 'card.2', 'card.3', 'card.bottom'] as const).map(card)
    expect(movedBy(four, all, ticks(90)).binds.map(one => Math.round(one))).toEqual([0, 0])
  })
  it('a jamb runs straight from pack to pack, and on beyond the outer ones', () => {
    const points = [
      [30, 3],
      [20, 1],
      [10, 5],
    ] as const
    expect([40, 30, 25, 20, 15, 10, 0].map(y => lineThrough(points, y))).toEqual([5, 3, 2, 1, 3, 5, 9])
  })
})

describe('the prediction', () => {
  it('of one move after another is that of both at once', () => {
    const first: Move = { adjuster: 'card.top', steps: 2 }
    const second: Move = { adjuster: 'strike.top', steps: -1 }
    const step = inches(0, 1, 32)
    const once = predictReveals(input(), EVEN, [first, second], step).reveals
    const twice = predictReveals(input(), predictReveals(input(), EVEN, [first], step).reveals, [second], step).reveals
    for (const name of REVEALS) expect(Math.abs(once[name]! - twice[name]!)).toBeLessThanOrEqual(1)
  })
  it('packing all hinges alike moves leaf and jamb together: only the strike side closes', () => {
    const moves = (['pack.top', 'pack.middle', 'pack.bottom'] as const).map(adjuster => ({ adjuster, steps: 2 }))
    const { reveals, bind } = predictReveals(input(), EVEN, moves, inches(0, 1, 32))
    expect(bind).toBe(0)
    for (const name of REVEALS)
      expect([name, reveals[name]]).toEqual([name, name.startsWith('strike') ? inches(0, 1, 16) : inches(0, 1, 8)])
  })
})

describe('a roller and a set screw', () => {
  it('are turned by what is missing', () => {
    expect(rollerLift(inches(0, 1, 2), inches(0, 1, 4), inches(80), inches(32))).toBe(nearestTick(81_280 / 10))
    expect(hingeTurns(inches(0, 1, 16), inches(0, 1, 16))).toBe(1)
    expect(hingeTurns(ticks(-9600), ticks(4000))).toBe(-2.375)
  })
})
