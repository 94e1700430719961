'use client'
import { useEffect, useMemo, useRef, useState } from 'react'
import { Dialog } from 'react-aria-components/Dialog'
import { Heading } from 'react-aria-components/Heading'
import { Modal, ModalOverlay } from 'react-aria-components/Modal'
import { styled } from 'styled-components'
import { elevation } from '@/core/drawing/elevation'
import { withoutOpen } from '@/core/drawing/scene'
import { partAt } from '@/core/drawing/zoom'
import { pointsAt } from '@/core/fit/due'
import { standingEntries } from '@/core/log/standing'
import type { LedStep } from '@/core/seal/seal-steps'
import { workStep } from '@/core/units/format-length'
import { untilWords } from '@/words/moments'
import { STAGE_NAMES } from '@/words/names'
import { notedWords } from '@/words/step-lines'
import { ledName, ledWords, stepName } from '@/words/steps'
import { Button, Quiet } from '../../parts/controls'
import { Disclosure } from '../../parts/Disclosure'
import { SceneView } from '../../parts/SceneView'
import { Worded } from '../../parts/Worded'
import type { StageProps } from '../../sheet/stage-props'
import TunePanel from '../TunePanel'
import { OtherWays } from './OtherWays'
import { StepCaution, StepDue, StepFigure, StepTakes } from './StepBody'
import { StepPhoto } from './StepPhoto'
import { useAloud, useAwake, useSpace, useSpokenNext } from './use-day'
import { nextStep, noteStep, useStepDone } from './use-step'

type Props = Pick<StageProps, 'store' | 'onGo'> & {
  readonly steps: readonly LedStep[]
  /** Where it goes on once all are done. */
  readonly to: 'seal' | 'handover'
  /** What is said of that. */
  readonly said: string
  readonly onClose: () => void
}
type Store = StageProps['store']

const Veil = styled(ModalOverlay)`position: fixed; inset: 0 0 var(--bar); background: var(--paper); z-index: 10;`
const Screen = styled(Modal)`
  height: calc(100dvh - var(--bar)); max-width: 900px; margin: 0 auto; background: var(--sheet); color: var(--ink);
  section { height: calc(100dvh - var(--bar)); display: grid; grid-template-rows: auto minmax(96px, 1fr) auto auto; outline: none; }
  header { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 10px; align-items: start; padding: 8px 12px; border-bottom: 2px solid var(--ink); }
  h2 { font-size: 1.5rem; line-height: 1.15; }
  .what { display: grid; gap: 6px; padding: 8px 12px; font-size: 1.125rem; line-height: 1.35; overflow-y: auto; max-height: 46dvh; }
  .small { font-size: 0.9375rem; color: var(--quiet); }
  .caution { font-size: 1rem; color: var(--watch); font-weight: 650; }
  .wrong { font-size: 1rem; color: var(--correct); font-weight: 650; }
  .elevation { position: relative; > button { position: absolute; right: 8px; top: 6px; z-index: 1; background: var(--sheet); } }
  .more { display: flex; flex-wrap: wrap; gap: 6px; }
  .go { padding: 0; }
  .go button { width: 100%; min-height: max(96px, 22dvh); border: none; border-radius: 0; background: var(--vial); color: #17242B; font-size: 1.875rem; font-weight: 700; cursor: pointer; }
  .go button[data-sure='true'] { background: var(--correct); color: #fff; }
`

/** The day, one step at a time: what to do, where, with what, the number to meet, and one large Done. */
export default function DayView({ steps, to, said, store, onGo, onClose }: Props) {
  const step = nextStep(steps)
  useAwake()
  return (
    <Veil isOpen onOpenChange={open => !open && onClose()}>
      <Screen>
        <Dialog>
          {step ? (
            <OneStep key={step.id} step={step} steps={steps} store={store} onClose={onClose} />
          ) : (
            <NoStep steps={steps} to={to} said={said} store={store} onGo={onGo} onClose={onClose} />
          )}
        </Dialog>
      </Screen>
    </Veil>
  )
}

type StepProps = {
  readonly step: LedStep
  readonly steps: readonly LedStep[]
  readonly store: Store
  readonly onClose: () => void
}

function OneStep({ step, steps, store, onClose }: StepProps) {
  const [name, how, check] = ledWords(step, store.say)
  const doing = useStepDone(store, step)
  useSpace(doing.done)
  // The space bar finds Done, whatever was pressed last.
  const go = useRef<HTMLButtonElement>(null)
  useEffect(() => go.current?.focus({ preventScroll: true }), [])
  const at = steps.indexOf(step)
  const entry = standingEntries('step', store.records.log).get(step.id)
  const why = step.state === 'failed' ? notedWords(step, entry, store.sheet.job.step, store.trade.zone) : ''
  const said = step.state === 'failed' ? 'Not right yet. ' : step.state === 'look-again' ? 'Look again. ' : ''
  return (
    <>
      <header>
        <div>
          <Heading slot="title">{name}</Heading>
          <span className="small">
            {said}Step {at + 1} of {steps.length}
          </span>
        </div>
        <Button $plain onPress={onClose}>
          Close
        </Button>
      </header>
      <StepDrawing step={step} store={store} />
      <div className="what" data-step={step.id}>
        {why && <span className="wrong">{why}</span>}
        <span>
          <Worded text={how} />
        </span>
        <StepDue step={step} store={store} />
        <StepCaution step={step} />
        <span className="small">Check: {check}</span>
        <StepFigure step={step} name={name} store={store} doing={doing} />
        {step.cure === 'tuning' && store.work.fit.value.hung.length > 0 && (
          <Disclosure title="Read the margins, see what to move">
            <TunePanel store={store} />
          </Disclosure>
        )}
        {doing.isSure && <span className="wrong">It can’t be undone. Tap once more if it is done.</span>}
        <StepTakes step={step} />
        <More step={step} store={store} onNext={doing.done} />
      </div>
      <div className="go">
        <button ref={go} type="button" data-sure={doing.isSure} onClick={doing.done} aria-label={`Done: ${name}`}>
          {doing.isSure ? 'Yes, done' : step.state === 'look-again' ? 'Still right' : 'Done'}
        </button>
      </div>
    </>
  )
}

/** What helps at a step: read aloud, a spoken “next”, a photo, and what else can become of it. */
function More({ step, store, onNext }: Pick<StepProps, 'step' | 'store'> & { readonly onNext: () => void }) {
  const [name, how, check] = ledWords(step, store.say)
  const aloud = useAloud()
  const heard = useSpokenNext(onNext)
  return (
    <div className="more">
      {aloud && (
        <Button $plain onPress={() => aloud(`${name}. ${how} ${check}`)}>
          Read aloud
        </Button>
      )}
      {heard && (
        <Button $plain aria-pressed={heard.isOn} onPress={heard.turn}>
          {heard.isOn ? 'Listening for “next”' : 'Listen for “next”'}
        </Button>
      )}
      <Disclosure title="Photo">
        <StepPhoto step={step} store={store} />
      </Disclosure>
      <OtherWays step={step} name={name} onNote={noteStep(store, step)} />
    </div>
  )
}

/** The drawing, as near as the step's place lets one go. */
function StepDrawing({ step, store }: { readonly step: LedStep; readonly store: Store }) {
  const { drawn, work, records, sheet } = store
  const [isWhole, setWhole] = useState(false)
  const stage = step.seal ? 'seal' : 'fit'
  const whole = useMemo(() => withoutOpen(elevation(drawn, stage, 1)), [drawn, stage])
  const part = useMemo(() => {
    const ids = pointsAt(step.place, work.fit.value).map(one => `shim.${one.place}`)
    return partAt(whole, step.place, ids, records.wishes.hinges)
  }, [whole, work, records, step])
  const isNearer = part.from.x > whole.from.x || part.to.y < whole.to.y || part.to.x < whole.to.x
  const scene = isWhole ? whole : { ...whole, from: part.from, to: part.to }
  return (
    <div className="elevation">
      {isNearer && (
        <Button $plain onPress={() => setWhole(!isWhole)}>
          {isWhole ? 'Nearer' : 'Whole door'}
        </Button>
      )}
      <SceneView
        scene={scene}
        step={workStep(sheet.job.step)}
        title={`Elevation, seen from outside: ${ledName(step)}`}
        selected={null}
        names={NOTHING}
        onSelect={() => undefined}
      />
    </div>
  )
}
const NOTHING: ReadonlyMap<string, string> = new Map()

type NoneProps = Omit<StepProps, 'step'> & Pick<Props, 'onGo' | 'to' | 'said'>

/** Nothing to do now: something waits, is kept back, or all is done. */
function NoStep({ steps, to, said, store, onGo, onClose }: NoneProps) {
  const waiting = steps.filter(one => one.state === 'waiting')
  const blocked = steps.find(one => one.state === 'blocked')
  const isDone = steps.every(one => one.state === 'done')
  // Kept back by what is done elsewhere.
  const isKept = waiting.length === 0 && (blocked?.missing.every(id => !steps.some(one => one.id === id)) ?? false)
  return (
    <>
      <header>
        <Heading slot="title">{isDone ? 'All steps are done' : waiting.length ? 'It waits' : 'Not yet'}</Heading>
        <Button $plain onPress={onClose}>
          Close
        </Button>
      </header>
      <div className="what">
        {waiting.map(one => (
          <p key={one.id}>
            <strong>{ledName(one)}</strong>: not before {one.until && untilWords(one.until, store.trade.zone)}
          </p>
        ))}
        {!isDone && waiting.length === 0 && blocked && (
          <p>
            <strong>{ledName(blocked)}</strong> comes next, after: {blocked.missing.map(stepName).join(', ')}.
          </p>
        )}
        {isDone && <Quiet>{said}</Quiet>}
      </div>
      <div className="go">
        {isDone ? (
          <button
            type="button"
            onClick={() => {
              onClose()
              onGo(to, to)
            }}
          >
            {STAGE_NAMES[to]}
          </button>
        ) : isKept ? (
          <button
            type="button"
            onClick={() => {
              onClose()
              onGo('fit', 'fit')
            }}
          >
            {STAGE_NAMES.fit}
          </button>
        ) : (
          <button type="button" onClick={onClose}>
            Close
          </button>
        )}
      </div>
    </>
  )
}
