'use client'
import dynamic from 'next/dynamic'
import { styled } from 'styled-components'
import type { EdgePlan, SealPlan } from '@/core/seal/plan-seals'
import { finerStep } from '@/core/units/format-length'
import { findingWords } from '@/words/findings'
import { SEAL_NAMES, sideName } from '@/words/names'
import { Button, Facts, Panel, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Figure } from '../parts/Figure'
import { Money, useDecimal } from '../parts/Money'
import { SealSettings } from '../sheet/SealSettings'
import type { StageProps } from '../sheet/stage-props'
import { StageFindings } from './StageFindings'

const Bars = dynamic(() => import('../parts/Chart'), { ssr: false, loading: () => <div style={{ height: 190 }} /> })

const Item = styled.div<{ $lit: boolean }>`
  border-top: 1px solid var(--rule); padding: 8px 4px; display: grid; grid-template-columns: minmax(0, 1fr); gap: 4px; font-size: 15px;
  ${p => p.$lit && 'background: var(--vial-wash); box-shadow: inset 0 0 0 1.5px var(--ink);'}
  label { display: grid; gap: 4px; min-width: 0; }
  select { width: 100%; min-width: 0; min-height: 44px; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); padding: 0 8px; }
`

export function SealFindings(stage: StageProps) {
  const { store, selected, onSelect } = stage
  const { value, findings } = store.work.seal
  const { plan, edges, isWorkedOut } = value
  if (!isWorkedOut) return <StageFindings {...stage} findings={findings} />
  if (!plan)
    return (
      <>
        <Panel>
          <Quiet>Read the gaps of the closed door: the smallest and largest gap of each side decide its seal.</Quiet>
        </Panel>
        <StageFindings {...stage} findings={findings} />
      </>
    )
  return (
    <>
      <DraftPanel plan={plan} />
      <SoundPanel store={store} />
      <Panel>
        <h2>One seal a side, and how it is cut</h2>
        {plan.edges.map(one => (
          <EdgeItem
            key={one.edge.id}
            plan={one}
            isSelected={selected === `seal.${one.edge.id}`}
            store={store}
            onSelect={onSelect}
          />
        ))}
        {edges.length > plan.edges.length && <Quiet>Sides without a gap reading are not planned.</Quiet>}
      </Panel>
      <StageFindings {...stage} findings={findings} />
      <Panel>
        <SealSettings store={store} />
      </Panel>
    </>
  )
}

function DraftPanel({ plan }: { readonly plan: SealPlan }) {
  const decimal = useDecimal()
  const { before, after, edges } = plan
  return (
    <Panel>
      <h2>Draft before and after</h2>
      <Bars
        label="Draft at 50 Pa"
        unit="m³/h"
        groups={edges.map(one => sideName(one.edge.id).replace(' side', ''))}
        series={[
          { name: 'before', values: edges.map(one => one.flowBefore50), tone: 'quiet' },
          { name: 'after', values: edges.map(one => one.flowAfter50), tone: 'fine' },
        ]}
      />
      <Facts>
        <dt>Saved a year</dt>
        <dd style={{ fontSize: 26, fontWeight: 650 }} data-figure="saved">
          <Money cents={plan.savedCentsYear} />
        </dd>
        <dt>Heat a year</dt>
        <dd>
          {decimal(before.kwhYear, 0)} → {decimal(after.kwhYear, 0)} kWh
        </dd>
        <dt>As one hole</dt>
        <dd>
          {decimal(before.holeCm2, 1)} → {decimal(after.holeCm2, 1)} cm²
        </dd>
        <dt>Seals cost</dt>
        <dd>
          <Money cents={plan.cents} />
          {plan.payBackYears !== null && `, back in ${decimal(plan.payBackYears, 1)} years`}
        </dd>
        <dt>Push on the latch</dt>
        <dd>
          {decimal(plan.latchForceN, 0)} of {plan.latchLimitN} N
        </dd>
      </Facts>
    </Panel>
  )
}

/** What the door keeps out by itself, and with its gaps as they were read. */
function SoundPanel({ store }: Pick<StageProps, 'store'>) {
  const decimal = useDecimal()
  const { sound } = store.work.seal.value
  return (
    <Panel>
      <h2>Sound</h2>
      {sound ? (
        <>
          <Facts>
            <dt>With the gaps as read</dt>
            <dd style={{ fontSize: 26, fontWeight: 650 }} data-figure="sound">
              ≈ {sound.openRw} dB
            </dd>
            <dt>The leaf by itself</dt>
            <dd>≈ {sound.leafRw} dB</dd>
            <dt>Open in all</dt>
            <dd>{decimal(sound.openM2 * 10_000, 1)} cm²</dd>
            <dt>Open at most, to lose {sound.within} dB</dt>
            <dd>{decimal(sound.allowedM2 * 10_000, 1)} cm²</dd>
          </Facts>
          <Quiet>
            Rw, good to ± {sound.within} dB: the leaf by how it is built, each gap as wholly open. A gap too small to
            see still counts.
          </Quiet>
        </>
      ) : (
        <Quiet>Say under Specify how the leaf is built, and read a gap: then what it keeps out stands here.</Quiet>
      )}
    </Panel>
  )
}

type EdgeProps = {
  readonly plan: EdgePlan
  readonly isSelected: boolean
  readonly store: StageProps['store']
  readonly onSelect: StageProps['onSelect']
}

function EdgeItem({ plan, isSelected, store, onSelect }: EdgeProps) {
  const { edge, chosen, options } = plan
  const fine = finerStep(store.sheet.job.step)
  const choose = (seal: string) =>
    store.save('seal', { edges: { ...store.records.seal.edges, [edge.id]: seal || null } })
  return (
    <Item $lit={isSelected} data-side={edge.id}>
      <label>
        <strong>{sideName(edge.id)}</strong>
        <select
          value={chosen?.seal.id ?? ''}
          onFocus={() => onSelect(`seal.${edge.id}`)}
          onChange={event => choose(event.target.value)}
        >
          <option value="">No seal</option>
          {options
            .filter(one => one.holds)
            .map(one => (
              <option key={one.seal.id} value={one.seal.id}>
                {SEAL_NAMES[one.seal.id]}, <Money cents={one.centsPerYear} /> a year
              </option>
            ))}
        </select>
      </label>
      <Cut plan={plan} store={store} />
      {chosen && <Fitted plan={plan} store={store} />}
      <Refused options={options.filter(one => !one.holds || one.isAsked)} step={fine} />
    </Item>
  )
}

function Cut({ plan: { piece }, store }: Pick<EdgeProps, 'plan' | 'store'>) {
  if (!piece) return null
  const fine = finerStep(store.sheet.job.step)
  const { cut } = piece
  return (
    <span>
      Cut{' '}
      <strong>
        <Figure value={piece.length} step={fine} toward="down" unit />
      </strong>
      {cut && (
        <>
          , start <Figure value={cut.cutAt} step={fine} unit /> in; {cut.holes} holes, end holes{' '}
          <Figure value={cut.firstEnd} step={fine} /> and <Figure value={cut.lastEnd} step={fine} unit /> from the ends
        </>
      )}
      {piece.joined && ', longer than the stock: join two lengths'}
    </span>
  )
}

/** Whether the seal is in; and the way to take that down, or back. */
function Fitted({ plan: { edge }, store }: Pick<EdgeProps, 'plan' | 'store'>) {
  const isFitted = store.work.seal.value.fitted.has(edge.id)
  const name = sideName(edge.id)
  const note = (result: 'fitted' | 'reopened') => void store.addLog({ kind: 'seal', code: edge.id, result })
  return (
    <div data-fitted={isFitted}>
      <Button
        $plain={isFitted}
        onPress={() => note(isFitted ? 'reopened' : 'fitted')}
        aria-label={isFitted ? `Not fitted: ${name}` : `Fitted: ${name}`}
      >
        {isFitted ? 'Fitted ✓' : 'It is fitted'}
      </Button>
    </div>
  )
}

function Refused({
  options,
  step,
}: {
  readonly options: EdgePlan['options']
  readonly step: ReturnType<typeof finerStep>
}) {
  if (options.length === 0) return null
  return (
    <Disclosure title={`Why not the other ${options.length}`}>
      {options.map(one => (
        <p key={one.seal.id} style={{ color: 'var(--quiet)' }}>
          {SEAL_NAMES[one.seal.id]}:{' '}
          {one.reasons
            .map(reason => {
              const words = findingWords(reason, step)
              return `${words.title}. ${words.why}`
            })
            .join(' ')}
        </p>
      ))}
    </Disclosure>
  )
}
