import { DEADLINE_RULES, SYMPTOMS } from '@/trade/after'
import { STEPS } from '@/trade/steps'
import { TESTS } from '@/trade/tests'
import { CAUSE_WORDS, DEADLINE_WORDS, evidenceWords, SYMPTOM_NAMES } from '@/words/after'
import { CURES } from '../base/cures'
import { length } from '../test/fixtures'
import { inches } from '../units/length'
import { type AfterFile, CAUSES, nearness, rankedCauses, SYMPTOM_IDS, type SymptomId, symptomsFor } from './causes'
import type { Deadline } from './deadlines'

const FILE: AfterFile = { holds: new Set(), margins: [], stepsOut: new Set(), tests: [], due: [], today: '2026-11-27' }
const of = (id: SymptomId) => SYMPTOMS.find(one => one.id === id)!
const ranked = (id: SymptomId, more: Partial<AfterFile> = {}) => rankedCauses(of(id), { ...FILE, ...more })
const first = (id: SymptomId, more: Partial<AfterFile> = {}) => ranked(id, more)[0]!.id
const margin = (name: string, atHandover: string | null, now: string | null = null) => ({
  name: name as 'strike.top',
  place: 'gap.right.top',
  least: length('3/32'),
  most: length('5/32'),
  atHandover: atHandover === null ? null : length(atHandover),
  now: now === null ? null : length(now),
})
const due = (id: Deadline['id'], on: string): Deadline => ({
  key: id,
  id,
  due: on,
  whose: 'firm',
  done: null,
  isOver: false,
})

describe('how near a figure lies to its limit', () => {
  it.each([
    ['1/8', 0],
    ['5/32', 1],
    ['3/32', 1],
    ['3/16', 2],
  ])('%s of 3/32 to 5/32: %i', (text, near) =>
    expect(nearness(length(text), length('3/32'), length('5/32'))).toBeCloseTo(near, 6),
  )
  it('without any room is right or not', () =>
    expect([nearness(inches(1), inches(1), inches(1)), nearness(inches(2), inches(1), inches(1))]).toEqual([0, 2]))
})

describe('what a door is called back for', () => {
  it('is ranked as it is most often, where the file says nothing', () =>
    expect(ranked('rubs-head').map(one => one.id)).toEqual(of('rubs-head').causes.map(one => one.id)))
  it('is a leaf that has swollen where its wood was never finished', () => {
    expect(first('rubs-head')).toBe('top-hinge-loose')
    expect(first('rubs-head', { due: [due('whole-finish', '2026-06-02')] })).toBe('leaf-swollen')
    expect(first('rubs-head', { due: [due('whole-finish', '2027-06-02')] })).toBe('top-hinge-loose')
    expect(first('rubs-head', { due: [{ ...due('whole-finish', '2026-06-02'), isOver: true }] })).toBe(
      'top-hinge-loose',
    )
  })
  it('is the top hinge where its screws were left out, and more so where its margin is off now', () => {
    const swollen = { due: [due('whole-finish', '2026-06-02')] }
    expect(first('rubs-head', { ...swollen, stepsOut: new Set(['hinge-screws']) })).toBe('top-hinge-loose')
    const [one] = ranked('rubs-head', { ...swollen, margins: [margin('strike.top', '1/8', '1/32')] })
    expect(one).toMatchObject({ id: 'top-hinge-loose', evidence: [{ kind: 'margin-off', points: 20 }] })
  })
  it('a margin read again and found right speaks for nothing any more', () => {
    const near = ranked('rubs-head', { margins: [margin('strike.top', '5/32')] })[0]!
    expect(near.evidence).toMatchObject([{ kind: 'margin-near' }])
    expect(ranked('rubs-head', { margins: [margin('strike.top', '5/32', '1/8')] })[0]!.evidence).toEqual([])
  })
  it('is the strike where its test was passed only just, or left out', () => {
    const tests = (verdict: 'passed' | 'waived', near: number) => ({
      tests: [{ id: 'strike', verdict, nearness: near }],
    })
    const evidence = (more: Partial<AfterFile>) =>
      ranked('wont-latch', more).find(one => one.id === 'strike-off')!.evidence
    expect(evidence(tests('passed', 0.5))).toEqual([])
    expect(evidence(tests('passed', 0.95))).toMatchObject([{ kind: 'test-near' }])
    expect(evidence(tests('waived', 0))).toMatchObject([{ kind: 'test-out' }])
  })
  it('is a worn seal a year before the end of its life, and not before', () => {
    const worn = (on: string) =>
      ranked('draft-low', { due: [due('seal-life', on)] }).find(one => one.id === 'seal-worn')!.points
    expect([worn('2026-01-01') > worn('2027-06-01'), worn('2027-06-01') > 0, worn('2028-06-01')]).toEqual([
      true,
      true,
      0,
    ])
  })
  it('is asked only of a door of which it can be said', () => {
    const ids = (...holds: Parameters<typeof symptomsFor>[1] extends ReadonlySet<infer T> ? T[] : never) =>
      symptomsFor(SYMPTOMS, new Set(holds)).map(one => one.id)
    expect(ids('slides')).not.toContain('sags')
    expect(ids('slides')).toContain('slides-hard')
    expect(ids()).not.toContain('water')
    expect(ids('outside')).toContain('water')
  })
})

describe('the causes of the trade', () => {
  it.each(SYMPTOM_IDS)('%s: each is known, has a check, and leads to a cure', id => {
    const { causes } = of(id)
    expect(SYMPTOM_NAMES[id]).toBeTruthy()
    expect(causes.length).toBeGreaterThan(1)
    expect(new Set(causes.map(one => one.id)).size).toBe(causes.length)
    for (const one of causes) {
      expect(CAUSE_WORDS[one.id].every(Boolean)).toBe(true)
      expect(CURES).toHaveProperty([one.cure])
    }
  })
  it('every cause is one of a symptom, and everything it rests on is there', () => {
    const all = SYMPTOMS.flatMap(one => one.causes)
    expect(new Set(all.map(one => one.id))).toEqual(new Set(CAUSES))
    const steps = new Set(Object.values(STEPS).flatMap(list => list.map(one => one.id)))
    for (const { evidence } of all)
      for (const one of evidence) {
        if (one.of === 'tests') for (const id of one.ids) expect(TESTS.map(it => it.id)).toContain(id)
        if (one.of === 'upkeep')
          for (const id of one.ids) expect([...DEADLINE_RULES.map(it => it.id), 'seal-life', 'warranty']).toContain(id)
        if (one.of === 'steps') expect(one.ids.some(id => steps.has(id) || id === 'corner-pads')).toBe(true)
      }
  })
  it('says in words what in the file speaks for it, whatever that is', () => {
    const read = length('1/32')
    for (const one of [
      { kind: 'margin-off', place: 'gap.right.top', read, points: 1 },
      { kind: 'margin-near', place: 'gap.right.top', read, points: 1 },
      { kind: 'step-out', step: 'hinge-screws', points: 1 },
      { kind: 'test-out', test: 'strike', points: 1 },
      { kind: 'test-near', test: 'strike', points: 1 },
      { kind: 'overdue', id: 'sealant', due: '2026-05-01', points: 1 },
    ] as const)
      expect(evidenceWords(one, '1/16')).not.toMatch(/undefined|null|hinge-screws|gap\./)
    expect(Object.values(DEADLINE_WORDS).every(([name, what]) => name && what)).toBe(true)
  })
})
