import { FAMILIES } from '@/core/base/kinds'
import { DOORS } from '@/core/doors/doors'
import { FACT_SLOTS } from '@/core/survey/facts'
import { isSigned, SLOTS } from '@/core/survey/slots'
import { WAYS } from '@/core/survey/ways'
import { FAMILY_NAMES, WAY_NAMES } from './kinds'
import { directionWords, slotHow, slotName, slotWhy } from './walk'

describe('every question of the walk', () => {
  it.each([...SLOTS, ...FACT_SLOTS])('%s has a name, says where and how it is read, and why', question => {
    expect(slotName(question)).toMatch(/^[A-Z][^.]*$/)
    expect(slotHow(question)).toMatch(/^[A-Z].{12,}[.?]$/)
    expect(slotWhy(question)).toMatch(/^[A-Z].{8,}\.$/)
    expect(`${slotName(question)}${slotHow(question)}${slotWhy(question)}`).not.toMatch(/undefined|null/)
  })
  it('has a name of its own within a family and way', () => {
    for (const family of FAMILIES)
      for (const way of DOORS[family].survey.ways) {
        const slots = [...SLOTS.filter(slot => slot.startsWith(`${way}/`)), ...DOORS[family].survey.further]
        const names = [...slots, ...DOORS[family].survey.facts].map(slotName)
        expect(names.filter((name, i) => names.indexOf(name) !== i)).toEqual([])
      }
  })
  it.each(WAYS)('by %s says what the tape is hooked on', way => {
    expect(slotHow(`${way}/widths.bottom`)).toMatch(/Hook on .*; read at /)
    expect(slotHow(`${way}/heights.left`)).toMatch(/Hook on .*; read at /)
    expect(WAY_NAMES[way].when).toMatch(/\.$/)
  })
  it.each(SLOTS.filter(isSigned))('%s tells its two sides apart', slot => {
    const [minus, plus] = directionWords(slot)
    expect(minus).not.toBe(plus)
  })
})

it('every family says what it is', () => {
  for (const family of FAMILIES) expect(FAMILY_NAMES[family].what).toMatch(/^[A-Z].*\.$/)
})
