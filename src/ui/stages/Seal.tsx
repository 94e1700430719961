'use client'
import dynamic from 'next/dynamic'
import type { SidePlan } from '@/core/seal/plan-seals'
import { DOOR_SIDES } from '@/core/seal/seal'
import { GAP_SLOTS } from '@/core/survey/slots'
import { type DisplayStep, finerStep } from '@/core/units/format-length'
import { findingWords } from '@/words/findings'
import { money } from '@/words/money'
import { SEAL_NAMES, SIDE_NAMES } from '@/words/names'
import { Facts, Panel, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Figure } from '../parts/Figure'
import { Entry } from '../sheet/Entry'
import { ReadingLadder } from '../sheet/ReadingLadder'
import { SealSettings } from '../sheet/SealSettings'
import { neighbourOf, nextOpen } from '../sheet/selection'
import { StageFindings } from './StageFindings'
import type { StageProps } from './types'

const Bars = dynamic(() => import('../parts/Chart'), { ssr: false, loading: () => <div style={{ height: 190 }} /> })

export function SealLadder(stage: StageProps) {
  const { store, selected, onSelect } = stage
  const { survey } = store.result
  const slot = GAP_SLOTS.find(one => one === selected) ?? nextOpen(GAP_SLOTS, survey, null) ?? GAP_SLOTS[0]
  return (
    <>
      <Entry
        {...stage}
        slot={slot}
        onTaken={taken => onSelect(nextOpen(GAP_SLOTS, survey, taken) ?? taken)}
        onMove={by => onSelect(neighbourOf(GAP_SLOTS, slot, by))}
      />
      <ReadingLadder slots={GAP_SLOTS} store={store} selected={slot} onSelect={onSelect} />
    </>
  )
}

export function SealFindings(stage: StageProps) {
  const { store, selected, onSelect } = stage
  const { seals, findings } = store.result
  const { step } = store.sheet.job
  if (!seals)
    return <Quiet>Read the gaps of the closed door: each side’s smallest and largest gap decides its seal.</Quiet>
  const { before, after } = seals
  return (
    <>
      <Panel>
        <h2>Draft before and after</h2>
        <Bars
          label="Draft at 50 Pa"
          unit="m³/h"
          groups={seals.sides.map(one => SIDE_NAMES[one.side].replace(' side', ''))}
          series={[
            { name: 'before', values: seals.sides.map(one => one.flowBefore50), tone: 'quiet' },
            { name: 'after', values: seals.sides.map(one => one.flowAfter50), tone: 'fine' },
          ]}
        />
        <Facts>
          <dt>Saved a year</dt>
          <dd style={{ fontSize: 26, fontWeight: 650 }} data-figure="saved">
            {money(seals.savedCentsYear)}
          </dd>
          <dt>Heat a year</dt>
          <dd>
            {before.kwhYear.toFixed(0)} → {after.kwhYear.toFixed(0)} kWh
          </dd>
          <dt>As one hole</dt>
          <dd>
            {before.holeCm2.toFixed(1)} → {after.holeCm2.toFixed(1)} cm²
          </dd>
          <dt>Seals cost</dt>
          <dd>
            {money(seals.cents)}
            {seals.payBackYears !== null && `, back in ${seals.payBackYears.toFixed(1)} years`}
          </dd>
          <dt>Push on the latch</dt>
          <dd>
            {seals.latchForceN.toFixed(0)} of {seals.latchLimitN} N
          </dd>
        </Facts>
      </Panel>
      <Panel>
        <h2>One seal a side, and how it is cut</h2>
        {seals.sides.map(side => (
          <SideItem
            key={side.side}
            side={side}
            step={step}
            isSelected={selected === `seal.${side.side}`}
            store={store}
            onSelect={onSelect}
          />
        ))}
        {DOOR_SIDES.length > seals.sides.length && <Quiet>Sides without a gap reading are not planned.</Quiet>}
      </Panel>
      <StageFindings {...stage} findings={findings.seal} />
      <Panel>
        <SealSettings store={store} />
      </Panel>
    </>
  )
}

type SideProps = {
  readonly side: SidePlan
  readonly step: DisplayStep
  readonly isSelected: boolean
  readonly store: StageProps['store']
  readonly onSelect: StageProps['onSelect']
}

function SideItem({ side, step, isSelected, store, onSelect }: SideProps) {
  const { chosen, piece, options } = side
  const fine = finerStep(step)
  const refused = options.filter(one => !one.holds)
  return (
    <div
      style={{
        borderTop: '1px solid var(--rule)',
        padding: '8px 4px',
        display: 'grid',
        gridTemplateColumns: 'minmax(0, 1fr)',
        gap: 4,
        ...(isSelected ? { background: 'var(--vial-wash)', boxShadow: 'inset 0 0 0 1.5px var(--ink)' } : {}),
      }}
      data-side={side.side}
    >
      <label style={{ display: 'grid', gap: 4, minWidth: 0 }}>
        <strong>{SIDE_NAMES[side.side]}</strong>
        <select
          value={chosen?.seal.id ?? ''}
          onFocus={() => onSelect(`seal.${side.side}`)}
          onChange={event =>
            store.saveSeals({ ...store.sheet.sealChoice.data, [side.side]: event.target.value || null })
          }
          style={{
            width: '100%',
            minWidth: 0,
            minHeight: 44,
            border: '1.5px solid var(--strong-rule)',
            borderRadius: 4,
            background: 'var(--sheet)',
            padding: '0 8px',
          }}
        >
          <option value="">No seal</option>
          {options
            .filter(one => one.holds)
            .map(one => (
              <option key={one.seal.id} value={one.seal.id}>
                {SEAL_NAMES[one.seal.id]}, {money(one.centsPerYear)} a year
              </option>
            ))}
        </select>
      </label>
      {piece && (
        <span style={{ fontSize: 15 }}>
          Cut{' '}
          <strong>
            <Figure value={piece.length} step={fine} unit />
          </strong>
          {piece.cut && (
            <>
              , start <Figure value={piece.cut.cutAt} step={fine} unit /> in; {piece.cut.holes} holes, end holes{' '}
              <Figure value={piece.cut.firstEnd} step={fine} /> and{' '}
              <Figure value={piece.cut.lastEnd} step={fine} unit /> from the ends
            </>
          )}
          {piece.joined && ', longer than the stock: join two lengths'}
        </span>
      )}
      {refused.length > 0 && (
        <Disclosure title={`Why not the other ${refused.length}`}>
          {refused.map(one => (
            <p key={one.seal.id} style={{ color: 'var(--quiet)' }}>
              {SEAL_NAMES[one.seal.id]}:{' '}
              {one.reasons
                .map(reason => {
                  const words = findingWords(reason, fine)
                  return `${words.title}. ${words.why}`
                })
                .join(' ')}
            </p>
          ))}
        </Disclosure>
      )}
    </div>
  )
}
