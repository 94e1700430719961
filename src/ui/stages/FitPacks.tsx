'use client'
import { memo, useDeferredValue } from 'react'
import { styled } from 'styled-components'
import { isPacked } from '@/core/fit/fastening'
import type { ShimPlan, ShimPoint } from '@/core/fit/plan-shims'
import { type DisplayStep, onTape, workStep } from '@/core/units/format-length'
import { type Length, magnitude, mm, TICKS_PER_INCH, ticks, ZERO } from '@/core/units/length'
import { shimName } from '@/words/names'
import { packWords } from '@/words/packs'
import { holeWords } from '@/words/step-lines'
import { HEADER_WORDS } from '@/words/steps'
import { alikeBut } from '../parts/alike'
import { Button, ButtonLink, Facts, Panel, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Figure } from '../parts/Figure'
import { SliderBar } from '../parts/SliderBar'
import { TracedFigure } from '../parts/TraceView'
import type { StageProps } from '../sheet/stage-props'
import { useHeld } from '../store/use-held'
import { useStable } from '../store/use-stable'
import RollersPanel from './fit/RollersPanel'
import WhatItTakes from './fit/WhatItTakes'
import HingeHoles from './HingeHoles'
import { StageFindings } from './StageFindings'
import TunePanel from './TunePanel'

const Packs = styled.ul`
  li button { display: grid; gap: 2px; width: 100%; text-align: left; min-height: 44px; padding: 7px 6px; border: none; border-top: 1px solid var(--rule); background: none; cursor: pointer; }
  li button[aria-current='true'] { background: var(--vial-wash); box-shadow: inset 0 0 0 1.5px var(--ink); }
  .head { display: grid; grid-template-columns: 1fr auto; align-items: baseline; }
  .gap { font-size: 1.375rem; font-weight: 600; }
  .small { font-size: 0.9375rem; color: var(--quiet); }
`

export function FitFindings(stage: StageProps) {
  const { store } = stage
  const { work } = store
  const { shims } = work.fit.value
  // While the unit is moved packs, gaps and findings follow, the rest when it is let go.
  const behind = useDeferredValue(useHeld(store, store.isMoving))
  return (
    <>
      {shims ? (
        <PacksPanel {...stage} shims={shims} />
      ) : (
        <Panel>
          <Quiet>{whyNoPacks(store)}</Quiet>
        </Panel>
      )}
      {shims && <Standing store={store} shims={shims} />}
      <Later store={behind} />
      <StageFindings {...stage} findings={work.fit.findings} />
    </>
  )
}

/** What is looked at once the unit stands. */
const Later = memo(function Later({ store }: { readonly store: StageProps['store'] }) {
  const { tunes } = store.work.door.fit
  return (
    <>
      {tunes && (
        <Panel>
          <h2>{tunes === 'panel' ? 'Panel on its rollers' : 'Even margins'}</h2>
          {tunes === 'panel' ? <RollersPanel store={store} /> : <TunePanel store={store} />}
        </Panel>
      )}
      {store.work.fit.value.shims && goesIntoStuds(store) && (
        <Panel>
          <Disclosure title="Which hinge hole finds the stud?">
            <HingeHoles store={store} />
          </Disclosure>
        </Panel>
      )}
      <Panel>
        <Disclosure title="What it takes: packs, sealant, foam, trim">
          <WhatItTakes store={store} />
        </Disclosure>
      </Panel>
      <TakeAlong store={store} />
    </>
  )
})

/** Every pack and screw, and what of the plan stands on paper. */
function PacksPanel({ store, selected, onSelect, shims }: StageProps & { readonly shims: ShimPlan }) {
  const { step } = store.sheet.job
  const picked = shims.points.find(one => `shim.${one.place}` === selected)
  const select = useStable((place: string) => onSelect(`shim.${place}`))
  return (
    <Panel>
      <h2>Packs and screws</h2>
      <Packs>
        {shims.points.map(one => (
          <PackItem key={one.place} point={one} step={step} isSelected={one === picked} onSelect={select} />
        ))}
      </Packs>
      {shims.points.length > 0 && <Quiet>{HEADER_WORDS[store.work.fit.value.header]}</Quiet>}
      {picked?.screw && (
        <TracedFigure name={`Screw at ${shimName(picked.place).toLowerCase()}`} trace={picked.screw} step={step} />
      )}
    </Panel>
  )
}

/** The fit card and the rest to take along. */
function TakeAlong({ store }: { readonly store: StageProps['store'] }) {
  const base = `/api/openings/${store.sheet.opening.id}`
  return (
    <Panel>
      <h2>To take along</h2>
      <div style={{ display: 'flex', gap: 8, flexWrap: 'wrap' }}>
        <ButtonLink href={`${base}/fit.pdf`} target="_blank">
          Fit card, PDF
        </ButtonLink>
        <ButtonLink href={`${base}/fit.csv`}>Packs, CSV</ButtonLink>
        <ButtonLink href={`${base}/drawing.svg`}>Elevation, SVG</ButtonLink>
        <ButtonLink href={`${base}/drawing.dxf`}>Elevation, DXF</ButtonLink>
        <ButtonLink href={`${base}/fit-log.csv`}>What was done, CSV</ButtonLink>
        <ButtonLink href={`${base}/fit-log.json`}>What was done, JSON</ButtonLink>
      </div>
    </Panel>
  )
}

/** Whether hinge screws go through board into a stud: a hung frame that is screwed, in no masonry. */
const goesIntoStuds = ({ work }: StageProps['store']): boolean =>
  work.door.specify.settles.includes('hinges') &&
  work.door.fit.fastener === 'screw' &&
  work.order.value.chosen?.bucks === null

/** Why nothing is packed yet, or ever. */
function whyNoPacks({ work }: StageProps['store']): string {
  if (!isPacked(work.door.fit)) return 'Nothing is packed for this kind of door: it is set as its maker’s sheet says.'
  const { chosen } = work.order.value
  const isHung = work.door.specify.settles.includes('hinges')
  if (!chosen)
    return `Choose a unit${isHung ? ' and settle the hinge side' : ''}: then it stands in the opening and its packs are planned.`
  if (!chosen.placement) return 'What was chosen has no frame that is packed: nothing is planned here.'
  return 'Settle the hinge side: the packs go by it.'
}

/** The unit can be moved by this: a thirty-second of an inch, or a millimetre. */
const nudgeOf = (step: DisplayStep): Length => (step.includes('/') ? ticks(TICKS_PER_INCH / 32) : mm(1))

function Standing({ store, shims }: { readonly store: StageProps['store']; readonly shims: ShimPlan }) {
  const { placement, bucks } = store.work.order.value.chosen!
  const { chance } = store.work.fit.value
  const { step } = store.sheet.job
  const fine = workStep(step)
  if (!placement || shims.points.length === 0) return null
  return (
    <Panel>
      <h2>How it stands</h2>
      <Facts>
        <dt>Room at the sides</dt>
        <dd style={{ fontSize: '1.375rem', fontWeight: 600 }}>
          <Figure value={placement.sideRoom} step={step} toward="down" unit />
        </dd>
        <dt>Gap at the head</dt>
        <dd style={{ fontSize: '1.375rem', fontWeight: 600 }}>
          <Figure value={placement.headGap} step={step} toward="down" unit />
        </dd>
        <dt>Under the sill, left · centre · right</dt>
        <dd>
          {placement.sillSupport.map((gap, i) => (
            <span key={['left', 'centre', 'right'][i]}>
              {i > 0 && ' · '}
              <Figure value={gap} step={step} toward="down" />
            </span>
          ))}
        </dd>
        {bucks && (
          <>
            <dt>Bucks, left · right{bucks.isRipped ? ', ripped' : ''}</dt>
            <dd>
              <Figure value={bucks.left} step={fine} toward="down" /> ·{' '}
              <Figure value={bucks.right} step={fine} toward="down" unit />
            </dd>
          </>
        )}
        {chance !== null && (
          <>
            <dt>Goes in</dt>
            <dd>{Math.min(99, Math.round(chance * 100))} in 100</dd>
          </>
        )}
      </Facts>
      <Moved store={store} sideRoom={placement.sideRoom} />
    </Panel>
  )
}

type MovedProps = { readonly store: StageProps['store']; readonly sideRoom: Length }

/** The unit moved to either side, as far as a gap stays, in whole steps; packs and gaps follow while it goes. */
function Moved({ store, sideRoom }: MovedProps) {
  const { step } = store.sheet.job
  const { shift } = store.records.fit
  const by = nudgeOf(step)
  const least = store.work.terms.lengths['gap-least'].value
  const room = Math.max(0, Math.floor((sideRoom / 2 - least) / by) * by)
  const move = (to: number) => store.save('fit', { shift: ticks(to) })
  return (
    <>
      {room > 0 && (
        <SliderBar
          label="Moved"
          min={-room}
          max={room}
          step={by}
          value={shift}
          onChange={to => store.tryShift(ticks(to))}
          onEnd={move}
        >
          {shift === 0 ? 'not' : <Figure value={magnitude(shift)} step={workStep(step)} unit />}
          {shift === 0 ? '' : shift > 0 ? ' right' : ' left'}
        </SliderBar>
      )}
      <Button $plain onPress={() => move(ZERO)} isDisabled={shift === 0}>
        Centre
      </Button>
    </>
  )
}

type ItemProps = {
  readonly point: ShimPoint
  readonly step: DisplayStep
  readonly isSelected: boolean
  readonly onSelect: (place: string) => void
}

const PackItem = memo(function PackItem({ point, step, isSelected, onSelect }: ItemProps) {
  const fine = workStep(step)
  const tape = onTape(point.gap, step)
  return (
    <li>
      <button type="button" aria-current={isSelected} onClick={() => onSelect(point.place)} data-shim={point.place}>
        <span className="head">
          <span>{shimName(point.place)}</span>
          <span className="gap">
            <Figure value={point.gap} step={fine} toward="down" unit />
          </span>
        </span>
        <span className="small">
          {tape !== null && `On the tape ${tape}. `}
          {packWords(point.pack, fine)} ·{' '}
          {point.screwLength === null ? (
            'no screw'
          ) : (
            <>
              screw <Figure value={point.screwLength} step={step} toward="up" unit />
              {holeWords(point.hole, fine).map(one => `, ${one}`)}
            </>
          )}
        </span>
      </button>
    </li>
  )
}, alikeBut('point'))
