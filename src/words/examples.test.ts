import { FAMILIES } from '@/core/base/kinds'
import { DOORS } from '@/core/doors/doors'
import { canMeasure, UNIT_READINGS } from '@/core/order/receipt-values'
import { canBeRead } from '@/core/survey/readable'
import { isSigned, kindOfSlot, placeOf } from '@/core/survey/slots'
import { readingsFor } from '@/core/survey/survey-of'
import { parseLength } from '@/core/units/parse-length'
import { exampleOf, exampleOfDelivered } from './examples'

const SLOTS = [
  ...new Set(
    FAMILIES.flatMap(family => DOORS[family].survey.ways.flatMap(way => readingsFor(DOORS[family].survey, way))),
  ),
]
const read = (text: string, unit: 'in' | 'mm') => {
  const typed = parseLength(text, { unit })
  if (!typed.ok) throw new Error(`${text} can’t be read`)
  return typed.value.ticks
}

it.each(SLOTS)('%s: its example can be read there, and is the same in both units within 1 mm', slot => {
  const [inch, metric] = [read(exampleOf(slot, 'in'), 'in'), read(exampleOf(slot, 'mm'), 'mm')]
  expect([canBeRead(slot, inch), canBeRead(slot, metric)]).toEqual([true, true])
  expect(Math.abs(inch - metric)).toBeLessThanOrEqual(3200)
})
it.each(UNIT_READINGS)('of a delivered unit, %s: the same in both units, and a length it can have', place => {
  const [inch, metric] = [read(exampleOfDelivered(place, 'in'), 'in'), read(exampleOfDelivered(place, 'mm'), 'mm')]
  expect(canMeasure(place, inch)).toBe(true)
  expect(Math.abs(inch - metric)).toBeLessThanOrEqual(3200)
})
it('is near what is read there: no width stands for a height, a thickness or a backset', () => {
  const sizes = SLOTS.filter(slot => exampleOf(slot, 'in') === '36 3/8')
  for (const slot of sizes) {
    expect(isSigned(slot)).toBe(false)
    expect([placeOf(slot), /^(widths|leaf|mould)$/.test(kindOfSlot(slot))]).toEqual([placeOf(slot), true])
    expect(placeOf(slot)).not.toMatch(/thickness|height|face|proud/)
  }
})
