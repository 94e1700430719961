'use client'
import { type Ref, useState } from 'react'
import { styled } from 'styled-components'
import type { StepState } from '@/core/fit/setting-step'
import { standingEntries } from '@/core/log/standing'
import type { LedStep } from '@/core/seal/seal-steps'
import { untilWords } from '@/words/moments'
import { notedWords } from '@/words/step-lines'
import { ledWords, stepName } from '@/words/steps'
import { Button } from '../../parts/controls'
import { Worded } from '../../parts/Worded'
import type { StageProps } from '../../sheet/stage-props'
import { OtherWays } from './OtherWays'
import { StepCaution, StepDue, StepFigure, StepTakes } from './StepBody'
import { isOpen, nextStep, noteStep, type StepDone, type StepNote, useStepDone } from './use-step'

const Steps = styled.ol`
  margin-top: 10px;
  li { border-top: 1px solid var(--rule); padding: 8px 2px; display: grid; gap: 4px; }
  li[data-open='true'] { background: var(--vial-wash); box-shadow: inset 0 0 0 1.5px var(--ink); padding: 10px; }
  li[data-state='blocked'] .name, li[data-state='waiting'] .name { color: var(--quiet); }
  .head { display: grid; grid-template-columns: 1fr auto; align-items: center; gap: 8px; }
  .name { font-weight: 650; text-align: left; }
  button.name { min-height: 44px; margin: -10px 0; padding: 0; border: none; background: none; cursor: pointer; }
  .small { font-size: 0.9375rem; color: var(--quiet); }
  .caution { font-size: 0.9375rem; color: var(--watch); font-weight: 600; }
  .wrong { font-size: 0.9375rem; color: var(--correct); font-weight: 600; }
`
type Store = StageProps['store']

type ListProps = {
  readonly steps: readonly LedStep[]
  readonly store: Store
  readonly isUnder?: boolean
  readonly ref?: Ref<HTMLOListElement>
}

/** Steps in their order, what is next unfolded. */
export function StepList({ steps, store, isUnder = false, ref }: ListProps) {
  const next = nextStep(steps)
  const entries = standingEntries('step', store.records.log)
  return (
    <Steps ref={ref}>
      {steps.map(step => (
        <StepItem
          key={step.id}
          step={step}
          store={store}
          isNext={step === next}
          isUnder={isUnder}
          noted={notedWords(step, entries.get(step.id), store.sheet.job.step, store.trade.zone)}
        />
      ))}
    </Steps>
  )
}

const STATE_WORDS: { readonly [state in StepState]?: string } = {
  doing: 'Begun.',
  failed: 'Not right yet.',
  'look-again': 'Something under it was done again since: look again.',
}

type ItemProps = {
  readonly step: LedStep
  readonly store: Store
  /** Only the next one is unfolded; others that could be begun show their name and their button. */
  readonly isNext: boolean
  readonly noted: string
  /** Stands under what it is of: called by what to do. */
  readonly isUnder: boolean
}

/** One step of a list: what it is, and, where it can be done, all it takes. */
function StepItem({ step, store, isNext, noted, isUnder }: ItemProps) {
  const [name, how, check] = ledWords(step, store.say)
  const doing = useStepDone(store, step)
  const note = noteStep(store, step)
  const [isUnfolded, setUnfolded] = useState(false)
  const shows = isOpen(step) && (isNext || isUnfolded || step.state !== 'ready')
  return (
    <li data-state={step.state} data-step={step.id} data-open={shows}>
      <StepHead
        step={step}
        name={name}
        title={isUnder ? how : name}
        isUnder={isUnder}
        shows={shows}
        isUnfolded={isUnfolded}
        onUnfold={setUnfolded}
        doing={doing}
        note={note}
      />
      {shows && (
        <>
          {doing.isSure && <span className="wrong">It can’t be undone. Tap once more if it is done.</span>}
          {STATE_WORDS[step.state] && <span className="wrong">{STATE_WORDS[step.state]}</span>}
          {!isUnder && (
            <span>
              <Worded text={how} />
            </span>
          )}
          <StepDue step={step} store={store} />
          <span className="small">
            Check: <Worded text={check} isLabel />
          </span>
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

type HeadProps = Pick<ItemProps, 'step' | 'isUnder'> & {
  readonly name: string
  readonly title: string
  readonly shows: boolean
  readonly isUnfolded: boolean
  readonly onUnfold: (isUnfolded: boolean) => void
  readonly doing: StepDone
  readonly note: StepNote
}

/** Its name, and the button for what can be done with it as it stands. */
function StepHead({ step, name, title, isUnder, shows, isUnfolded, onUnfold, doing, note }: HeadProps) {
  return (
    <div className="head">
      {step.state === 'blocked' || step.state === 'waiting' ? (
        <button
          type="button"
          className="name"
          style={isUnder ? { margin: 0 } : undefined}
          aria-expanded={isUnfolded}
          onClick={() => onUnfold(!isUnfolded)}
        >
          {title}
        </button>
      ) : (
        <span className="name">
          <Worded text={title} isLabel />
        </span>
      )}
      {isOpen(step) && shows && (
        <Button onPress={doing.done} aria-label={`Done: ${name}`}>
          {doing.isSure ? 'Yes, done' : step.state === 'look-again' ? 'Still right' : 'Done'}
        </Button>
      )}
      {isOpen(step) && !shows && (
        <Button $plain onPress={() => onUnfold(true)} aria-label={`Open: ${name}`}>
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
  )
}
