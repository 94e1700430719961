'use client'
import { useMemo, useState } from 'react'
import { causesOf } from '@/core/fit/margin-causes'
import { AIMS, type Aim, type MarginPlan, MEANS, type Means, tuneMargins } from '@/core/fit/tune-margins'
import type { Reveals } from '@/core/tuning/reveals'
import { ZERO } from '@/core/units/length'
import type { StageProps } from '../../sheet/stage-props'

type Store = StageProps['store']
export type Tuning = {
  readonly margins: Reveals
  readonly plan: MarginPlan
  readonly causes: ReturnType<typeof causesOf>
  readonly aim: Aim
  readonly setAim: (aim: Aim) => void
  readonly means: Means
  readonly setMeans: (means: Means) => void
  /** The same margins by every means, to be held beside each other. */
  readonly others: readonly (readonly [Means, MarginPlan])[]
}

/** What evens the margins out, by the aim and the means that are chosen; `null` where no leaf hangs that can be tuned. */
export function useTuning(store: Store): Tuning | null {
  const { fit, order, terms } = store.work
  const { hung, shims } = fit.value
  const headGap = order.value.chosen?.placement?.headGap ?? ZERO
  const [aim, setAim] = useState<Aim>(AIMS[0])
  const [means, setMeans] = useState<Means>(MEANS[0])
  const worked = useMemo(() => {
    if (!hung) return null
    const margins: Reveals = Object.fromEntries(hung.margins.states.map(one => [one.name, one.now]))
    const points = shims?.points ?? []
    const by = (other: Means) =>
      tuneMargins({ margins, aim, means: other, hanging: hung.hanging, points, headGap, lengths: terms.lengths })
    const others = MEANS.map(one => [one, by(one)] as const)
    const { target } = others[0]![1]
    return { margins, others, causes: causesOf(margins, target, terms.lengths['test-margins'].value) }
  }, [hung, shims, headGap, terms, aim])
  if (!worked) return null
  const plan = worked.others.find(([one]) => one === means)![1]
  return { ...worked, plan, aim, setAim, means, setMeans }
}
