'use client'
import dynamic from 'next/dynamic'
import { useState } from 'react'
import { styled } from 'styled-components'
import { goTogether } from '@/core/seal/edge-ways'
import { isGranted, type SealOption } from '@/core/seal/judge-seal'
import type { EdgePlan, SealPlan } from '@/core/seal/plan-seals'
import { reasonKey } from '@/core/seal/seal-wants'
import { cutIn, isFitted } from '@/core/seal/sealed'
import { finerStep } from '@/core/units/format-length'
import { findingWords } from '@/words/findings'
import { sideName } from '@/words/names'
import { EXPECTED_WORDS } from '@/words/seals'
import { ledName } from '@/words/steps'
import { Button, Panel, Quiet } from '../../parts/controls'
import { Disclosure } from '../../parts/Disclosure'
import { Figure } from '../../parts/Figure'
import { Money } from '../../parts/Money'
import { ReasonLine } from '../../parts/ReasonLine'
import { Tick } from '../../parts/Tick'
import { Worded } from '../../parts/Worded'
import type { StageProps } from '../../sheet/stage-props'
import { StepList } from '../fit/StepItem'
import { nextStep } from '../fit/use-step'

const DayView = dynamic(() => import('../fit/DayView'), { ssr: false })

const Item = styled.div<{ $lit: boolean }>`
  border-top: 1px solid var(--rule); padding: 8px 4px; display: grid; grid-template-columns: minmax(0, 1fr); gap: 4px; font-size: 0.9375rem;
  ${p => p.$lit && 'background: var(--vial-wash); box-shadow: inset 0 0 0 1.5px var(--ink);'}
  .seal { font-size: 1.0625rem; font-weight: 600; }
`
type Props = StageProps & { readonly plan: SealPlan }

/** The seals of every edge: what is on it, what is cut, whether it is fitted, and why not the others. */
export function EdgesPanel({ plan, ...stage }: Props) {
  const byHand = Object.keys(stage.store.records.seal.edges).length > 0
  return (
    <Panel>
      <h2>Seals, edge by edge</h2>
      <Lead {...stage} />
      {plan.edges.map(one => (
        <EdgeItem key={one.edge.id} plan={one} {...stage} />
      ))}
      <a className="tall" href={`/api/jobs/${stage.store.sheet.job.id}/cuts.pdf`} target="_blank" rel="noreferrer">
        Cut list of the whole visit (PDF)
      </a>
      {byHand && (
        <Button $plain onPress={() => stage.store.save('seal', { edges: {} })}>
          All as planned
        </Button>
      )}
    </Panel>
  )
}

/** Leads through the fitting of all seals, one step at a time. */
function Lead({ store, onGo }: StageProps) {
  const { steps } = store.work.seal.value
  const [isDay, setDay] = useState(false)
  const next = nextStep(steps)
  if (steps.length === 0) return null
  const done = steps.filter(one => one.state === 'done').length
  return (
    <>
      <Quiet>
        {done} of {steps.length} steps done
      </Quiet>
      <Button onPress={() => setDay(true)}>{next ? `Lead me: ${ledName(next)}` : 'Lead me'}</Button>
      {isDay && (
        <DayView
          steps={steps}
          to="handover"
          said="The gaps are read again to prove it; then the tests come."
          store={store}
          onGo={onGo}
          onClose={() => setDay(false)}
        />
      )}
    </>
  )
}

type EdgeProps = StageProps & { readonly plan: EdgePlan }

function EdgeItem({ plan, ...stage }: EdgeProps) {
  const { edge, chosen, stays, options, expected } = plan
  const { store, selected, onSelect } = stage
  const fine = finerStep(store.sheet.job.step)
  const refused = options.filter(one => !one.holds)
  return (
    <Item $lit={selected === `seal.${edge.id}`} data-side={edge.id} onFocus={() => onSelect(`seal.${edge.id}`)}>
      <strong>
        <Worded text={sideName(edge.id)} isLabel />
      </strong>
      {expected && <Quiet>{EXPECTED_WORDS[expected]}</Quiet>}
      {stays.map(one => (
        <span key={one.id} data-stays={one.id}>
          {one.name}: there, and stays
        </span>
      ))}
      {chosen.map(one => (
        <Chosen key={one.seal.id} option={one} plan={plan} {...stage} />
      ))}
      {chosen.length === 0 && stays.length === 0 && <Quiet>No seal.</Quiet>}
      <Disclosure title="Choose otherwise">
        <Otherwise plan={plan} {...stage} />
      </Disclosure>
      {refused.length > 0 && (
        <Disclosure title={`Why not ${refused.length} others`}>
          {refused.map(one => (
            <p key={one.seal.id} style={{ color: 'var(--quiet)' }}>
              {one.seal.name}: {one.reasons.map(reason => sentence(reason, fine)).join(' ')}
            </p>
          ))}
        </Disclosure>
      )}
    </Item>
  )
}

function sentence(reason: SealOption['reasons'][number], step: ReturnType<typeof finerStep>): string {
  const words = findingWords(reason, step)
  return `${words.title}. ${words.why}`
}

/** One seal that goes on: its pieces, how it is fitted, and that it is. */
function Chosen({ option: { seal, centsPerYear, reasons }, plan, store }: EdgeProps & { readonly option: SealOption }) {
  const fine = finerStep(store.sheet.job.step)
  const { edge, pieces } = plan
  const watches = reasons.filter(one => one.severity === 'watch')
  return (
    <>
      <span className="seal" data-seal={seal.id}>
        {seal.name}
      </span>
      <span>
        <Money cents={centsPerYear} /> a year
      </span>
      {pieces
        .filter(one => one.sealId === seal.id)
        .map(({ part, of, length, cut }) => (
          <span key={part} data-piece={`${seal.id}.${part}`}>
            {of > 1 ? `Part ${part}: cut ` : 'Cut '}
            <strong>
              <Figure value={length} step={fine} toward="down" unit />
            </strong>
            {seal.isCutFromFreeEnd && ' from the free end'}
            {cut && (
              <>
                , start <Figure value={cut.cutAt} step={fine} unit /> in; {cut.holes} holes, end holes{' '}
                <Figure value={cut.firstEnd} step={fine} /> and <Figure value={cut.lastEnd} step={fine} unit /> from the
                ends
              </>
            )}
            {seal.overlength > 0 && (
              <>
                ; rubber <Figure value={seal.overlength} step={fine} unit /> longer
              </>
            )}
          </span>
        ))}
      {watches.map(one => (
        <Quiet key={one.code}>{sentence(one, fine)}</Quiet>
      ))}
      {cutIn(store.records.log).has(reasonKey(edge.id, seal.id)) && <Quiet>Cut, waits to be fitted.</Quiet>}
      <Fitted edge={edge.id} seal={seal.id} length={pieces[0]?.length ?? null} store={store} />
      <HowFitted edge={edge.id} seal={seal.id} store={store} />
    </>
  )
}

type HowProps = Pick<StageProps, 'store'> & { readonly edge: string; readonly seal: string }

/** The steps by which a seal is fitted, each as it stands. */
function HowFitted({ edge, seal, store }: HowProps) {
  const steps = store.work.seal.value.steps.filter(one => one.seal.edge === edge && one.seal.id === seal)
  return (
    <Disclosure title="How it is fitted">
      <StepList steps={steps} store={store} isUnder />
    </Disclosure>
  )
}

type FittedProps = Pick<StageProps, 'store'> & {
  readonly edge: string
  readonly seal: string
  readonly length: EdgePlan['pieces'][number]['length'] | null
}

/** Whether the seal is in, which piece, by whom; and the way to take that down, or back. */
function Fitted({ edge, seal, length, store }: FittedProps) {
  const { fitted } = store.work.seal.value
  const isIn = isFitted(fitted, edge, seal)
  const entry = fitted.get(reasonKey(edge, seal)) ?? fitted.get(edge)
  const name = sideName(edge)
  const note = (result: 'fitted' | 'reopened') => {
    const code = result === 'reopened' && !fitted.has(reasonKey(edge, seal)) ? edge : reasonKey(edge, seal)
    void store.addLog({ kind: 'seal', code, result, ...(length === null ? {} : { value: { length } }) })
  }
  return (
    <div data-fitted={isIn}>
      <Button
        $plain={isIn}
        onPress={() => note(isIn ? 'reopened' : 'fitted')}
        aria-label={isIn ? `Not fitted: ${name}` : `Fitted: ${name}`}
      >
        {isIn ? `Fitted ✓ ${entry ? entry.by : ''}` : 'It is fitted'}
      </Button>
    </div>
  )
}

/** The seals that hold, to choose one or two that go together; those that are asked about want a reason in the rain. */
function Otherwise({ plan, store }: EdgeProps) {
  const { edge, options, chosen } = plan
  const choice = store.records.seal
  const holding = options.filter(one => one.holds)
  const ids = chosen.map(one => one.seal.id)
  const set = (seals: readonly string[]) => store.save('seal', { edges: { ...choice.edges, [edge.id]: [...seals] } })
  const toggle = (option: SealOption, isOn: boolean) => {
    if (!isOn) return set(ids.filter(one => one !== option.seal.id))
    const beside = chosen.filter(one => goTogether(one.seal, option.seal, plan)).slice(0, 1)
    return set([...beside.map(one => one.seal.id), option.seal.id])
  }
  const site = { bedded: choice.bedded, reasons: choice.reasons, isInRain: isInRain(store) }
  return (
    <>
      {holding.map(one => (
        <div key={one.seal.id}>
          <Tick
            isOn={ids.includes(one.seal.id)}
            onChange={isOn => toggle(one, isOn)}
          >{`${one.seal.name}${one.isAsked ? ' (only bedded and draining)' : ''}`}</Tick>
          {one.isAsked && !isGranted(one, edge.id, site as never) && (
            <>
              <Quiet>{one.reasons.map(reason => sentence(reason, finerStep(store.sheet.job.step))).join(' ')}</Quiet>
              {site.isInRain && (
                <ReasonLine
                  label="Why it goes on where rain is driven"
                  act={`Reason: ${one.seal.name}`}
                  onAct={text =>
                    store.save('seal', { reasons: { ...choice.reasons, [reasonKey(edge.id, one.seal.id)]: text } })
                  }
                >
                  Keep the reason
                </ReasonLine>
              )}
            </>
          )}
        </div>
      ))}
      {holding.length === 0 && <Quiet>None of the seals closes this edge.</Quiet>}
      {options.length > 0 && <Staying plan={plan} store={store} />}
      <Button $plain onPress={() => set([])} aria-label={`No seal: ${sideName(edge.id)}`}>
        No seal here
      </Button>
    </>
  )
}

/** Seals that are there already and stay: they cost nothing and close as they do. */
function Staying({ plan: { options, stays, edge }, store }: Pick<EdgeProps, 'plan' | 'store'>) {
  const choice = store.records.seal
  return (
    <Disclosure title="There already, and stays">
      {options.map(({ seal }) => (
        <Tick
          key={seal.id}
          isOn={stays.some(one => one.id === seal.id)}
          onChange={isOn => {
            const there = choice.stays[edge.id] ?? []
            const next = isOn ? [...there, seal.id].slice(-2) : there.filter(one => one !== seal.id)
            return store.save('seal', { stays: { ...choice.stays, [edge.id]: next } })
          }}
        >
          {seal.name}
        </Tick>
      ))}
    </Disclosure>
  )
}

const isInRain = ({ records }: StageProps['store']): boolean =>
  records.wishes.settings.includes('exposed') && !records.wishes.settings.includes('covered')
