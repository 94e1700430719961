'use client'
import dynamic from 'next/dynamic'
import { useEffect } from 'react'
import type { Stage } from '@/core/base/stages'
import { goesIn } from '@/core/catalogue/judge-unit'
import { Locked } from '../parts/Rights'
import type { ReadProps, StageProps } from '../sheet/stage-props'
import { workedOn } from '../store/worked'
import { Drawings } from './Drawings'
import { PullBar } from './PullBar'
import { loadPanes, PANES } from './panes'
import type { Selection } from './use-selection'

const Compare = dynamic(() => import('../stages/Compare'))

export type LaterProps = {
  /** Where on the sheet it stands: left, in the middle, right. */
  readonly part: 'ladder' | 'middle' | 'findings'
  readonly pane: ReadProps
  readonly on: Selection
}

const never = () => {}

/** Stages on which everything that can be done settles something. */
const SETTLES: ReadonlySet<Stage> = new Set<Stage>(['diagnose', 'specify', 'order'])

/** One part of the sheet that shows the work. */
export default function Later({ part, pane, on }: LaterProps) {
  const { store } = pane
  const worked: StageProps = { ...pane, store: { ...store, ...workedOn(store) } }
  if (part === 'middle') return <InTheMiddle {...worked} on={on} />
  const [Ladder, Findings] = PANES[pane.stage]
  const shown = part === 'ladder' ? <Ladder {...worked} /> : <Findings {...worked} />
  return SETTLES.has(pane.stage) ? <Locked verb="settle">{shown}</Locked> : shown
}

/** The drawings, or the units side by side. Always there, so it tells the rest of the sheet how the work stands. */
function InTheMiddle({ store, stage, on }: StageProps & { readonly on: Selection }) {
  const { work, glance, onGlance } = store
  useLatePanes()
  useEffect(() => onGlance(glance), [glance, onGlance])
  if (stage === 'order' && work.order.value.offers.some(goesIn))
    return (
      <>
        <Compare store={store} />
        <PullBar views={[]} shown={null} onShow={never} />
      </>
    )
  return <Drawings store={store} on={on} />
}

/** The other stages are loaded once this one is there. */
function useLatePanes(): void {
  useEffect(() => {
    const timer = setTimeout(loadPanes, 300)
    return () => clearTimeout(timer)
  }, [])
}
