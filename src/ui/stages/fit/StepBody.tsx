'use client'
import { styled } from 'styled-components'
import { dueAt } from '@/core/fit/due'
import type { PlannedStep } from '@/core/fit/setting-step'
import type { LedStep } from '@/core/seal/seal-steps'
import { dueWords, limitWords, pieceLines, READ_SIGNS } from '@/words/step-lines'
import { CAUTION_WORDS, TOOL_NAMES } from '@/words/steps'
import { Worded } from '../../parts/Worded'
import type { StageProps } from '../../sheet/stage-props'
import type { StepDone } from './use-step'

type Store = StageProps['store']

const DueList = styled.dl`
  display: grid; grid-template-columns: auto 1fr; gap: 2px 14px; margin: 0;
  dt { color: var(--quiet); font-size: 0.9375rem; align-self: baseline; }
  dd { margin: 0; font-size: 1.25rem; font-weight: 600; font-variant-numeric: tabular-nums; }
`

/** What of the plan is due at a step: the packs, screws or pieces it is done with. */
export function StepDue({ step, store }: { readonly step: LedStep; readonly store: Store }) {
  const { fit, order } = store.work
  const shown = store.sheet.job.step
  const lines = step.seal
    ? pieceLines(step.seal.lengths, shown)
    : dueAt(step, fit.value, order.value.chosen?.preparations ?? []).map(due => dueWords(due, shown))
  if (lines.length === 0) return null
  return (
    <DueList data-due={step.id}>
      {lines.map(([name, figure]) => (
        <div key={`${name} ${figure}`} style={{ display: 'contents' }}>
          <dt>
            <Worded text={name} isLabel />
          </dt>
          <dd>{figure}</dd>
        </div>
      ))}
    </DueList>
  )
}

const Field = styled.label`
  display: grid; grid-template-columns: minmax(0, 1fr) 120px; gap: 4px 10px; align-items: center; font-size: 0.9375rem;
  input { height: 48px; min-width: 0; padding: 0 10px; font-size: 1.375rem; font-weight: 600; border: 2px solid var(--ink); border-radius: 4px; background: var(--sheet); font-variant-numeric: tabular-nums; }
  input[aria-invalid='true'] { border-color: var(--stop); }
  .wrong { grid-column: 1 / -1; color: var(--stop); }
`

type FigureProps = {
  readonly step: PlannedStep
  readonly name: string
  readonly store: Store
  readonly doing: StepDone
}

/** The number a step is to meet, asked for where it has one. */
export function StepFigure({ step, name, store, doing }: FigureProps) {
  if (!step.reads) return null
  const { unit, isNeeded } = step.reads
  const sign = unit === 'length' ? store.sheet.job.unit : READ_SIGNS[unit]
  return (
    <Field>
      <span>
        Read, {sign}
        {step.reads.limit && `: ${limitWords(step, store.say)}`}
        {isNeeded ? '' : ' (if you can)'}
      </span>
      <input
        aria-label={`Read at: ${name}`}
        value={doing.draft}
        maxLength={40}
        autoComplete="off"
        inputMode={unit === 'length' ? 'text' : 'decimal'}
        aria-invalid={doing.wrong !== null}
        onChange={event => doing.setDraft(event.target.value)}
        onKeyDown={event => {
          if (event.key === 'Enter') doing.done()
        }}
      />
      {doing.wrong && (
        <span className="wrong" role="alert">
          {doing.wrong}
        </span>
      )}
    </Field>
  )
}

export const StepCaution = ({ step: { caution } }: { readonly step: PlannedStep }) =>
  caution && <span className="caution">{CAUTION_WORDS[caution]}</span>

/** What a step takes: tools, time, hands, and what is waited for. */
export function StepTakes({ step }: { readonly step: PlannedStep }) {
  const { tools, minutes, crew, wait, irreversible } = step
  const facts = [
    minutes > 0 && `about ${minutes} min`,
    crew === 2 && 'two people',
    wait && (wait.untilMorning ? 'then wait until the next working morning' : `then wait ${wait.hours} h`),
    irreversible && 'can’t be undone',
  ].filter(Boolean)
  return (
    <span className="small">
      {tools.length > 0 && `Take: ${tools.map(one => TOOL_NAMES[one]).join(', ')}. `}
      {facts.length > 0 && `${facts.join(', ').replace(/^./, one => one.toUpperCase())}.`}
    </span>
  )
}
