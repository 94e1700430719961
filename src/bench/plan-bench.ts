import { randomFrom, wholeFrom } from '@/core/base/random'
import type { Crew } from '@/core/catalogue/crew'
import { planAll } from '@/core/plan/plan-all'
import type { PlanGiven } from '@/core/plan/plan-view'
import { wallAt } from '@/core/plan/wall'
import type { WorkTask } from '@/core/plan/work-tasks'
import { NUMBERS } from '@/trade/rates'
import { median } from './median'

// A plan of made-up doors: what a firm of six crews has before it.

const ROUNDS = 9
const DOORS = 50
const CREWS = 6
const FROM = '2026-11-30'

const plain = { doneMinutes: 0, skills: [], isOpen: false, steps: [], waits: null } as const

/** Four tasks of a door: its survey, what is set in one day, what comes after foam has hardened, and its hand-over. */
function tasksOf(random: () => number): readonly WorkTask[] {
  const people = wholeFrom(random, 1, 2)
  const minutes = wholeFrom(random, 16, 22) * 15
  return [
    { ...plain, part: 'survey', kind: 'survey', minutes: 60, people: 1, needs: [], opensMinutes: null },
    {
      ...plain,
      part: 'work-1',
      kind: 'work',
      minutes,
      people,
      needs: [{ part: 'survey', waitMinutes: 0, untilMorning: false }],
      opensMinutes: Math.round(minutes * 0.7),
    },
    {
      ...plain,
      part: 'work-2',
      kind: 'work',
      minutes: wholeFrom(random, 2, 6) * 15,
      people: 1,
      needs: [{ part: 'work-1', waitMinutes: 720, untilMorning: true }],
      opensMinutes: null,
    },
    {
      ...plain,
      part: 'handover',
      kind: 'handover',
      minutes: 45,
      people: 1,
      needs: [{ part: 'work-2', waitMinutes: 0, untilMorning: false }],
      opensMinutes: null,
    },
  ]
}

function given(seed: number): PlanGiven {
  const random = randomFrom(seed)
  const crew = (i: number): Crew => ({
    id: `c${i}`,
    name: `Crew ${i}`,
    people: 2,
    from: 450,
    to: 990,
    days: [1, 2, 3, 4, 5],
    off: [],
    skills: [],
  })
  return {
    crews: Array.from({ length: CREWS }, (_, i) => crew(i)),
    closedFactor: NUMBERS['closed-factor'].value,
    pace: null,
    placings: [],
    jobs: [
      {
        id: 'j',
        name: 'J',
        site: '',
        visitOn: null,
        place: { latitude: 54.1, longitude: -0.2 },
        loud: null,
        zone: 'Europe/London',
      },
    ],
    openings: Array.from({ length: DOORS }, (_, i) => ({
      id: `o${i}`,
      jobId: 'j',
      tag: `T${i}`,
      name: `Door ${i}`,
      until: null,
      comesOn: null,
      tasks: tasksOf(random),
    })),
  }
}

export type PlanBench = {
  readonly tasks: number
  readonly crews: number
  readonly ms: number
  readonly days: number
  readonly left: number
}

/** The median time of planning two hundred tasks of six crews, over how many days they go, and what found no place. */
export function benchPlan(): PlanBench {
  const one = given(20_261)
  const from = wallAt(FROM)
  const ms = median(ROUNDS, () => planAll({ given: one, from }))
  const { finish, left } = planAll({ given: one, from })
  return {
    tasks: DOORS * 4,
    crews: CREWS,
    ms,
    days: finish === null ? 0 : Math.ceil((finish - from) / 1440),
    left: left.length,
  }
}
