import { DOORS } from './doors/doors'
import { SETTINGS } from './specification/wish-values'
import { FACTS, type FactSlot } from './survey/facts'
import { canBeRead } from './survey/readable'
import { isSlot, type Slot } from './survey/slots'
import { ladderFor, type Question } from './survey/survey-of'
import type { OpeningRecords, Trade } from './terms'
import { leadsElsewhere } from './test/bears'
import { fact, length, NOW, reading, trade } from './test/fixtures'
import { KIND_CASES, type KindCase, openingOf, sealed } from './test/kind-cases'
import { OLD_LEAF } from './test/old-leaf'
import { goingOn } from './test/orders'
import { work, workbench } from './work'

// A question asked bears on something: another answer leads to another figure, finding, step, order or test. The drawing does not count,
// nor that something can't have been read.

/** What is usually read at a place, so that every question has an answer before one of them is changed. */
const USUAL: Readonly<Record<string, string>> = {
  ...OLD_LEAF,
  through: '0',
  strings: '0',
  'sill.depth': '6',
  'floor.highest': '1/4',
  'floor.drop': '1/4',
  'step.outside': '4',
  mould: '40',
  'mould.height': '84',
  'mould.face': '2',
  'mould.proud': '1 1/8',
  'handle.height': '36',
  'handle.proud': '2',
  'lock.height': '42',
  'lock.proud': '2',
  'doors.space': '3',
  'siding.plane': '3/4',
  'leaf.active': '36',
  'leaf.passive': '36',
  'leaf.width': '36',
  'leaf.thickness': '1 3/8',
  'sidelight.left': '12',
  'sidelight.right': '0',
  'case.depth': '3',
  throat: '5 1/8',
  return: '1/2',
  contact: '7/16',
  'fall.threshold': '0',
}
// What lies far apart first: most questions have told two of them from each other by then.
const TRIED = '0 1 36 -1/4 90 5 1/4 2 12 60 1/2 1-3/4 8 20 40 79 1/8 3/8 5/8 1-3/8 3-1/2 7 34 37-1/8 42 1/16 3/16'
  .split(' ')
  .map(text => text.replace(/(\d)-(\d)/, '$1 $2'))

const usualFor = (slot: Slot): string =>
  USUAL[slot] ?? USUAL[slot.replace(/^.*\//, '').split('.')[0]!] ?? (slot.includes('/') ? '0' : '1')

/** The opening of a case with every question answered. */
function answered(one: KindCase, asked: readonly Question[]): OpeningRecords {
  const bare = openingOf(one, 1)
  const open = asked.filter(
    question =>
      question !== 'hinge.4' &&
      !bare.readings.some(it => it.slot === question) &&
      !bare.answers.some(it => it.slot === question),
  )
  return {
    ...bare,
    readings: [...bare.readings, ...open.filter(isSlot).map(slot => reading(slot, usualFor(slot)))],
    answers: [
      ...bare.answers,
      ...open.flatMap(question => (isSlot(question) ? [] : [fact(question, optionsOf(question)[0]!)])),
    ],
  }
}

const optionsOf = (slot: FactSlot): readonly string[] => {
  const options: readonly string[] | 'kg' = FACTS[slot]
  return options === 'kg' ? ['5', '90'] : options
}

/** The same opening with another answer to one question. */
const alternatives = (of: OpeningRecords, question: Question): readonly OpeningRecords[] =>
  isSlot(question)
    ? TRIED.filter(text => canBeRead(question, length(text))).map(text => ({
        ...of,
        readings: [...of.readings.filter(one => one.slot !== question), reading(question, text, SAME)],
      }))
    : optionsOf(question).map(code => ({
        ...of,
        answers: [...of.answers.filter(one => one.slot !== question), fact(question, code, SAME)],
      }))
const SAME = { id: '01900000-0000-7000-8000-0000000000ff', takenAt: '2026-02-01T00:00:00.000Z' }

/** Circumstances in which a question may matter: each as it is, with all that can be said of the place, and with a lock that locks. */
const circumstances = (of: OpeningRecords, by: Trade): readonly OpeningRecords[] => [
  of,
  goingOn(of, by),
  { ...of, wishes: { ...of.wishes, settings: [...SETTINGS] } },
  withMortise(of),
]

/** With a case let into the edge, that shall lock. */
const withMortise = (of: OpeningRecords): OpeningRecords => ({
  ...of,
  readings: of.readings.map(one => (one.slot === 'backset' ? { ...one, value: length('57 mm') } : one)),
  answers: of.answers.map(one => ({ ...one, code: MORTISE[one.slot] ?? one.code })),
})
const MORTISE: Readonly<Record<string, string>> = {
  'fact.lock-case': 'mortise-case',
  'fact.lock-function': 'privacy',
}

/** Whether two answers lead to another outcome in one of the circumstances; looked for no longer than until they do. */
const bears = (of: OpeningRecords, question: Question, by: Trade): boolean =>
  circumstances(of, by).some(one => {
    const [first, ...others] = alternatives(one, question)
    if (!first) return false
    // On one bench: what an answer does not reach stays the very same.
    const worked = workbench()
    const usual = worked(first, by, NOW)
    return others.some(other => leadsElsewhere(usual, worked(other, by, NOW)))
  })

it.each(Object.entries(KIND_CASES).filter(([, { family }]) => DOORS[family].survey.whereFlushOutside))(
  'of %s the plane outside is asked where the jamb is set flush with it, and bears on something',
  (_, one) => {
    const by = trade(one.unit ? [sealed(one.unit)] : [])
    const bare = openingOf(one, 1)
    const flush = { ...bare, wishes: { ...bare.wishes, schools: { 'flush-face': 'siding' as const } } }
    const asked = ladderFor(work(flush, by, NOW).door.survey, one.way)
    expect(ladderFor(work(bare, by, NOW).door.survey, one.way)).not.toContain('siding.plane')
    expect(asked).toContain('siding.plane')
    expect(bears({ ...answered(one, asked), wishes: flush.wishes }, 'siding.plane', by)).toBe(true)
  },
)

const TRIM_COMES_OFF = Object.entries(KIND_CASES).filter(([, { family }]) => DOORS[family].survey.whereTrimComesOff)

describe.each(TRIM_COMES_OFF)('of %s, whose outside trim comes off,', (_, one) => {
  const by = trade(one.unit ? [sealed(one.unit)] : [])
  it('what the old trim covered is asked, and bears on something', () => {
    const bare = openingOf(one, 1)
    const stripped = { ...bare, wishes: { ...bare.wishes, visit: { ...bare.wishes.visit, stays: [] } } }
    const [kept, asked] = [bare, stripped].map(it => ladderFor(work(it, by, NOW).door.survey, one.way))
    const more = asked!.filter(question => !kept!.includes(question))
    expect(more).toEqual(DOORS[one.family].survey.whereTrimComesOff)
    const of = { ...answered(one, asked!), wishes: stripped.wishes }
    expect(more.filter(question => !bears(of, question, by))).toEqual([])
  })
})

describe.each(Object.entries(KIND_CASES))('every question of %s', (_, one) => {
  const by = trade(one.unit ? [sealed(one.unit)] : [])
  const { survey } = work(openingOf(one, 1), by, NOW).door
  it.each([one.way])('bears on something, by %s', way => {
    const asked = ladderFor(survey, way)
    const of = answered({ ...one, way }, asked)
    expect(asked.filter(question => !bears({ ...of, wishes: { ...of.wishes, way } }, question, by))).toEqual([])
  })
})
