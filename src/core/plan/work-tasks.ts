import type { Skill } from '../catalogue/crew'
import type { StepWait } from '../fit/setting-step'
import type { LedStep } from '../seal/seal-steps'

export const TASK_KINDS = ['survey', 'work', 'handover'] as const
export type TaskKind = (typeof TASK_KINDS)[number]

/** A piece of work on one opening that is done in one go: its survey; steps between which nothing must harden; the hand-over. It is kept with the summary
 *  of its opening, so that a plan over all jobs reads no records. */
export type WorkTask = {
  /** The same as long as the opening's steps are: `survey`, `work-1`, `handover`. */
  readonly part: string
  readonly kind: TaskKind
  /** Elapsed minutes that are left of it, with its crew; 0 where it is done. */
  readonly minutes: number
  /** Of which are done. */
  readonly doneMinutes: number
  readonly people: number
  readonly skills: readonly Skill[]
  readonly needs: readonly { readonly part: string; readonly waitMinutes: number; readonly untilMorning: boolean }[]
  /** Minutes from opening the doorway until a leaf in it latches and locks, as far as they are left; `null` where it opens none, or is closed again. */
  readonly opensMinutes: number | null
  /** Whether the doorway stands open now. */
  readonly isOpen: boolean
  readonly steps: readonly string[]
  /** Why it can't be done at all yet: no unit is chosen, released, here or accepted. */
  readonly waits: TaskWait | null
}
export type TaskWait = 'customer' | 'order' | 'supplier' | 'claim'

/** What opens a doorway that cannot be locked, and after which a leaf in it latches and locks again. */
export const OPENING_STEPS: readonly string[] = ['leaf-off', 'take-out', 'old-lock-off']
const LOCKING_STEPS: readonly string[] = ['operation-test']

export type TasksGiven = {
  /** Every step of setting and sealing, each after what it needs. */
  readonly steps: readonly LedStep[]
  readonly surveyMinutes: number
  readonly isSurveyed: boolean
  readonly handoverMinutes: number
  readonly isHandedOver: boolean
  /** People that its weight or width wants. */
  readonly people: number
  readonly skills: readonly Skill[]
  /** Why the unit is not there; `null` where it is, or none is set. */
  readonly waits: TaskWait | null
}

const A_WAIT_MINUTES = 30

/** The tasks of an opening: a step whose wait is half an hour or more ends one, and what it needs that begins after the wait stands in the next. */
export function workTasks(given: TasksGiven): readonly WorkTask[] {
  const { steps, people, skills, isSurveyed, isHandedOver, waits } = given
  const levels = levelsOf(steps)
  const works = [...new Set(levels.values())]
    .sort((a, b) => a - b)
    .map((level, i) => {
      const own = steps.filter(one => levels.get(one.id) === level)
      const before =
        i === 0
          ? []
          : steps.filter(
              one => levels.get(one.id)! < level && isWait(one.wait) && own.some(it => reaches(it, one.id, steps)),
            )
      return workTask(`work-${i + 1}`, own, i === 0 ? 'survey' : `work-${i}`, before, { people, skills, waits })
    })
  const last = works.at(-1)?.part ?? 'survey'
  const plain = {
    people: 1,
    skills: [],
    opensMinutes: null,
    isOpen: false,
    steps: [],
    doneMinutes: 0,
    waits: null,
  } as const
  return [
    { ...plain, part: 'survey', kind: 'survey', minutes: isSurveyed ? 0 : given.surveyMinutes, needs: [] },
    ...works,
    {
      ...plain,
      part: 'handover',
      kind: 'handover',
      minutes: isHandedOver ? 0 : given.handoverMinutes,
      needs: [{ part: last, waitMinutes: 0, untilMorning: false }],
    },
  ]
}

const isWait = (wait: StepWait | null): boolean =>
  wait !== null && (wait.untilMorning || wait.hours * 60 >= A_WAIT_MINUTES)

/** By step, after how many waits on the longest way it stands. */
function levelsOf(steps: readonly LedStep[]): ReadonlyMap<string, number> {
  const byId = new Map(steps.map(one => [one.id, one]))
  const levels = new Map<string, number>()
  for (const one of steps)
    levels.set(
      one.id,
      Math.max(
        0,
        ...one.needs.flatMap(id => (levels.has(id) ? levels.get(id)! + (isWait(byId.get(id)!.wait) ? 1 : 0) : [])),
      ),
    )
  return levels
}

/** Whether a step rests on another, straight or by others. */
function reaches({ needs }: LedStep, id: string, steps: readonly LedStep[]): boolean {
  const byId = new Map(steps.map(one => [one.id, one]))
  const left = [...needs]
  const seen = new Set<string>()
  while (left.length > 0) {
    const next = left.pop()!
    if (next === id) return true
    if (seen.has(next)) continue
    seen.add(next)
    left.push(...(byId.get(next)?.needs ?? []))
  }
  return false
}

const isDone = ({ state }: LedStep): boolean => state === 'done'
const minutesIn = (steps: readonly LedStep[]): number => steps.reduce((sum, one) => sum + one.minutes, 0)

function workTask(
  part: string,
  own: readonly LedStep[],
  after: string,
  before: readonly LedStep[],
  { people, skills, waits }: Pick<TasksGiven, 'people' | 'skills' | 'waits'>,
): WorkTask {
  const left = own.filter(one => !isDone(one))
  // A wait that is over, or runs already, is no wait of the plan any more: what it holds up says until when.
  const hardening = before.filter(one => !isDone(one)).map(one => one.wait!)
  const { opensMinutes, isOpen } = openingOf(own)
  return {
    part,
    kind: 'work',
    minutes: minutesIn(left),
    doneMinutes: minutesIn(own) - minutesIn(left),
    people: Math.max(1, ...left.map(one => one.crew), left.some(one => one.crew > 1) ? people : 1),
    skills,
    needs: [
      {
        part: after,
        waitMinutes: Math.max(0, ...hardening.map(one => one.hours * 60)),
        untilMorning: hardening.some(one => one.untilMorning),
      },
    ],
    opensMinutes,
    isOpen,
    steps: own.map(one => one.id),
    waits: left.length > 0 ? waits : null,
  }
}

/** From the first step that opens the doorway to the one after which it locks again: what is left of it, and whether it stands open. */
function openingOf(own: readonly LedStep[]): Pick<WorkTask, 'opensMinutes' | 'isOpen'> {
  const opens = own.findIndex(one => OPENING_STEPS.includes(one.id))
  const locks = own.findIndex(one => LOCKING_STEPS.includes(one.id))
  if (opens < 0 || locks < opens || isDone(own[locks]!)) return { opensMinutes: null, isOpen: false }
  const between = own.slice(opens, locks + 1)
  const shortWaits = between
    .filter(one => !isDone(one))
    .reduce((sum, one) => sum + (one.wait && !isWait(one.wait) ? one.wait.hours * 60 : 0), 0)
  return { opensMinutes: minutesIn(between.filter(one => !isDone(one))) + shortWaits, isOpen: isDone(own[opens]!) }
}
