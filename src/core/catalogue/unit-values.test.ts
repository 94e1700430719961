import { doorOfUnit } from '../doors/doors'
import { frameUnit, leafUnit, lockUnit, sliderUnit, stormUnit } from '../test/family-units'
import { unit } from '../test/fixtures'
import type { CatalogueUnit } from './unit'
import { anchorsFor, settledDetail } from './unit-values'

const detailsAsked = (one: CatalogueUnit) => doorOfUnit(one).order.details(one)
const extrasOf = (one: CatalogueUnit) => doorOfUnit(one).order.extras

describe('what an order of a unit must name', () => {
  it('of a lock set only its finish', () => expect(detailsAsked(lockUnit())).toEqual(['hinge-finish']))
  it.each([
    ['bored', unit({ bore: 'double' }), 'bore-backset', true],
    ['not bored', unit({ bore: 'none' }), 'bore-backset', false],
    ['a leaf, whose sheet has it', leafUnit(), 'bore-backset', false],
    ['glazed', sliderUnit({ glass: 'plain' }), 'glazing', true],
    ['without glass', sliderUnit({ glass: 'none' }), 'glazing', false],
    ['labelled', frameUnit({}, { labelMinutes: 20 }), 'smoke-gasket', true],
    ['without a label', frameUnit({}, { labelMinutes: 0 }), 'smoke-gasket', false],
    ['a steel frame', frameUnit(), 'anchors', true],
    ['a storm door', stormUnit(), 'frame-material', false],
  ] as const)('%s: %#', (_, one, detail, isAsked) => expect(detailsAsked(one).includes(detail)).toBe(isAsked))
  it('never asks for an extra', () => {
    for (const one of [unit(), sliderUnit(), frameUnit(), lockUnit()])
      expect(detailsAsked(one).filter(name => extrasOf(one).includes(name))).toEqual([])
    expect(extrasOf(unit())).toContain('mail-slot')
    expect(extrasOf(sliderUnit())).toEqual(['energy'])
    expect(extrasOf(lockUnit())).toEqual([])
  })
})

describe('what is ordered of a detail', () => {
  it.each([
    ['white', undefined, 'white'],
    ['white', 'green', 'white'],
    ['white|green', undefined, null],
    ['white|green', 'green', 'green'],
    ['white|green', 'red', null],
    [undefined, 'red', 'red'],
    [undefined, undefined, null],
  ])('offered %s, wished %s: %s', (offered, wished, settled) => expect(settledDetail(offered, wished)).toBe(settled))
})

describe('anchors go by the wall', () => {
  it.each([
    ['stud-straps|masonry|floor-clips', 'masonry', 'masonry'],
    ['stud-straps|masonry|floor-clips', 'wood-studs', 'stud-straps'],
    ['masonry|floor-clips', 'steel-studs', 'exposed-screws'],
    [undefined, 'masonry', 'masonry'],
    ['masonry', undefined, null],
  ])('offered %s in a wall of %s: %s', (offered, wall, anchors) => expect(anchorsFor(offered, wall)).toBe(anchors))
})
