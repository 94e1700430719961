'use client'
import dynamic from 'next/dynamic'
import { type RefObject, useEffect, useRef, useState } from 'react'
import { SET_BY_SHEET } from '@/core/fit/fitted'
import { idleStages } from '@/core/progress'
import { momentWords } from '@/words/moments'
import { stepName } from '@/words/steps'
import { Button, Panel, Quiet } from '../../parts/controls'
import type { StageProps } from '../../sheet/stage-props'
import { StepList } from './StepItem'
import { nextStep, noteStep } from './use-step'

const DayView = dynamic(() => import('./DayView'), { ssr: false })

type Store = StageProps['store']

export function FitLadder({ store, onGo }: StageProps) {
  const { steps, setBySheet } = store.work.fit.value
  const [isDay, setDay] = useState(false)
  const done = steps.filter(one => one.state === 'done').length
  const next = nextStep(steps)
  const list = useRef<HTMLOListElement>(null)
  useNextInSight(list, next?.id ?? null)
  return (
    <>
      <h2>Step by step</h2>
      {setBySheet && <BySheet store={store} entry={setBySheet} />}
      <Quiet>
        {done} of {steps.length} done
      </Quiet>
      {steps.length > 0 && (
        <Button onPress={() => setDay(true)}>{next ? `Lead me: ${stepName(next.id)}` : 'Lead me'}</Button>
      )}
      <StepList ref={list} steps={steps} store={store} />
      {isDay && <DayView steps={steps} {...after(store)} store={store} onGo={onGo} onClose={() => setDay(false)} />}
    </>
  )
}

/** What follows when it is set: sealing, where something of its kind is sealed. */
const after = ({ work }: Store) =>
  idleStages(work.door).has('seal')
    ? ({ to: 'handover', said: 'The tests come next.' } as const)
    : ({ to: 'seal', said: 'What is sealed comes next.' } as const)

/** Where the list scrolls by itself, what is next stands in it, below what was done last. */
function useNextInSight(list: RefObject<HTMLOListElement | null>, next: string | null): void {
  useEffect(() => {
    const item = list.current?.querySelector<HTMLElement>(`[data-step="${next}"]`)
    const box = item?.closest<HTMLElement>('.ladder')
    if (!item || !box || box.scrollHeight <= box.clientHeight) return
    const [at, seen] = [item.getBoundingClientRect(), box.getBoundingClientRect()]
    if (at.top < seen.top || at.bottom > seen.bottom) box.scrollTop += at.top - seen.top - ABOVE
  }, [list, next])
}
const ABOVE = 150

/** Noted as set by its maker's sheet, when no steps of its kind were led through. */
function BySheet({
  store,
  entry,
}: {
  readonly store: Store
  readonly entry: { readonly by: string; readonly at: string; readonly text: string }
}) {
  return (
    <Panel>
      <p data-set="true">
        <strong>✓ Set by its sheet</strong> · {entry.by}, {momentWords(entry.at, store.trade.zone)}
        {entry.text && `: ${entry.text}`}
      </p>
      <Button $plain onPress={() => noteStep(store, { id: SET_BY_SHEET })('reopened')}>
        Not set after all
      </Button>
    </Panel>
  )
}
