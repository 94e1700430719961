import { FAMILIES } from '@/core/base/kinds'
import { DOORS } from '@/core/doors/doors'
import { FACT_SLOTS } from '@/core/survey/facts'
import { isSigned, SLOTS } from '@/core/survey/slots'
import { WAYS } from '@/core/survey/ways'
import { done, records, TRUE_OPENING, trade } from '@/core/test/fixtures'
import { findingWords } from './findings'
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

describe('a direction that is tapped', () => {
  /** What is found when the word on this side is tapped at both legs, the other side at the right one. */
  const found = (side: 'minus' | 'plus') => {
    const sign = side === 'minus' ? '-' : ''
    const other = side === 'minus' ? '' : '-'
    const texts = { ...TRUE_OPENING, 'through.left': `${sign}3/16`, 'through.right': `${other}3/16` }
    const { findings } = done(records(texts), trade())
    return findingWords(findings.diagnose.find(one => one.code === 'twist')!, '1/16').why
  }
  it.each([
    ['minus', 'top out', /outside the plumb left leg/],
    ['plus', 'top in', /inside the plumb left leg/],
  ] as const)('%s at a lean through the wall is “%s”, and is said so of the wall', (side, word, sentence) => {
    expect(directionWords('through.left')[side === 'minus' ? 0 : 1]).toBe(word)
    expect(found(side)).toMatch(sentence)
  })
})
