'use client'
import { useMemo, useState } from 'react'
import type { LeafPlan } from '@/core/fit/tune-leaves'
import { AIMS, type Aim, MEANS, type Means } from '@/core/fit/tune-margins'
import { ZERO } from '@/core/units/length'
import type { StageProps } from '../../sheet/stage-props'
import { type Heavy, useHeavy } from '../../worker/use-heavy'

type Store = StageProps['store']
export type Tuning = {
  /** Each leaf's moves, a passive leaf's first. */
  readonly leaves: Heavy<readonly LeafPlan[]>
  readonly aim: Aim
  readonly setAim: (aim: Aim) => void
  readonly means: Means
  readonly setMeans: (means: Means) => void
}

/** What evens the margins out, by the aim and the means that are chosen. */
export function useTuning(store: Store): Tuning {
  const { fit, order, terms } = store.work
  const { hung, shims } = fit.value
  const headGap = order.value.chosen?.placement?.headGap ?? ZERO
  const [aim, setAim] = useState<Aim>(AIMS[0])
  const [means, setMeans] = useState<Means>(MEANS[0])
  const given = useMemo(() => {
    if (hung.length === 0) return null
    return { hung, aim, means, points: shims?.points ?? [], headGap, lengths: terms.lengths }
  }, [hung, shims, headGap, terms, aim, means])
  return { leaves: useHeavy('tune', given), aim, setAim, means, setMeans }
}
