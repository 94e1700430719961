'use client'
import { ladderFor, type Slot } from '@/core/survey/slots'
import { WAYS } from '@/core/survey/ways'
import { WAY_NAMES } from '@/words/names'
import { Choice, Panel, Quiet } from '../parts/controls'
import { FindingList } from '../parts/FindingList'
import { Entry } from '../sheet/Entry'
import { ReadingLadder } from '../sheet/ReadingLadder'
import { nextOpen } from '../sheet/selection'
import type { StageProps } from './types'

export function MeasureLadder({ store, selected, onSelect, inputRef }: StageProps) {
  const { survey } = store.result
  const slots = ladderFor(survey.way)
  const slot = slots.find(one => one === selected) ?? firstToTake(slots, store)
  return (
    <>
      <Entry
        slot={slot}
        store={store}
        inputRef={inputRef}
        onTaken={taken => onSelect(nextOpen(slots, survey.bySlot, taken) ?? taken)}
      />
      <ReadingLadder slots={slots} store={store} selected={slot} onSelect={onSelect} />
    </>
  )
}

/** What to take first: the reading that disagrees with the rest, else the next open one. */
function firstToTake(slots: readonly Slot[], { result }: StageProps['store']): Slot {
  const suspect = result.findings.measure.find(one => one.code === 'reading-suspect')?.place
  return slots.find(one => one === suspect) ?? nextOpen(slots, result.survey.bySlot, null) ?? slots[0]!
}

export function MeasureFindings({ store, selected, onSelect }: StageProps) {
  const { result, sheet } = store
  const way = sheet.wishes.data.way
  const places = new Set(['ways-agree', 'ways-disagree'])
  const findings = [...result.findings.measure, ...result.findings.specify.filter(one => places.has(one.code))]
  return (
    <>
      <Panel>
        <h2>What the readings say</h2>
        <FindingList
          findings={findings}
          step={sheet.job.step}
          selected={selected}
          onSelect={onSelect}
          empty={
            result.model
              ? 'The readings agree with each other.'
              : 'One width and one height, and the opening is drawn to scale.'
          }
        />
      </Panel>
      <Panel>
        <h2>Way of measuring</h2>
        <Choice
          label={WAY_NAMES[way].when}
          value={way}
          options={WAYS.map(one => [one, WAY_NAMES[one].name])}
          onChange={next => store.saveWishes({ way: next })}
        />
        <Quiet>Left and right are always as seen from outside.</Quiet>
      </Panel>
    </>
  )
}
