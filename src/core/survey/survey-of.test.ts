import { FAMILIES } from '../base/kinds'
import { DOORS } from '../doors/doors'
import { photoSchema } from './photo'
import { viewPlace } from './photo-place'
import { isSlot } from './slots'
import { ALL_OUTSIDE, ladderFor, type Outside, readingsFor, surveyWhere } from './survey-of'

const KEPT: Outside = { trim: 'keep', isFlushOutside: false }

describe.each(FAMILIES)('what is asked of %s', family => {
  const { survey } = DOORS[family]
  const [way] = survey.ways
  it('is as its kind says where nothing outside changes', () => expect(surveyWhere(survey, KEPT)).toBe(survey))
  it('is more, never less and nothing twice, by what becomes of its outside', () => {
    const all = surveyWhere(survey, ALL_OUTSIDE)
    const [few, many] = [ladderFor(survey, way!), ladderFor(all, way!)]
    expect(many.filter(one => few.includes(one))).toEqual(few)
    expect(new Set(many).size).toBe(many.length)
    for (const slot of readingsFor(all, way!)) expect(isSlot(slot)).toBe(true)
  })
  it('begins with a picture of the door, each view once', () => {
    expect(survey.views[0]).toBe('door')
    expect(new Set(survey.views).size).toBe(survey.views.length)
  })
})

describe('what is asked besides', () => {
  const hinged = DOORS['hinged-outside'].survey
  const added = (outside: Outside) => {
    const all = surveyWhere(hinged, outside).further
    return all.filter(one => !hinged.further.includes(one))
  }
  it.each([
    [
      { trim: 'strip', isFlushOutside: false },
      ['mould.width.bottom', 'mould.width.middle', 'mould.width.top', 'mould.height'],
    ],
    [{ trim: 'keep', isFlushOutside: true }, ['siding.plane']],
    [{ trim: 'keep', isFlushOutside: false }, []],
  ] as const)('with %j', (outside, slots) => expect(added(outside)).toEqual(slots))
  it('is not asked twice of a kind that asks it anyway', () => {
    const slider = surveyWhere(DOORS.slider.survey, ALL_OUTSIDE).further
    expect(slider.filter(one => one === 'siding.plane')).toHaveLength(1)
  })
})

describe('what a photo belongs to', () => {
  const photo = (slot: unknown) =>
    photoSchema.safeParse({
      id: '01900000-0000-7000-8000-000000000001',
      slot,
      width: 10,
      height: 10,
      note: '',
      takenBy: 'Ida Marlow',
      takenAt: '2026-01-01T00:00:00.000Z',
    }).success
  it.each([
    [viewPlace('lock-edge'), true],
    ['view.roof', false],
    ['view.', false],
    ['condition.left-leg', true],
    ['condition.', false],
    ['step.tip-in', true],
    ['wall.left', true],
    ['delivery', true],
    [null, true],
    ['anything', false],
  ])('%s: %s', (slot, isTaken) => expect(photo(slot)).toBe(isTaken))
})
