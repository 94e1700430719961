import { LOCK_FAMILIES } from '../../trade/jambs'
import { FAMILIES, type Family } from '../base/kinds'
import { DOORS } from '../doors/doors'
import { progressOf } from '../progress'
import { done, LENGTHS, length, reading, readings, records, TRUE_OPENING, trade } from '../test/fixtures'
import { inches } from '../units/length'
import { type Answer, answerSchema } from './answer'
import { FACT_SLOTS, FACTS, isAnswerTo } from './facts'
import { judgeSurvey } from './judge-survey'
import { judgeSecond, secondReadings } from './second-reading'
import { isAnswered, surveyOf } from './survey'
import { essentialFor } from './survey-of'

let count = 0
const answer = (more: Partial<Answer>): Answer => ({
  id: `01900000-0000-7000-9000-${String(++count).padStart(12, '0')}`,
  slot: 'fact.condition',
  kind: 'fact',
  code: 'sound',
  note: '',
  takenBy: 'Ida Marlow',
  takenAt: new Date(Date.UTC(2026, 5, 1) + count * 1000).toISOString(),
  ...more,
})

describe('an answer', () => {
  it.each([
    [{}, true],
    [{ code: 'so-so' }, false],
    [{ slot: 'wall.left', code: 'sound' }, false],
    [{ slot: 'wall.left', kind: 'skipped', code: 'not-accessible' }, true],
    [{ kind: 'skipped', code: 'lazy' }, false],
    [{ kind: 'withdrawn', code: '01900000-0000-7000-9000-000000000001' }, true],
    [{ kind: 'withdrawn', code: 'that one' }, false],
    [{ slot: 'fact.weight', code: '24.5' }, true],
    [{ slot: 'fact.weight', code: '0' }, false],
    [{ slot: 'fact.weight', code: '500.1' }, false],
    [{ slot: 'fact.weight', code: 'heavy' }, false],
  ] as const)('%j is taken: %p', (more, taken) =>
    expect(answerSchema.safeParse(answer(more as Partial<Answer>)).success).toBe(taken),
  )
  it('exists for every fact, and each of its choices is one', () => {
    for (const slot of FACT_SLOTS) {
      const choices: readonly string[] | 'kg' = FACTS[slot]
      expect(choices === 'kg' ? isAnswerTo(slot, '12') : choices.every(code => isAnswerTo(slot, code))).toBe(true)
    }
  })
})

describe('what stands', () => {
  const first = answer({})
  const second = answer({ code: 'worn' })
  it('is the latest answer, in whatever order they came', () => {
    for (const all of [
      [first, second],
      [second, first],
    ])
      expect(surveyOf('core', [], all).facts.get('fact.condition')!.code).toBe('worn')
  })
  it('is the one before, once the latest was withdrawn', () => {
    const gone = answer({ kind: 'withdrawn', code: second.id })
    expect(surveyOf('core', [], [first, second, gone]).facts.get('fact.condition')!.code).toBe('sound')
  })
  it('is the reading before, once the latest was withdrawn', () => {
    const [slip, right] = [reading('wall.left', '6'), reading('wall.left', '4 1/2')]
    const gone = answer({ slot: 'wall.left', kind: 'withdrawn', code: right.id })
    expect(surveyOf('core', [slip, right], [gone]).bySlot.get('wall.left')!.value).toBe(length('6'))
  })
  it('is nothing where the only reading was withdrawn', () => {
    const slip = reading('wall.left', '6')
    const gone = answer({ slot: 'wall.left', kind: 'withdrawn', code: slip.id })
    expect(surveyOf('core', [slip], [gone]).bySlot.size).toBe(0)
  })
})

describe('a skipped reading', () => {
  const early = reading('wall.left', '4 1/2')
  const skip = answer({ slot: 'wall.left', kind: 'skipped', code: 'later' })
  const late = { ...reading('wall.left', '5'), takenAt: '2027-01-01T00:00:00.000Z' }
  it('was not read', () => expect(isAnswered(surveyOf('core', [], [skip]), 'wall.left')).toBe(false))
  it('puts aside what was read before', () =>
    expect(surveyOf('core', [early], [skip]).bySlot.has('wall.left')).toBe(false))
  it('is over when it is read after all', () => {
    const survey = surveyOf('core', [early, late], [skip])
    expect([survey.skipped.size, survey.bySlot.get('wall.left')!.value]).toEqual([0, inches(5)])
  })
})

describe('a second reading', () => {
  const first = reading('wall.left', '4 1/2')
  const other = (text: string) => reading('wall.left', text, { takenBy: 'Bram Oake' })
  it('by the same hand and tape is none', () =>
    expect(secondReadings([first, reading('wall.left', '4 1/2')])).toEqual([]))
  it.each([
    ['4 5/8', 'second-agrees', 'fine'],
    ['4 41/64', 'second-differs', 'correct'],
  ])('of %s beside 4 1/2 %s', (text, code, severity) =>
    expect(judgeSecond([first, other(text)], LENGTHS)).toMatchObject([{ code, severity, place: 'wall.left' }]),
  )
  it('by another instrument counts', () =>
    expect(secondReadings([first, reading('wall.left', '4 1/2', { instrument: 'laser' })])).toHaveLength(1))
  it('stands beside the latest of another hand, not of the same', () => {
    const theirs = other('4 5/8')
    const again = reading('wall.left', '4 9/16')
    const [pair] = secondReadings([first, theirs, again])
    expect([pair!.first.takenBy, pair!.second.id]).toEqual(['Bram Oake', again.id])
  })
  it('that agrees checks what no other reading would', () => {
    const few = { 'core/widths.middle': '36', 'core/heights.left': '80' }
    const alone = done({ ...records(few, { way: 'core' }) }, trade())
    const own = records(few, { way: 'core' })
    const both = done(
      { ...own, readings: [...own.readings, reading('core/widths.middle', '36', { takenBy: 'Bram Oake' })] },
      trade(),
    )
    expect(alone.model!.unchecked).toContain('widths.middle')
    expect(both.model!.unchecked).not.toContain('widths.middle')
  })
})

describe('what the answers say by themselves', () => {
  const judge = (family: Family, texts: object, answers: readonly Answer[] = []) =>
    judgeSurvey(
      DOORS[family].survey,
      surveyOf(DOORS[family].survey.ways[0]!, readings({ ...texts }), answers),
      LENGTHS,
      LOCK_FAMILIES,
    )
  it.each([
    ['storm', { 'mould.face': '1' }, []],
    ['storm', { 'mould.face': '63/64' }, ['mould-narrow']],
    ['storm', { 'mould.proud': '1' }, []],
    ['storm', { 'mould.proud': '15/16' }, ['mould-shallow']],
    ['hinged-outside', { 'mould.face': '1/2' }, []],
    ['interior', { backset: '48 mm' }, []],
    ['interior', { backset: '48.01 mm' }, ['backset-odd']],
    ['interior', { backset: '2 3/4' }, []],
    ['steel-leaf', { 'hinge.1': '7', 'hinge.2': '37', 'hinge.3': '67' }, []],
    ['steel-leaf', { 'hinge.1': '7', 'hinge.2': '37', 'hinge.3': '36' }, ['hinges-out-of-order']],
    ['steel-leaf', { 'hinge.1': '7', 'hinge.3': '7' }, ['hinges-out-of-order']],
  ] as const)('%s %j: %j', (family, texts, codes) => expect(judge(family, texts).map(one => one.code)).toEqual(codes))
  it.each([
    ['fact.label-legible', 'painted-over', 'label-not-legible', 'stop'],
    ['fact.label-legible', 'yes', undefined, undefined],
    ['fact.condition', 'rotten', 'condition-rotten', 'correct'],
    ['fact.airflow', 'needed', 'airflow-needed', 'watch'],
    ['fact.airflow', 'appliance-behind-it', 'airflow-appliance', 'stop'],
    ['fact.mould-face', 'moulded', 'mould-moulded', 'watch'],
  ] as const)('%s %s: %s', (slot, code, finding, severity) => {
    const [found] = judge('storm', {}, [answer({ slot, code })])
    expect([found?.code, found?.severity]).toEqual([finding, severity])
  })
  it('a skip of what is essential is a watch, of anything else it is noted', () => {
    const skips = [
      answer({ slot: 'mould.face', kind: 'skipped', code: 'later' }),
      answer({ slot: 'step.outside', kind: 'skipped', code: 'not-there' }),
    ]
    expect(judge('storm', {}, skips).map(one => one.severity)).toEqual(['watch', 'fine'])
  })
})

describe('a survey of each family', () => {
  it.each(FAMILIES)('%s is done when everything essential is answered, and not before', family => {
    const way = DOORS[family].survey.ways[0]!
    const texts: Record<string, string> = {}
    const answers: Answer[] = []
    for (const question of essentialFor(DOORS[family].survey, way)) {
      if (question in FACTS) {
        const choices = FACTS[question as keyof typeof FACTS]
        answers.push(answer({ slot: question, code: choices === 'kg' ? '20' : choices[0]! }))
      } else texts[question] = /widths/.test(question) ? '36' : /heights/.test(question) ? '80' : '2 3/4'
    }
    Object.assign(texts, 'hinge.1' in texts ? { 'hinge.1': '7', 'hinge.2': '37', 'hinge.3': '67' } : {})
    const stage = (without: number) => {
      const kept = Object.fromEntries(Object.entries(texts).slice(without))
      const own = records(kept, { way, chosen: null })
      const all = { ...own, opening: { ...own.opening, family }, answers }
      return progressOf(done(all, trade()).work, all).done.includes('measure')
    }
    expect([stage(0), stage(1)]).toEqual([true, false])
  })
})

it('inside and outside heights more than 1/4 apart ask again, and say which drop would explain it', () => {
  const two = records(
    {
      'pocket/widths.middle': '36',
      'pocket/heights.left': '80 3/4',
      'outside-face/widths.middle': '35',
      'outside-face/heights.left': '80 5/8',
    },
    { way: 'pocket' },
  )
  const found = done(two, trade()).findings.specify.find(one => one.code === 'ways-disagree')!
  expect(found.facts).toMatchObject({ height: { length: length('3/8') }, drop: { length: length('3/8') } })
})

it('readings of a true opening say that its usual unit goes in', () =>
  expect(done(records(TRUE_OPENING), trade()).findings.measure.map(one => one.code)).toEqual(['chance-goes-in']))
