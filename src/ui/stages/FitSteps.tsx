'use client'
import { format, parseISO } from 'date-fns'
import { styled } from 'styled-components'
import { SET_BY_SHEET } from '@/core/fit/fitted'
import type { PlannedStep, StepState } from '@/core/fit/plan-steps'
import { standingEntries } from '@/core/log/standing'
import { formatRead } from '@/core/units/format-length'
import { CAUTION_WORDS, panWords, stepName, stepWords } from '@/words/steps'
import { Button, Panel, Quiet } from '../parts/controls'
import { Otherwise } from '../parts/Otherwise'
import { ReasonLine } from '../parts/ReasonLine'
import type { StageProps } from '../sheet/stage-props'

const Steps = styled.ol`
  li { border-top: 1px solid var(--rule); padding: 8px 2px; display: grid; gap: 3px; }
  li[data-open='true'] { background: var(--vial-wash); box-shadow: inset 0 0 0 1.5px var(--ink); padding: 10px; }
  li[data-state='blocked'] .name, li[data-state='waiting'] .name { color: var(--quiet); }
  .head { display: grid; grid-template-columns: 1fr auto; align-items: center; gap: 8px; }
  .name { font-weight: 650; }
  .small { font-size: 15px; color: var(--quiet); }
  .caution { font-size: 15px; color: var(--watch); font-weight: 600; }
  .wrong { font-size: 15px; color: var(--correct); font-weight: 600; }
`
type Store = StageProps['store']

export function FitLadder({ store }: StageProps) {
  const { steps, isWorkedOut } = store.work.fit.value
  if (!isWorkedOut) return <BySheet store={store} />
  const done = steps.filter(one => one.state === 'done').length
  return (
    <>
      <h2>Setting, step by step</h2>
      <Quiet>
        {done} of {steps.length} done
      </Quiet>
      <Steps>
        {steps.map(step => (
          <StepItem key={step.id} step={step} store={store} />
        ))}
      </Steps>
    </>
  )
}

/** A kind whose steps are not worked out: it says so, and takes down that it was set by its sheet. */
function BySheet({ store }: { readonly store: Store }) {
  const entry = standingEntries('step', store.records.log).get(SET_BY_SHEET)
  const isSet = entry?.result === 'done'
  const isHere = store.work.fit.value.delivery === 'accepted'
  const note = (result: 'done' | 'reopened', text = '') =>
    void store.addLog({ kind: 'step', code: SET_BY_SHEET, result, text })
  return (
    <Panel>
      <h2>Setting</h2>
      <p>
        Its steps are not worked out here. Set it by its maker’s sheet; packs and screws, where it has a frame, stand
        beside the drawing.
      </p>
      {isSet && (
        <>
          <p data-set="true">
            <strong>✓ Set by its sheet</strong> · {entry.by}, {entry.at.slice(0, 10)}
            {entry.text && `: ${entry.text}`}
          </p>
          <Button $plain onPress={() => note('reopened')}>
            Not set after all
          </Button>
        </>
      )}
      {!isSet && isHere && <Button onPress={() => note('done')}>It is set</Button>}
      {!isSet && !isHere && (
        <>
          <Quiet>No unit was received and accepted for this opening yet.</Quiet>
          <ReasonLine
            label="Why it is set all the same"
            act="It is set, with this reason"
            onAct={text => note('done', text)}
          >
            It is set
          </ReasonLine>
        </>
      )}
    </Panel>
  )
}

const IS_OPEN: ReadonlySet<StepState> = new Set<StepState>(['ready', 'doing', 'failed', 'look-again'])

const STATE_WORDS: { readonly [state in StepState]?: string } = {
  doing: 'Begun.',
  failed: 'Not right yet.',
  'look-again': 'Something under it was done again since: look again.',
}

function StepItem({ step, store }: { readonly step: PlannedStep; readonly store: Store }) {
  const [name, how, check] = stepWords(step.id, store.say)
  const isOpen = IS_OPEN.has(step.state)
  const note = (result: 'started' | 'done' | 'failed' | 'reopened' | 'waived', text = '') =>
    void store.addLog({ kind: 'step', code: step.id, result, text })
  return (
    <li data-state={step.state} data-step={step.id} data-open={isOpen}>
      <div className="head">
        <span className="name">{name}</span>
        {isOpen && (
          <Button onPress={() => note('done')} aria-label={`Done: ${name}`}>
            {step.state === 'look-again' ? 'Still right' : 'Done'}
          </Button>
        )}
        {step.state === 'done' && !step.irreversible && (
          <Button $plain onPress={() => note('reopened')} aria-label={`Reopen: ${name}`}>
            Done ✓
          </Button>
        )}
        {step.state === 'done' && step.irreversible && <span>Done ✓</span>}
      </div>
      {isOpen && (
        <>
          {STATE_WORDS[step.state] && <span className="wrong">{STATE_WORDS[step.state]}</span>}
          <span>{how}</span>
          {step.id === 'sill-pan' && <PanLine store={store} />}
          <span className="small">{checkWords(step, check)}</span>
          {step.caution && <span className="caution">{CAUTION_WORDS[step.caution]}</span>}
        </>
      )}
      {step.state === 'blocked' && <span className="small">After: {step.missing.map(stepName).join(', ')}</span>}
      {step.state === 'waiting' && step.until && (
        <span className="small">Waits until {format(parseISO(step.until), 'EEE d MMM, HH:mm')}</span>
      )}
      <OtherWays step={step} name={name} onNote={note} />
    </li>
  )
}

/** What the pan is put together from, as wide as the hole it lies in. */
function PanLine({ store }: { readonly store: Store }) {
  const { pan } = store.work.fit.value
  return pan && <strong>{panWords(pan, length => formatRead(length, store.sheet.job.step))}</strong>
}

const checkWords = ({ minutes, waitHours, irreversible }: PlannedStep, check: string): string =>
  [
    `Check: ${check}`,
    `About ${minutes} min.`,
    waitHours ? `Then wait ${waitHours} h.` : '',
    irreversible ? 'Can’t be undone.' : '',
  ]
    .filter(Boolean)
    .join(' ')

type OtherProps = {
  readonly step: PlannedStep
  readonly name: string
  readonly onNote: (result: 'started' | 'failed' | 'reopened' | 'waived', text?: string) => void
}

/** What becomes of a step besides being done: begun, not right, left out; and one that can't be undone looked at once more. */
function OtherWays({ step, name, onNote }: OtherProps) {
  const isFinal = step.state === 'done' && step.irreversible
  if (!isFinal && !IS_OPEN.has(step.state)) return null
  return (
    <Otherwise of={name}>
      {close => {
        const act = (result: Parameters<OtherProps['onNote']>[0]) => (text: string) => {
          onNote(result, text)
          close()
        }
        return isFinal ? (
          <ReasonLine label="Why it is opened again" act={`Reopen: ${name}`} onAct={act('reopened')}>
            Open again
          </ReasonLine>
        ) : (
          <>
            {step.state === 'ready' && (
              <Button $plain onPress={() => act('started')('')} aria-label={`Begin: ${name}`}>
                Begin
              </Button>
            )}
            <ReasonLine label="What is not right" act={`Not right: ${name}`} onAct={act('failed')}>
              Not right
            </ReasonLine>
            <ReasonLine label="Why it is left out" act={`Left out: ${name}`} onAct={act('waived')}>
              Leave out
            </ReasonLine>
          </>
        )
      }}
    </Otherwise>
  )
}
