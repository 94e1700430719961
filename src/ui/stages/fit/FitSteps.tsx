'use client'
import dynamic from 'next/dynamic'
import { type RefObject, useEffect, useRef, useState } from 'react'
import { styled } from 'styled-components'
import { SET_BY_SHEET } from '@/core/fit/fitted'
import type { PlannedStep, StepState } from '@/core/fit/setting-step'
import { standingEntries } from '@/core/log/standing'
import { momentWords, untilWords } from '@/words/moments'
import { notedWords } from '@/words/step-lines'
import { stepName, stepWords } from '@/words/steps'
import { Button, Panel, Quiet } from '../../parts/controls'
import type { StageProps } from '../../sheet/stage-props'
import { OtherWays } from './OtherWays'
import { StepCaution, StepDue, StepFigure, StepTakes } from './StepBody'
import { isOpen, nextStep, noteStep, useStepDone } from './use-step'

const DayView = dynamic(() => import('./DayView'), { ssr: false })

const Steps = styled.ol`
  margin-top: 10px;
  li { border-top: 1px solid var(--rule); padding: 8px 2px; display: grid; gap: 4px; }
  li[data-open='true'] { background: var(--vial-wash); box-shadow: inset 0 0 0 1.5px var(--ink); padding: 10px; }
  li[data-state='blocked'] .name, li[data-state='waiting'] .name { color: var(--quiet); }
  .head { display: grid; grid-template-columns: 1fr auto; align-items: center; gap: 8px; }
  .name { font-weight: 650; text-align: left; }
  button.name { min-height: 44px; margin: -10px 0; padding: 0; border: none; background: none; cursor: pointer; }
  .small { font-size: 15px; color: var(--quiet); }
  .caution { font-size: 15px; color: var(--watch); font-weight: 600; }
  .wrong { font-size: 15px; color: var(--correct); font-weight: 600; }
`
type Store = StageProps['store']

export function FitLadder({ store, onGo }: StageProps) {
  const { steps, setBySheet } = store.work.fit.value
  const [isDay, setDay] = useState(false)
  const done = steps.filter(one => one.state === 'done').length
  const next = nextStep(steps)
  const entries = standingEntries('step', store.records.log)
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
      <Steps ref={list}>
        {steps.map(step => (
          <StepItem
            key={step.id}
            step={step}
            store={store}
            isNext={step === next}
            noted={notedWords(step, entries.get(step.id), store.sheet.job.step, store.trade.zone)}
          />
        ))}
      </Steps>
      {isDay && <DayView store={store} onGo={onGo} onClose={() => setDay(false)} />}
    </>
  )
}

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
      <Button $plain onPress={() => noteStep(store, SET_BY_SHEET)('reopened')}>
        Not set after all
      </Button>
    </Panel>
  )
}

const STATE_WORDS: { readonly [state in StepState]?: string } = {
  doing: 'Begun.',
  failed: 'Not right yet.',
  'look-again': 'Something under it was done again since: look again.',
}

type ItemProps = {
  readonly step: PlannedStep
  readonly store: Store
  /** Only the next one is unfolded; others that could be begun show their name and their button. */
  readonly isNext: boolean
  readonly noted: string
}

function StepItem({ step, store, isNext, noted }: ItemProps) {
  const [name, how, check] = stepWords(step.id, store.say)
  const doing = useStepDone(store, step)
  const note = noteStep(store, step.id)
  const [isUnfolded, setUnfolded] = useState(false)
  const shows = isOpen(step) && (isNext || isUnfolded || step.state !== 'ready')
  return (
    <li data-state={step.state} data-step={step.id} data-open={shows}>
      <div className="head">
        {step.state === 'blocked' || step.state === 'waiting' ? (
          <button type="button" className="name" aria-expanded={isUnfolded} onClick={() => setUnfolded(!isUnfolded)}>
            {name}
          </button>
        ) : (
          <span className="name">{name}</span>
        )}
        {isOpen(step) && shows && (
          <Button onPress={doing.done} aria-label={`Done: ${name}`}>
            {doing.isSure ? 'Yes, done' : step.state === 'look-again' ? 'Still right' : 'Done'}
          </Button>
        )}
        {isOpen(step) && !shows && (
          <Button $plain onPress={() => setUnfolded(true)} aria-label={`Open: ${name}`}>
            Ready …
          </Button>
        )}
        {step.state === 'done' && !step.irreversible && (
          <Button $plain onPress={() => note('reopened')} aria-label={`Reopen: ${name}`}>
            Done ✓
          </Button>
        )}
        {step.state === 'done' && step.irreversible && <span>Done ✓</span>}
      </div>
      {shows && (
        <>
          {doing.isSure && <span className="wrong">It can’t be undone. Tap once more if it is done.</span>}
          {STATE_WORDS[step.state] && <span className="wrong">{STATE_WORDS[step.state]}</span>}
          <span>{how}</span>
          <StepDue step={step} store={store} />
          <span className="small">Check: {check}</span>
          <StepFigure step={step} name={name} store={store} doing={doing} />
          <StepTakes step={step} />
          <StepCaution step={step} />
        </>
      )}
      {noted && <span className="small">{noted}</span>}
      {step.state === 'blocked' && isUnfolded && (
        <span className="small">After: {step.missing.map(stepName).join(', ')}</span>
      )}
      {step.state === 'waiting' && step.until && (
        <span className="small">Waits until {untilWords(step.until, store.trade.zone)}</span>
      )}
      {(shows || isUnfolded || step.state === 'done') && <OtherWays step={step} name={name} onNote={note} />}
    </li>
  )
}
