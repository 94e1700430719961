import type { TradeNumbers } from './base/figure'
import type { Skill } from './catalogue/crew'
import { type TaskWait, type WorkTask, workTasks } from './plan/work-tasks'
import type { Progress } from './progress'
import type { OpeningRecords } from './terms'
import { metresOf, plus, times } from './units/length'
import type { Work } from './work'

/** What is planned of an opening, by its steps as they stand. A doorway inside the house is no hole that must be closed by dark. */
export function openingTasks(
  work: Work,
  { wishes }: Pick<OpeningRecords, 'wishes'>,
  { done, finished }: Pick<Progress, 'done' | 'finished'>,
  numbers: TradeNumbers,
): readonly WorkTask[] {
  const { door, fit, seal, order } = work
  const setting = fit.value.setBySheet ? [] : fit.value.steps
  const skills: readonly Skill[] = [
    ...((wishes.labelMinutes ?? 0) > 0 ? (['label'] as const) : []),
    ...(order.value.chosen?.bucks ? (['masonry'] as const) : []),
    ...(door.fit.fastener === 'anchor' ? (['steel'] as const) : []),
  ]
  const tasks = workTasks({
    steps: [...setting, ...seal.value.steps],
    surveyMinutes: numbers['survey-minutes'].value,
    isSurveyed: done.includes('measure'),
    handoverMinutes: numbers['handover-minutes'].value,
    isHandedOver: finished,
    people: peopleFor(work, numbers),
    waits: waitsFor(work),
    skills,
  })
  return door.fit.isOutside ? tasks : tasks.map(one => ({ ...one, opensMinutes: null, isOpen: false }))
}

/** Why the unit that is to be set is not there. */
function waitsFor({ door, order, fit }: Work): TaskWait | null {
  if (door.takes.length === 0) return null
  const { delivery } = fit.value
  if (delivery === 'accepted') return null
  if (delivery !== 'not-ordered') return delivery === 'awaited' ? 'supplier' : 'claim'
  return order.value.chosen ? 'order' : 'customer'
}

/** How many people a unit takes: by its mass, and two where it is wide. Its mass is its sheet's; else its leaf's as it is known, and its frame's by its
 *  length. */
export function peopleFor({ order, specify, terms }: Work, numbers: TradeNumbers): number {
  const { chosen } = order.value
  if (!chosen) return 1
  const { unit, placement } = chosen
  const leaf = specify.value.further.mass?.kg ?? 0
  const frame = placement ? metresOf(plus(times(unit.height, 2), unit.width)) * numbers['frame-mass'].value : 0
  const kg = unit.massKg ?? leaf + frame
  return Math.max(Math.ceil(kg / numbers['crew-lift'].value), unit.width > terms.lengths['wide-unit'].value ? 2 : 1, 1)
}
