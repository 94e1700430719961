import { doorOfUnit } from '../doors/doors'
import { frameUnit, sliderUnit } from '../test/family-units'
import { done, records, TRUE_OPENING, trade, unit } from '../test/fixtures'
import { isOpen, makerQuestions } from './maker-questions'
import { detailsOf } from './order-line'

const ASKED = { question: 'Glass as in the photo?', answer: '' }
const AGREED = { question: 'Hinges in black?', answer: 'yes, at no charge' }
const run = (more: Parameters<typeof records>[1] = {}, chosen = unit()) =>
  done(records(TRUE_OPENING, { chosen: { unit: chosen.id, reason: '' }, ...more }), trade([chosen]))
const askedOf = (
  { of, chosen, details }: ReturnType<typeof done>,
  more: Parameters<typeof records>[1],
  isHandUnclear: boolean,
) => ({
  of: of!,
  offer: chosen!,
  details,
  questions: more?.questions ?? [],
  isHandUnclear,
})
const kindsOf = (more: Parameters<typeof records>[1], isHandUnclear: boolean, chosen = unit()) => {
  return makerQuestions(askedOf(run(more, chosen), more, isHandUnclear)).map(one =>
    one.kind === 'detail' ? one.detail : one.kind,
  )
}

describe('what is to be asked of a maker', () => {
  it('is nothing of a stock unit whose sheet says all', () => expect(kindsOf({}, false)).toEqual([]))
  it('is what its sheet leaves out, until somebody settles it; a choice of several is the customer’s', () => {
    const bare = unit({ details: { ...unit().details, sill: undefined, core: 'foam|wood' } })
    expect(kindsOf({}, false, bare)).toEqual(['sill'])
    expect(kindsOf({ details: { sill: 'oak' } }, false, bare)).toEqual([])
  })
  it('is the days of what is made to order, and how a hand’s code is read where that is not known', () => {
    expect(kindsOf({}, false, unit({ stock: false }))).toEqual(['days'])
    expect(kindsOf({}, true)).toEqual(['convention'])
  })
  it('is the installer’s own first; the answered last', () => {
    expect(kindsOf({ questions: [AGREED, ASKED] }, true)).toEqual(['own', 'convention', 'own'])
    const more = { questions: [AGREED, ASKED] }
    const all = makerQuestions(askedOf(run(more), more, true))
    expect(all.map(isOpen)).toEqual([true, true, false])
  })
})

it('an unanswered question is a risk, an answered one is on the line', () => {
  const risks = (questions: readonly (typeof ASKED)[]) => run({ questions: [...questions] }).findings.order
  expect(risks([ASKED])).toEqual(
    expect.arrayContaining([
      expect.objectContaining({ code: 'order-question-open', severity: 'watch', facts: { question: ASKED.question } }),
    ]),
  )
  expect(risks([AGREED]).map(one => one.code)).not.toContain('order-question-open')
  expect(run({ questions: [AGREED, ASKED] }).line!.agreed).toEqual([AGREED])
})

it('anchors are settled by the wall, unless somebody wished for others', () => {
  const one = frameUnit({}, { details: { anchors: 'stud-straps|masonry|floor-clips' } })
  const anchors = (wished: string | undefined, wall: string | undefined) =>
    detailsOf(
      doorOfUnit(one).order,
      one,
      { details: wished ? { anchors: wished } : {} },
      { trim: 'keep', found: wall ? { 'fact.wall-kind': wall } : {} },
    ).anchors
  expect(anchors(undefined, undefined)).toBeUndefined()
  expect(anchors(undefined, 'masonry')).toBe('masonry')
  expect(anchors('floor-clips', 'masonry')).toBe('floor-clips')
})

describe('a detail that goes by what was found', () => {
  it.each([
    ['flange|block', 'block', undefined, 'block'],
    [undefined, 'block', undefined, 'block'],
    ['flange', 'block', undefined, 'flange'],
    ['flange|block', 'block', 'flange', 'flange'],
    ['flange|block', undefined, undefined, undefined],
  ])('offered %s, found %s, wished %s: %s', (offered, found, wished, settled) => {
    const one = sliderUnit({ details: offered === undefined ? {} : { 'frame-kind': offered } })
    const facts = { trim: 'keep', found: found === undefined ? {} : { 'fact.frame-kind': found } } as const
    const wishes = { details: wished === undefined ? {} : { 'frame-kind': wished } }
    expect(detailsOf(doorOfUnit(one).order, one, wishes, facts)['frame-kind']).toBe(settled)
  })
})

it('a sill for the other swing stops the order', () => {
  const stops = (sill: string, swing: 'in' | 'out') => {
    const one = unit({ details: { ...unit().details, sill } })
    return run({ swing }, one)
      .findings.order.filter(it => it.severity === 'stop')
      .map(it => it.code)
  }
  expect(stops('low, bumper, aluminium', 'in')).toEqual(['order-sill-swing'])
  expect(stops('low, bumper, aluminium', 'out')).toEqual([])
  expect(stops('adjustable, in-swing', 'out')).toEqual(['order-sill-swing'])
  expect(stops('adjustable, aluminium', 'in')).toEqual([])
})
