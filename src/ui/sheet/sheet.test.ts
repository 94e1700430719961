import { FAMILIES, type Family } from '@/core/base/kinds'
import { STAGES } from '@/core/base/stages'
import { DOORS } from '@/core/doors/doors'
import { doubtAbout as doubtOf } from '@/core/survey/doubt'
import type { Slot } from '@/core/survey/slots'
import { surveyOf } from '@/core/survey/survey'
import { readingsFor } from '@/core/survey/survey-of'
import type { Way } from '@/core/survey/ways'
import { done, length, readings, records } from '@/core/test/fixtures'
import type { DisplayStep } from '@/core/units/format-length'
import { type Length, ticks } from '@/core/units/length'
import { parseLength } from '@/core/units/parse-length'
import { doubtWords } from '@/words/readable'
import { tappable } from '../opening/names'
import { partsOf, withParts } from '../parts/keypad-text'
import { neighbourOf, nextOpen } from './selection'

const doubtAbout = (slot: Slot, value: Length, of: typeof survey, step: DisplayStep) => {
  const doubt = doubtOf(slot, value, of)
  return doubt && doubtWords(doubt, value, step)
}
const survey = surveyOf(
  'trim-off',
  readings({
    'trim-off/widths.bottom': '36',
    'trim-off/widths.middle': '36 1/8',
    'wall.left': '4 1/2',
    'pocket/widths.top': '34',
  }),
)

describe('an odd value is asked about', () => {
  it.each([
    ['trim-off/widths.top', '38 3/8', /2 1\/4 in from the others/],
    ['trim-off/widths.top', '36 5/8', /1\/2 in from the others/],
    ['trim-off/widths.top', '35 1/2', /1\/2 in from the others/],
    ['wall.right', '6 1/2', /2 in from the others/],
    ['trim-off/heights.left', '8 1/2', /unusual for a door/],
    ['trim-off/heights.left', '280', /unusual for a door/],
    ['trim-off/lean.left', '2 1/16', /a lot for a gap/],
    ['gap.head.left', '3', /a lot for a gap/],
    ['leaf.thickness', '17 1/2', /unusual for a door/],
    ['backset', '23 3/4', /unusual for a door/],
    ['bore.top', '4', /unusual for a door/],
    ['handle.height', '360', /unusual for a door/],
  ] as const)('%s %s', (slot, text, question) =>
    expect(doubtAbout(slot, length(text), survey, '1/16')).toMatch(question),
  )
  it.each([
    ['trim-off/widths.top', '36 9/16'],
    ['trim-off/widths.top', '35 9/16'],
    ['trim-off/heights.left', '82'],
    ['trim-off/lean.left', '-2'],
    ['wall.right', '4 15/16'],
    ['sill.depth', '12'],
    ['leaf.thickness', '1 3/4'],
    ['backset', '2 3/4'],
    ['hinge.2', '37'],
  ] as const)('%s %s is not', (slot, text) => expect(doubtAbout(slot, length(text), survey, '1/16')).toBeNull())
  it('not against the readings of another way', () =>
    expect(doubtAbout('pocket/widths.middle', length('34 1/4'), survey, '1/16')).toBeNull())
  it('not against itself when it is taken again', () =>
    expect(doubtAbout('pocket/widths.top', length('36'), survey, '1/16')).toBeNull())
  it('names the value as it was read, finer than the job shows', () =>
    expect(doubtAbout('trim-off/widths.top', length('1/32'), survey, '1/16')).toMatch(/^1\/32 in is /))
  it('speaks the job’s unit', () =>
    expect(doubtAbout('trim-off/widths.top', ticks(3_200_000), survey, '1')).toMatch(/1000 mm is ≈ 82 mm from/))
})

describe('the next reading', () => {
  const slots = readingsFor(DOORS['hinged-outside'].survey, 'core')
  const read = (...names: Slot[]) => surveyOf('core', readings(Object.fromEntries(names.map(name => [name, '36']))))
  it('is the first open one at the start', () => expect(nextOpen(slots, read(), null)).toBe('core/widths.bottom'))
  it('is the next open one after the last taken', () =>
    expect(nextOpen(slots, read('core/widths.middle'), 'core/widths.bottom')).toBe('core/widths.top'))
  it('comes round to what was left out', () =>
    expect(nextOpen(slots, read(...slots.slice(1)), slots.at(-1)!)).toBe(slots[0]))
  it('is none when all are taken', () => expect(nextOpen(slots, read(...slots), slots[0]!)).toBeNull())
  it('starts at the top when the last was of another list', () =>
    expect(nextOpen(slots, read(), 'gap.head.left')).toBe(slots[0]))
  it('one further or back goes round the ends', () =>
    expect([neighbourOf(slots, slots[0]!, -1), neighbourOf(slots, slots.at(-1)!, 1)]).toEqual([slots.at(-1), slots[0]]))
})

const workOn = (family: Family, way: Way) => {
  const own = records({}, { way })
  return done({ ...own, opening: { ...own.opening, family } }).work
}

describe('what can be tapped', () => {
  it('while measuring is every reading of the ladder', () => {
    for (const family of FAMILIES)
      for (const way of DOORS[family].survey.ways)
        expect([...tappable('measure', workOn(family, way), null).keys()]).toEqual([
          ...readingsFor(DOORS[family].survey, way),
        ])
  })
  it('has a name each, on every stage', () => {
    for (const stage of STAGES)
      for (const name of tappable(stage, workOn('hinged-outside', 'pocket'), null).values())
        expect(name).toMatch(/^[A-Z]\w/)
  })
})

describe('the keypad', () => {
  it.each([
    ['', { whole: '3' }, '3'],
    ['3', { whole: '36' }, '36'],
    ['36', { fraction: '3/8' }, '36 3/8'],
    ['36 3/8', { fraction: '1/16' }, '36 1/16'],
    ['36 3/8', { whole: '363' }, '363 3/8'],
    ['', { fraction: '3/8' }, '3/8'],
    ['36 3/8', { strength: '+' }, '36 3/8+'],
    ['36 3/8+', { strength: '' }, '36 3/8'],
    ['1/16', { sign: '-' }, '-1/16'],
    ['-1 1/16-', { sign: '' }, '1 1/16-'],
    ['924', { fraction: '.5' }, '924.5'],
  ])('“%s” with %p is “%s”', (draft, next, expected) => expect(withParts(draft, next)).toBe(expected))
  it('writes only what the field understands', () => {
    for (const draft of ['36', '36 3/8', '3/8', '-1/16', '36 3/8+', '36-', '-1 3/16-']) {
      expect(withParts(draft, {})).toBe(draft)
      expect(parseLength(withParts(draft, {}), { unit: 'in' }).ok).toBe(true)
    }
  })
  it('starts anew on what it does not write itself', () =>
    expect(partsOf(`3' 2"`)).toEqual({ sign: '', whole: '', fraction: '', strength: '' }))
})
