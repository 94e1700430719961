import type { Wishes } from '../specification/wishes'
import type { ShimPlan } from './plan-shims'

/** When a step belongs to a job. */
export type StepCondition = 'always' | 'in-swing' | 'out-swing' | 'pad' | 'old-frame'

/** One step of setting a unit, as trade data: what must have been done before, how long it takes, whether it can be undone. */
export type SettingStep = {
  readonly id: string
  readonly when: StepCondition
  readonly needs: readonly string[]
  readonly minutes: number
  readonly irreversible: boolean
  /** Hours to wait before what needs this step. */
  readonly waitHours: number
  readonly caution: string | null
}

export type StepState = 'done' | 'ready' | 'blocked'
export type PlannedStep = SettingStep & { readonly state: StepState; readonly missing: readonly string[] }

/** The steps that belong to this job, in order, each blocked until all it needs is done. */
export function planSteps(
  steps: readonly SettingStep[],
  wishes: Wishes,
  plan: ShimPlan | null,
  isHole: boolean,
  doneIds: ReadonlySet<string>,
): readonly PlannedStep[] {
  const padded = plan?.placement.sillSupport.every(gap => gap > 0) ?? false
  const holds: Readonly<Record<StepCondition, boolean>> = {
    always: true,
    'in-swing': wishes.swing === 'in',
    'out-swing': wishes.swing === 'out',
    pad: padded,
    'old-frame': !isHole,
  }
  const chosen = steps.filter(one => holds[one.when])
  const ids = new Set(chosen.map(one => one.id))
  return chosen.map(one => {
    const missing = one.needs.filter(id => ids.has(id) && !doneIds.has(id))
    const state = doneIds.has(one.id) ? 'done' : missing.length ? 'blocked' : 'ready'
    return { ...one, state, missing }
  })
}
