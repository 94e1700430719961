'use client'
import { useMemo, useState } from 'react'
import { askedAlong } from '@/core/seal/deciding-gaps'
import { SEALED_BY_SHEET } from '@/core/seal/sealed'
import { isFactSlot } from '@/core/survey/facts'
import type { Occasion } from '@/core/survey/reading'
import { isClosedSlot, isSlot } from '@/core/survey/slots'
import { standingReadings, surveyOf } from '@/core/survey/survey'
import type { Question } from '@/core/survey/survey-of'
import { Choice, Panel, Quiet } from '../parts/controls'
import { Entry } from '../sheet/Entry'
import { FactEntry } from '../sheet/FactEntry'
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
  const asked = askedAlong(edges, plan, survey)
  // What proves is read; what the door is and what was tried before is not asked again.
  const slots = when === 'prove' ? asked.slots.filter(isSlot) : asked.slots
  const next = slots.find(one => one === asked.next) ?? nextOpen(slots, survey, null)
  const slot = slots.find(one => one === selected) ?? next ?? slots[0]!
  const go = {
    onTaken: (taken: Question) => onSelect(nextOpen(slots, survey, taken) ?? taken),
    onMove: (by: 1 | -1) => onSelect(neighbourOf(slots, slot, by)),
  }
  return (
    <>
      <div className="when" style={{ marginBottom: 10 }}>
        <Choice label="Read" isLabelHidden value={when} options={WHEN} onChange={setWhen} />
      </div>
      {fitted.has(SEALED_BY_SHEET) && <Quiet data-sealed="true">Noted before as sealed by its maker’s sheet.</Quiet>}
      {isFactSlot(slot) ? (
        <FactEntry {...go} slot={slot} store={store} takesFocus={selected !== null} />
      ) : (
        <Entry {...stage} {...go} slot={slot} survey={survey} occasion={occasion}>
          <ClassBar slot={slot} occasion={occasion} store={store} onTaken={() => go.onTaken(slot)} />
        </Entry>
      )}
      <ReadingLadder slots={slots} survey={survey} store={store} selected={slot} onSelect={onSelect} />
    </>
  )
}
