import { NUMBERS } from '../../trade/rates'
import { openingTasks, peopleFor } from '../opening-tasks'
import { progressOf } from '../progress'
import type { OpeningRecords } from '../terms'
import { done, stepEntry, trade } from '../test/fixtures'
import { KIND_CASES, openingOf, sealed } from '../test/kind-cases'
import { OPENING_STEPS } from './work-tasks'

type Case = (typeof KIND_CASES)[keyof typeof KIND_CASES]
function tasksFor(one: Case, more: Partial<OpeningRecords> = {}) {
  const own = { ...openingOf(one, 1), ...more }
  const { work } = done(own, trade(one.unit ? [sealed(one.unit)] : []))
  return { work, tasks: openingTasks(work, own, progressOf(work, own), NUMBERS) }
}
const HINGED = KIND_CASES['a hinged outside unit']!

describe.each(Object.entries(KIND_CASES))('what is planned of %s', (name, one) => {
  const { work, tasks } = tasksFor(one)
  const steps = [...work.fit.value.steps, ...work.seal.value.steps]
  const works = tasks.filter(it => it.kind === 'work')

  it('holds every step once, each after what it needs, and all their minutes', () => {
    expect(works.flatMap(it => it.steps).toSorted()).toEqual(steps.map(it => it.id).toSorted())
    const at = new Map(works.flatMap((it, i) => it.steps.map(step => [step, i] as const)))
    for (const step of steps) for (const need of step.needs) expect(at.get(need)!).toBeLessThanOrEqual(at.get(step.id)!)
    const total = (all: readonly { readonly minutes: number }[]) => all.reduce((sum, it) => sum + it.minutes, 0)
    expect(total(works)).toBe(total(steps))
    expect(tasks.map(it => it.part)).toEqual(['survey', ...works.map((_, i) => `work-${i + 1}`), 'handover'])
  })
  it('is a second visit where foam hardens over night, and only there', () =>
    expect(works.length).toBe(steps.some(it => it.id === 'foam') ? 2 : 1))
  it('opens a doorway where its old door comes out of an outside wall, for less than the whole', () => {
    const comesOut = steps.some(it => OPENING_STEPS.includes(it.id)) && name !== 'an inside door'
    expect(works.filter(it => it.opensMinutes !== null).length).toBe(comesOut ? 1 : 0)
    for (const it of works) if (it.opensMinutes !== null) expect(it.opensMinutes).toBeLessThanOrEqual(it.minutes)
  })
  it('waits for its unit, where it has one', () =>
    expect(new Set(works.map(it => it.waits))).toEqual(new Set([one.unit ? 'order' : null])))
})

describe('a hinged unit', () => {
  it('stands open from the moment its leaf is off until it locks', () => {
    const first = tasksFor(HINGED)
    const steps = first.work.fit.value.steps
    const at = (id: string) => steps.findIndex(it => it.id === id)
    const log = (to: string) => steps.slice(0, at(to) + 1).map((it, i) => stepEntry(it, i * 60_000))
    const before = first.tasks[1]!
    const open = tasksFor(HINGED, { log: log('take-out') }).tasks[1]!
    expect([before.isOpen, open.isOpen]).toEqual([false, true])
    const done = steps.slice(at('leaf-off'), at('take-out') + 1).reduce((sum, it) => sum + it.minutes, 0)
    expect(before.opensMinutes! - open.opensMinutes!).toBe(done)
    const closed = tasksFor(HINGED, { log: log('operation-test') }).tasks[1]!
    expect([closed.isOpen, closed.opensMinutes]).toEqual([false, null])
    expect(closed.minutes + closed.doneMinutes).toBe(before.minutes)
  })
  it('takes as many people as its mass and its width ask for', () => {
    const people = (more: object) => {
      const unit = { ...sealed(HINGED.unit!), ...more }
      const own = openingOf(HINGED, 1)
      return peopleFor(done(own, trade([unit])).work, NUMBERS)
    }
    expect([people({ massKg: 25 }), people({ massKg: 26 }), people({ massKg: 76 })]).toEqual([1, 2, 4])
  })
})
