import { FAMILIES } from '../base/kinds'
import { DOORS } from '../doors/doors'
import type { Hung } from '../fit/fitted'
import { marginSlots } from '../fit/hanging'
import type { Answer } from '../survey/answer'
import type { FactSlot } from '../survey/facts'
import { entry, fact, LENGTHS, length, reading } from '../test/fixtures'
import { testsOf } from '../test/tests-request'
import { REVEALS } from '../tuning/reveals'
import { inches } from '../units/length'
import type { PlannedTest } from './plan-tests'

const at = (minute: number) => new Date(Date.UTC(2026, 11, 1, 8, minute)).toISOString()
const ms = (minute: number) => Date.parse(at(minute))
const HANGING: Hung['hanging'] = {
  id: 'one',
  hinges: 'left',
  leaf: { width: inches(35, 3, 4), height: inches(79, 1, 8) },
  hingeMiddles: [inches(70), inches(40), inches(10)],
  isLabelledTimber: false,
  meets: false,
  isPassive: false,
  screws: null,
}
/** A hung leaf with these margins; what was moved since stands otherwise than it was read. */
const hungBy = (texts: Readonly<Record<string, string>>, moved: Readonly<Record<string, string>> = {}): Hung => ({
  hanging: HANGING,
  margins: {
    states: REVEALS.flatMap(name =>
      texts[name] === undefined
        ? []
        : [
            {
              name,
              slot: marginSlots(HANGING)[name]!,
              first: length(texts[name]),
              read: length(texts[name]),
              at: at(0),
              now: length(moved[name] ?? texts[name]),
              expected: null,
            },
          ],
    ),
    moves: [],
    isStale: false,
  },
})
const EVEN = Object.fromEntries(REVEALS.map(name => [name, name.startsWith('sill') ? '3/8' : '1/8']))
const readOf = (
  texts: Readonly<Record<string, string>>,
  occasion: 'tuned' | 'hand-over' | 'survey' = 'tuned',
  minute = 0,
) =>
  REVEALS.flatMap(name =>
    texts[name] === undefined
      ? []
      : [reading(marginSlots(HANGING)[name]!, texts[name], { occasion, takenAt: at(minute) })],
  )
const only = (id: string, tests: readonly PlannedTest[]) => tests.find(one => one.id === id)!
const verdicts = (test: PlannedTest) => test.parts.map(one => one.verdict)

describe('margins round the leaf', () => {
  const of = ['margins']
  it('are ten, each read by itself, and even within what tuning aims at', () => {
    const { value, findings } = testsOf({ of, hung: [hungBy(EVEN)], readings: readOf(EVEN) })
    expect(verdicts(only('margins', value.tests))).toEqual(Array(10).fill('passed'))
    expect(findings).toEqual([])
  })
  it.each([
    ['5/32', 'passed'],
    ['11/64', 'failed'],
    ['3/32', 'passed'],
    ['5/64', 'failed'],
  ])('%s at the strike: %s', (text, verdict) => {
    const texts = { ...EVEN, 'strike.middle': text }
    const { value } = testsOf({ of, hung: [hungBy(texts)], readings: readOf(texts) })
    expect(only('margins', value.tests).verdict).toBe(verdict)
  })
  it('hold the strike end of the head against its hinge end, as tuning does', () => {
    const texts = { ...EVEN, 'head.hinge': '5/32', 'head.strike': '3/16' }
    const { findings } = testsOf({ of, hung: [hungBy(texts)], readings: readOf(texts) })
    expect(findings).toEqual([])
    const low = { ...EVEN, 'head.strike': '3/16' }
    expect(testsOf({ of, hung: [hungBy(low)], readings: readOf(low) }).findings).toMatchObject([
      { code: 'test-out-of-range', cures: [{ code: 'margins.tune' }, { code: 'test.again' }] },
    ])
  })
  it('are open where they were not read, were moved since, or foam came after', () => {
    const { 'strike.top': _, ...some } = EVEN
    const openIn = (more: Parameters<typeof testsOf>[0]) =>
      verdicts(only('margins', testsOf(more).value.tests)).filter(one => one === 'open').length
    expect(openIn({ of, hung: [hungBy(some)], readings: readOf(some) })).toBe(1)
    expect(openIn({ of, hung: [hungBy(EVEN, { 'strike.top': '5/32' })], readings: readOf(EVEN) })).toBe(1)
    const foam = [entry('step', 'foam', 'done', ms(10))]
    expect(openIn({ of, hung: [hungBy(EVEN)], readings: readOf(EVEN), log: foam })).toBe(10)
    expect(openIn({ of, hung: [hungBy(EVEN)], readings: readOf(EVEN, 'hand-over', 20), log: foam })).toBe(0)
  })
  it('of the old leaf count for nothing', () => {
    const { value } = testsOf({ of, hung: [hungBy(EVEN)], readings: readOf(EVEN, 'survey') })
    expect(only('margins', value.tests).verdict).toBe('open')
  })
  it('are one worst difference while nobody knows how the leaf hangs', () => {
    const log = [entry('test', 'margins', 'passed', ms(1), { value: { length: length('1/16') } })]
    const { value } = testsOf({ of, log })
    expect(only('margins', value.tests)).toMatchObject({ verdict: 'failed', parts: [{ point: null }] })
  })
  it('at a place nobody can reach are waived with the reason, until it is read after all', () => {
    const { 'strike.top': _, ...some } = EVEN
    const log = [entry('test', 'margins/gap.right.top', 'waived', ms(5), { text: 'A cupboard stands there.' })]
    const test = only('margins', testsOf({ of, hung: [hungBy(some)], readings: readOf(some), log }).value.tests)
    expect([test.verdict, test.parts.find(one => one.point === 'gap.right.top')!.verdict]).toEqual(['passed', 'waived'])
    const late = readOf({ 'strike.top': '1/4' }, 'hand-over', 9)
    const read = testsOf({
      of,
      hung: [hungBy({ ...some, 'strike.top': '1/4' })],
      readings: [...readOf(some), ...late],
      log,
    })
    expect(only('margins', read.value.tests).verdict).toBe('failed')
  })
})

describe('what was noted as a whole', () => {
  it('before tests were made place by place stands; after, the places are asked', () => {
    const noted = (day: string) =>
      only(
        'stays-open',
        testsOf({
          of: ['stays-open'],
          log: [entry('test', 'stays-open', 'passed', Date.parse(`${day}T10:00:00.000Z`))],
        }).value.tests,
      ).verdict
    expect([noted('2026-11-27'), noted('2026-11-29')]).toEqual(['passed', 'open'])
  })
  it.each(FAMILIES)('%s: no test with a limit passes without its figure', family => {
    const { tests } = testsOf({ of: DOORS[family].tests, where: new Set(['accessible', 'label', 'closer']) }).value
    const limited = tests.filter(one => one.limit && !one.points)
    const log = limited.map(one => entry('test', one.id, 'passed', ms(1)))
    const after = testsOf({ of: DOORS[family].tests, where: new Set(['accessible', 'label', 'closer']), log }).value
      .tests
    expect(limited.length > 0).toBe(family !== 'seal-slider')
    for (const { id } of limited) expect([id, only(id, after).verdict]).toEqual([id, 'open'])
  })
})

describe('a door let go at three angles', () => {
  const note = (angle: string, result: 'passed' | 'failed', minute = 1) =>
    entry('test', `stays-open/${angle}`, result, ms(minute))
  it('passes once each was tried; one that swings is a finding until it stays', () => {
    const of = ['stays-open']
    const verdict = (...log: ReturnType<typeof note>[]) => only('stays-open', testsOf({ of, log }).value.tests).verdict
    expect(verdict(note('30', 'passed'), note('60', 'passed'))).toBe('open')
    const swings = [note('30', 'passed'), note('60', 'passed'), note('90', 'failed')]
    expect(verdict(...swings)).toBe('failed')
    expect(testsOf({ of, log: swings }).findings).toMatchObject([
      { code: 'test-part-failed', facts: { point: '90' }, cures: [{ code: 'step.again' }, { code: 'test.again' }] },
    ])
    expect(verdict(...swings, note('90', 'passed', 2))).toBe('passed')
  })
})

describe('how much of the strip the leaf touches', () => {
  const touch = (top: string, middle: string, bottom: string, minute = 5) =>
    (['top', 'middle', 'bottom'] as const).map((level, i) =>
      reading(`contact.${level}`, [top, middle, bottom][i]!, { occasion: 'hand-over', takenAt: at(minute) }),
    )
  const of = ['contact']
  it.each([
    ['3/8', '7/16', '3/8', 'passed'],
    ['3/8', '1/2', '3/8', 'failed'],
    ['5/16', '3/8', '3/8', 'failed'],
    ['1/2', '1/2', '1/2', 'passed'],
  ])('%s, %s, %s: %s', (top, middle, bottom, verdict) =>
    expect(only('contact', testsOf({ of, readings: touch(top, middle, bottom) }).value.tests).verdict).toBe(verdict),
  )
  it('too little says by how much the stop is moved', () =>
    expect(testsOf({ of, readings: touch('5/16', '3/8', '3/8') }).findings).toMatchObject([
      {
        code: 'test-out-of-range',
        cures: [{ code: 'seal.move-stop', amount: length('1/16') }, { code: 'test.again' }],
      },
    ]))
  it('in range but not alike is a twist, and leads to tuning', () =>
    expect(testsOf({ of, readings: touch('3/8', '1/2', '3/8') }).findings).toMatchObject([
      { code: 'contact-not-even', cures: [{ code: 'seal.tune-first' }, { code: 'test.again' }] },
    ]))
  it('is read again after another seal was put on', () => {
    const log = [entry('seal', 'left/kerf', 'fitted', ms(9))]
    expect(verdicts(only('contact', testsOf({ of, readings: touch('3/8', '3/8', '3/8'), log }).value.tests))).toEqual([
      'open',
      'open',
      'open',
    ])
  })
})

describe('a bill at each screw of the cap, air at each side', () => {
  const said = (...answers: readonly Answer[]) => new Map(answers.map(one => [one.slot as FactSlot, one]))
  const bill = (screw: number, code: string, minute = 5) =>
    ({ ...fact(`fact.bill-${screw}` as 'fact.bill-1', code as never), takenAt: at(minute) }) as Answer
  const closed = ['fact.bill-1', 'fact.bill-2'] as const
  it('is answered screw by screw; one that slides is raised, one that tears is lowered', () => {
    const facts = said(bill(1, 'slides'), bill(2, 'held'))
    const { findings } = testsOf({ of: ['bill'], closed, facts })
    expect(findings.map(one => one.cures[0]!.code)).toEqual(['cap.raise', 'cap.lower'])
    const right = said(bill(1, 'drags'), bill(2, 'drags'))
    expect(only('bill', testsOf({ of: ['bill'], closed, facts: right }).value.tests).verdict).toBe('passed')
  })
  it('said before the last seal was put on counts for nothing', () => {
    const facts = said(bill(1, 'drags'), bill(2, 'drags'))
    const log = [entry('seal', 'bottom/sweep', 'fitted', ms(7))]
    expect(only('bill', testsOf({ of: ['bill'], closed, facts, log }).value.tests).verdict).toBe('open')
  })
  it('is one look where the cap has no screws', () =>
    expect(only('bill', testsOf({ of: ['bill'] }).value.tests).parts).toMatchObject([{ point: null, reads: 'log' }]))
})

describe('what a label and a closer ask for', () => {
  it.each(FAMILIES)('%s: is asked only of a door that has one', family => {
    const ids = (...where: ('label' | 'closer')[]) =>
      testsOf({ of: DOORS[family].tests, where: new Set(where) }).value.tests.map(one => one.id)
    expect(ids()).not.toEqual(expect.arrayContaining(['label-seen']))
    expect(ids().includes('closes-slowly')).toBe(false)
    const asked = DOORS[family].tests.includes('label-seen')
    expect(ids('label').includes('self-closes')).toBe(asked)
  })
  it('margins of a timber leaf with a label are wanted smaller', () => {
    const labelled = { ...hungBy(EVEN), hanging: { ...HANGING, isLabelledTimber: true } }
    const { value } = testsOf({ of: ['margins'], hung: [labelled], readings: readOf(EVEN) })
    const side = only('margins', value.tests).parts.find(one => one.point === 'gap.left.top')!
    expect(side.wanted).toEqual({
      least: LENGTHS['reveal-label'].value - inches(0, 1, 32),
      most: LENGTHS['reveal-label'].value + inches(0, 1, 32),
    })
  })
})
