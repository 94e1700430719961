import { LENGTHS } from '../trade/lengths'
import { STEPS } from '../trade/steps'
import { itemCount, itemName, MATERIAL_NAMES, takingWords } from '../words/take-off'
import { MATERIALS, STOCKED } from './catalogue/material'
import { TAKING_STEPS } from './plan/take-off'
import { keyOf, type LoadItem, type Stop, vanLoad } from './plan/van-load'
import { stopOf } from './taking'
import type { OpeningRecords } from './terms'
import { done, entry, length, stepEntry, trade } from './test/fixtures'
import { KIND_CASES, openingOf, sealed } from './test/kind-cases'

type Case = (typeof KIND_CASES)[keyof typeof KIND_CASES]

function stopFor(one: Case, more: Partial<OpeningRecords> = {}, n = 1): Stop {
  const known = trade(one.unit ? [sealed(one.unit)] : [])
  const own = { ...openingOf(one, n), ...more }
  return stopOf(done(own, known).work, own, known)
}
const loadOf = (stops: readonly Stop[], ...[van, used]: [Parameters<typeof vanLoad>[1]?, Stop['takings']?]) =>
  vanLoad(stops, van ?? null, used ?? [], LENGTHS, [])
const HINGED = KIND_CASES['a hinged outside unit']!
const item = (items: readonly LoadItem[], key: string) => items.find(one => one.key === key)

describe.each(Object.entries(KIND_CASES))('what %s takes', (name, one) => {
  const stop = stopFor(one)
  const { items, cuts } = loadOf([stop])
  const steps = new Set(
    done(openingOf(one, 1), trade(one.unit ? [sealed(one.unit)] : [])).work.fit.value.steps.map(it => it.id),
  )

  it('is taken by steps it has, each amount with its formula in words', () => {
    for (const taking of stop.takings) {
      expect(steps.has(taking.step)).toBe(true)
      for (const step of ['1/16', '1'] as const) expect(takingWords(taking, step)).toMatch(/^[^,;]*\d/)
      expect(takingWords(taking, '1/16')).not.toMatch(/undefined|null|NaN|\[object/)
      expect(taking.amount).toBeGreaterThan(0)
    }
    for (const one of items) expect(`${itemCount(one, '1/16')} ${itemName(one, '1/16')}`).toMatch(/^(≈ )?\d/)
  })
  it('is twice as much of pieces for two', () => {
    const two = loadOf([stop, stopFor(one, {}, 2)]).items
    for (const it of items.filter(it => it.measure === 'piece' && it.parts[0]!.takings.every(own => own.share === 0)))
      expect(item(two, it.key)!.count).toBe(2 * it.count)
    expect(two.map(it => it.key)).toEqual(items.map(it => it.key))
  })
  it('is nothing that belongs to another kind', () => {
    const has = (key: string) => items.some(it => it.key.startsWith(key))
    const isSet = ![
      'a storm door',
      'a steel leaf',
      'a steel frame',
      'a lock set',
      'a door that is only sealed',
      'a pair that stays',
      'a slider that stays',
    ].includes(name)
    expect([has('flat/'), has('casing')]).toEqual([isSet, isSet])
    expect(has('pan-')).toBe(isSet && name !== 'an inside door')
    expect(has('foam')).toBe(isSet && name !== 'an inside door')
    if (one.unit === null) expect(cuts.length).toBeGreaterThan(0)
  })
})

describe('the take-off of a hinged unit in a hole of 38 by 82 1/2', () => {
  const stop = stopFor(HINGED)
  const { items } = loadOf([stop])
  it('is as it is worked out by hand', () => {
    // The pan's bed: 2 × 38 in of 1/2; its lip, and two joints round 36 by 82: each with 15 %.
    const ml = (run: number, across: number) => run * (Math.PI / 4) * across ** 2 * 16.387064 * 1.15
    const sealant = stop.takings.filter(one => one.material === 'sealant')
    const bed = sealant.filter(one => one.isApart).map(one => one.amount)
    expect(bed).toEqual([expect.closeTo(ml(76, 0.5), 6)])
    const size = stopFor(HINGED).takings.find(one => one.step === 'outside-seal')!.terms[0]!.length!
    const rest = sealant.filter(one => !one.isApart).reduce((sum, one) => sum + one.amount, 0)
    expect(rest).toBeCloseTo(ml(38, 0.25) + 2 * ml(size / 81_280, 0.25), 6)
    expect(item(items, 'sealant')!.count).toBe(Math.ceil(ml(76, 0.5) / 296) + Math.ceil(rest / 296))
    expect(item(items, 'foam')!.count).toBe(1)
    // Sill 38 and twice 6 up the sides, of a roll.
    expect(stop.takings.find(one => one.material === 'flashing-tape')!.amount).toBe(length('50'))
    // Casing 3 in longer at each end; nails every 16 in, two rows.
    expect(item(items, keyOf({ material: 'casing', size: length('85 1/2') }))!.count).toBe(2)
    expect(item(items, keyOf({ material: 'casing', size: length('44') }))!.count).toBe(1)
    expect(item(items, 'finish-nail')!.count).toBe(2 * (2 * 6 + 3))
  })
  it('over a day is rounded up once, but for what lies under each sill', () => {
    const { items: four } = loadOf([1, 2, 3, 4].map(n => stopFor(HINGED, {}, n)))
    const one = item(items, 'sealant')!
    const rest = one.parts[0]!.takings.filter(it => !it.isApart).reduce((sum, it) => sum + it.amount, 0)
    expect(item(four, 'sealant')!.count).toBe(4 + Math.ceil((4 * rest) / 296))
    expect(item(four, 'sealant')!.count).toBeLessThan(4 * one.count)
  })
  it('is what is not done yet; what was left out takes nothing', () => {
    const first = done(openingOf(HINGED, 1), trade([sealed(HINGED.unit!)]))
    const panOf = first.steps.find(one => one.id === 'sill-pan')!
    const laid = stopFor(HINGED, { log: [stepEntry(panOf, 5)] })
    expect(item(loadOf([laid]).items, 'pan-cement')).toBeUndefined()
    expect(laid.takings.find(one => one.material === 'pan-cement')!.doneAt).toBe('1970-01-01T00:00:00.005Z')
    const left = stopFor(HINGED, { log: [entry('step', 'sill-pan', 'waived', 5, { text: 'none here' })] })
    expect(left.takings.some(one => one.step === 'sill-pan')).toBe(false)
  })
})

describe('the van', () => {
  const stop = stopFor(HINGED)
  const van = {
    flats: [{ thickness: length('1/8'), count: 3 }],
    wedgePairs: 0,
    others: [{ material: 'sealant', size: null, count: 9 }],
  } as const
  it('holds what was counted, less what was used since, in whole packs', () => {
    const used = stop.takings.filter(one => one.step === 'sill-pan')
    const { items } = loadOf([stop], van, used)
    const sealant = item(items, 'sealant')!
    // One tube for the bed, one begun for the lip.
    expect([sealant.held, sealant.short]).toEqual([7, 0])
    const flats = item(items, keyOf({ material: 'flat', size: length('1/8') }))!
    expect([flats.count, flats.held, flats.short]).toEqual([7, 3, 4])
    // Counted, and none of this thickness is there.
    expect(item(items, keyOf({ material: 'flat', size: length('1/16') }))!.held).toBe(0)
    // Never counted: all of it is to be fetched.
    const foam = item(items, 'foam')!
    expect([foam.held, foam.short]).toEqual([null, foam.count])
  })
  it('that nobody counted holds nothing for sure', () =>
    expect(loadOf([stop]).items.every(one => one.held === null && one.short === one.count)).toBe(true))
})

describe('the table of what steps take', () => {
  it('names steps that there are, materials that are named, stock that is material', () => {
    const ids = new Set(Object.values(STEPS).flatMap(all => all.map(one => one.id)))
    expect(TAKING_STEPS.filter(id => !ids.has(id))).toEqual([])
    expect(Object.keys(MATERIAL_NAMES)).toEqual([...MATERIALS])
    expect(STOCKED.filter(one => !MATERIALS.includes(one))).toEqual([])
  })
})
