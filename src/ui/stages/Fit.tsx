'use client'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import type { ShimPoint } from '@/core/fit/plan-shims'
import type { PlannedStep } from '@/core/fit/plan-steps'
import { type DisplayStep, workStep } from '@/core/units/format-length'
import { inches, ticks } from '@/core/units/length'
import { SHIM_NAMES } from '@/words/names'
import { CAUTION_WORDS, STEP_WORDS } from '@/words/steps'
import { Button, Facts, Panel, Quiet } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { StageFindings } from './StageFindings'
import type { StageProps } from './types'

const Steps = styled.ol`
  li { border-top: 1px solid var(--rule); padding: 8px 2px; display: grid; gap: 3px; }
  li[data-state='ready'] { background: var(--vial-wash); box-shadow: inset 0 0 0 1.5px var(--ink); padding: 10px; }
  li[data-state='blocked'] .name { color: var(--quiet); }
  .head { display: grid; grid-template-columns: 1fr auto; align-items: center; gap: 8px; }
  .name { font-weight: 650; }
  .small { font-size: 15px; color: var(--quiet); }
  .caution { font-size: 15px; color: var(--watch); font-weight: 600; }
`

export function FitLadder({ store }: StageProps) {
  const { steps } = store.result
  const done = steps.filter(one => one.state === 'done').length
  const note = (step: PlannedStep, result: 'done' | 'reopened') =>
    store.addLog({
      id: uuidV7(),
      kind: 'step',
      code: step.id,
      result,
      text: '',
      by: store.sheet.memberName,
      at: new Date().toISOString(),
    })
  return (
    <>
      <h2>Setting, step by step</h2>
      <Quiet>
        {done} of {steps.length} done
      </Quiet>
      <Steps>
        {steps.map(step => (
          <StepItem
            key={step.id}
            step={step}
            onDone={() => note(step, 'done')}
            onReopen={() => note(step, 'reopened')}
          />
        ))}
      </Steps>
    </>
  )
}

function StepItem({
  step,
  onDone,
  onReopen,
}: {
  readonly step: PlannedStep
  readonly onDone: () => void
  readonly onReopen: () => void
}) {
  const [name, how, check] = STEP_WORDS[step.id] ?? [step.id, '', '']
  return (
    <li data-state={step.state} data-step={step.id}>
      <div className="head">
        <span className="name">{name}</span>
        {step.state === 'ready' && (
          <Button onPress={onDone} aria-label={`Done: ${name}`}>
            Done
          </Button>
        )}
        {step.state === 'done' && (
          <Button $plain onPress={onReopen} aria-label={`Reopen: ${name}`}>
            Done ✓
          </Button>
        )}
      </div>
      {step.state === 'ready' && (
        <>
          <span>{how}</span>
          <span className="small">
            Check: {check} About {step.minutes} min.{step.waitHours ? ` Then wait ${step.waitHours} h.` : ''}
            {step.irreversible ? ' Can’t be undone.' : ''}
          </span>
          {step.caution && <span className="caution">{CAUTION_WORDS[step.caution]}</span>}
        </>
      )}
      {step.state === 'blocked' && (
        <span className="small">After: {step.missing.map(id => STEP_WORDS[id]?.[0] ?? id).join(', ')}</span>
      )}
    </li>
  )
}

const Packs = styled.ul`
  li button { display: grid; gap: 2px; width: 100%; text-align: left; min-height: 44px; padding: 7px 6px; border: none; border-top: 1px solid var(--rule); background: none; cursor: pointer; }
  li button[aria-current='true'] { background: var(--vial-wash); box-shadow: inset 0 0 0 1.5px var(--ink); }
  .head { display: grid; grid-template-columns: 1fr auto; align-items: baseline; }
  .gap { font-size: 22px; font-weight: 600; }
  .small { font-size: 15px; color: var(--quiet); }
`
const NUDGE = inches(0, 1, 32)

export function FitFindings(stage: StageProps) {
  const { store, selected, onSelect } = stage
  const { shims, chance, findings, chosen } = store.result
  const { step } = store.sheet.job
  if (!shims || !chosen)
    return (
      <Quiet>
        Choose a unit and settle the hinge side: then the unit stands in the opening and its packs are planned.
      </Quiet>
    )
  const shift = store.sheet.wishes.data.shift
  const move = (by: number) => store.saveWishes({ shift: ticks(shift + by) })
  return (
    <>
      <Panel>
        <h2>Packs and screws</h2>
        <Packs>
          {shims.points.map(one => (
            <PackItem
              key={one.place}
              point={one}
              step={step}
              isSelected={selected === `shim.${one.place}`}
              onSelect={() => onSelect(`shim.${one.place}`)}
            />
          ))}
        </Packs>
      </Panel>
      <Panel>
        <h2>How it stands</h2>
        <Facts>
          <dt>Room at the sides</dt>
          <dd style={{ fontSize: 22, fontWeight: 600 }}>
            <Figure value={shims.placement.sideRoom} step={step} unit />
          </dd>
          <dt>Gap at the head</dt>
          <dd style={{ fontSize: 22, fontWeight: 600 }}>
            <Figure value={shims.placement.headGap} step={step} unit />
          </dd>
          <dt>Under the sill, left · centre · right</dt>
          <dd>
            {shims.placement.sillSupport.map((gap, i) => (
              <span key={['left', 'centre', 'right'][i]}>
                {i > 0 && ' · '}
                <Figure value={gap} step={step} />
              </span>
            ))}
          </dd>
          {chance !== null && (
            <>
              <dt>Goes in</dt>
              <dd>{Math.min(99, Math.round(chance * 100))} in 100</dd>
            </>
          )}
        </Facts>
        <div style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}>
          <Button $plain onPress={() => move(-NUDGE)}>
            ◂ 1/32
          </Button>
          <Button $plain onPress={() => store.saveWishes({ shift: ticks(0) })} isDisabled={shift === 0}>
            Centre
          </Button>
          <Button $plain onPress={() => move(NUDGE)}>
            1/32 ▸
          </Button>
        </div>
      </Panel>
      <StageFindings {...stage} findings={findings.fit} />
    </>
  )
}

function PackItem({
  point,
  step,
  isSelected,
  onSelect,
}: {
  readonly point: ShimPoint
  readonly step: DisplayStep
  readonly isSelected: boolean
  readonly onSelect: () => void
}) {
  const fine = workStep(step)
  return (
    <li>
      <button type="button" aria-current={isSelected} onClick={onSelect} data-shim={point.place}>
        <span className="head">
          <span>{SHIM_NAMES[point.place]}</span>
          <span className="gap">
            <Figure value={point.gap} step={fine} unit />
          </span>
        </span>
        <span className="small">
          <PackWords point={point} step={fine} /> · screw <Figure value={point.screwLength} step={step} unit />
        </span>
      </button>
    </li>
  )
}

function PackWords({ point: { pack }, step }: { readonly point: ShimPoint; readonly step: DisplayStep }) {
  if (!pack) return <>no pack fits</>
  if (pack.pieces === 0) return <>nothing to pack</>
  return (
    <>
      {pack.flats.map((flat, i) => (
        // biome-ignore lint/suspicious/noArrayIndexKey: the same thickness may lie in a pack twice
        <span key={`${flat}-${i}`}>
          {i > 0 && ' + '}
          <Figure value={flat} step={step} />
        </span>
      ))}
      {pack.wedgeOffset !== null && (
        <>
          {pack.flats.length > 0 && ' + '}wedge pair,{' '}
          {pack.wedgeOffset === 0 ? (
            'fully overlapped'
          ) : (
            <>
              pulled apart <Figure value={pack.wedgeOffset} step={step} unit />
            </>
          )}
        </>
      )}
    </>
  )
}
