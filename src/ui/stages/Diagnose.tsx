'use client'
import { isSlot } from '@/core/survey/slots'
import { finerStep } from '@/core/units/format-length'
import { findingWords } from '@/words/findings'
import { slotName } from '@/words/walk'
import { Panel, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { FindingList } from '../parts/FindingList'
import { SeverityMark } from '../parts/SeverityMark'
import { Ladder } from '../sheet/layout'
import type { StageProps } from '../sheet/stage-props'
import CornerPanel from './CornerPanel'

export function DiagnoseLadder({ store, selected, onSelect }: StageProps) {
  const { measure, diagnose } = store.work
  if (!measure.value.model) return <Quiet>Nothing to diagnose yet: one width and one height are needed.</Quiet>
  const all = [...measure.findings, ...diagnose.findings]
  return (
    <>
      <h2>Checks</h2>
      <Ladder aria-label="Checks">
        {all.map(one => (
          <li key={`${one.code}${one.place}`}>
            <button
              type="button"
              aria-current={one.place === selected}
              onClick={() => onSelect(one.place)}
              style={{ gridTemplateColumns: '22px 1fr' }}
            >
              <SeverityMark severity={one.severity} />
              <span>{findingWords(one, finerStep(store.sheet.job.step)).title}</span>
            </button>
          </li>
        ))}
      </Ladder>
    </>
  )
}

export function DiagnoseFindings({ store, selected, onSelect, onGo, stage }: StageProps) {
  const { measure, diagnose } = store.work
  const assumed = measure.value.model?.adjusted.assumed ?? []
  return (
    <>
      <Panel>
        <h2>Why, and what cures it</h2>
        <FindingList
          findings={[...measure.findings, ...diagnose.findings]}
          step={finerStep(store.sheet.job.step)}
          figure={store.figure}
          selected={selected}
          onSelect={onSelect}
          onGo={onGo}
          here={stage}
          empty="Nothing yet."
        />
      </Panel>
      {assumed.length > 0 && (
        <Panel>
          <h3>Assumed, not measured</h3>
          <Quiet>
            {assumed
              .map(name => `trim-off/${name}`)
              .filter(isSlot)
              .map(slotName)
              .join(', ')}
            : taken as straight, plumb and level, widely.
          </Quiet>
        </Panel>
      )}
      <Panel>
        <Disclosure title="Is a corner square? Three, four, five">
          <CornerPanel store={store} />
        </Disclosure>
      </Panel>
      <Panel>
        <Quiet>
          Header, jack stud and lintel carry the building: never cut one to make room. That belongs to a licensed
          professional.
        </Quiet>
      </Panel>
    </>
  )
}
