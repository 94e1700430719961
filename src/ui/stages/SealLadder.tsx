'use client'
import { useMemo, useState } from 'react'
import { askedAlong } from '@/core/seal/deciding-gaps'
import { SEALED_BY_SHEET } from '@/core/seal/sealed'
import type { Occasion } from '@/core/survey/reading'
import { isClosedSlot } from '@/core/survey/slots'
import { standingReadings, surveyOf } from '@/core/survey/survey'
import { Choice, Panel, Quiet } from '../parts/controls'
import { Entry } from '../sheet/Entry'
import { ReadingLadder } from '../sheet/ReadingLadder'
import { neighbourOf, nextOpen } from '../sheet/selection'
import type { StageProps } from '../sheet/stage-props'
import { ClassBar } from './seal/ClassBar'

const WHEN = [
  ['choose', 'To choose'],
  ['prove', 'Sealed: to prove'],
] as const
type When = (typeof WHEN)[number][0]

export function SealLadder(stage: StageProps) {
  const { store, selected, onSelect } = stage
  const { plan, survey: chosenBy, edges, fitted } = store.work.seal.value
  const [when, setWhen] = useState<When>('choose')
  // A door that stays is surveyed; a new one is read once it is set.
  const isSurveyed = store.work.order.value.chosen === null && !store.work.door.seal.surveyIsOldLeaf
  const occasion: Occasion = when === 'prove' ? 'sealed' : isSurveyed ? 'survey' : 'set'
  const proving = useMemo(
    () =>
      surveyOf(
        chosenBy.way,
        standingReadings(store.records.readings, store.records.answers).filter(
          one => one.occasion === 'sealed' && isClosedSlot(one.slot),
        ),
      ),
    [chosenBy.way, store.records.readings, store.records.answers],
  )
  if (edges.length === 0)
    return (
      <Panel>
        <h2>Sealing</h2>
        <Quiet>
          {store.work.seal.value.size === null
            ? 'Its leaf’s size is needed for this: measure it, or choose a unit.'
            : 'Nothing of this kind is sealed.'}
        </Quiet>
      </Panel>
    )
  const survey = when === 'prove' ? proving : chosenBy
  const { slots, next } = askedAlong(edges, plan, survey)
  const slot = slots.find(one => one === selected) ?? next ?? nextOpen(slots, survey, null) ?? slots[0]!
  return (
    <>
      <div style={{ marginBottom: 12 }}>
        <Choice label="Read" isLabelHidden value={when} options={WHEN} onChange={setWhen} />
      </div>
      {fitted.has(SEALED_BY_SHEET) && <Quiet data-sealed="true">Noted before as sealed by its maker’s sheet.</Quiet>}
      <Entry
        {...stage}
        slot={slot}
        survey={survey}
        occasion={occasion}
        onTaken={taken => onSelect(nextOpen(slots, survey, taken) ?? taken)}
        onMove={by => onSelect(neighbourOf(slots, slot, by))}
      >
        <ClassBar
          slot={slot}
          occasion={occasion}
          store={store}
          onTaken={() => onSelect(nextOpen(slots, survey, slot) ?? slot)}
        />
      </Entry>
      <ReadingLadder slots={slots} survey={survey} store={store} selected={slot} onSelect={onSelect} />
    </>
  )
}
