'use client'
import { useState } from 'react'
import { ButtonLink, Choice, Panel, Quiet } from '../parts/controls'
import { FindingList } from '../parts/FindingList'
import { Locked } from '../parts/Rights'
import { SharePanel } from '../sharing/SharePanel'
import type { StageProps } from '../sheet/stage-props'
import { AfterPanel } from './handover/AfterPanel'
import { HandedWith } from './handover/HandedWith'
import { LineOfTime } from './handover/LineOfTime'
import { TestItem, Tests } from './handover/TestItem'

const VIEWS = [
  ['tests', 'Tests'],
  ['after', 'Years after'],
] as const

/** The tests before it is handed over; then what is due, and what it is called back for. */
export function HandoverLadder({ store }: StageProps) {
  const isFinished = store.glance.progress.finished
  const [chosen, setView] = useState<'tests' | 'after' | null>(null)
  const view = chosen ?? (isFinished ? 'after' : 'tests')
  return (
    <>
      <div style={{ paddingBottom: 12 }}>
        <Choice label="What is shown" isLabelHidden value={view} options={VIEWS} onChange={setView} />
      </div>
      {view === 'after' ? <AfterPanel store={store} /> : <TestList store={store} />}
    </>
  )
}

function TestList({ store }: Pick<StageProps, 'store'>) {
  const { tests, open } = store.work.handover.value
  return (
    <>
      <h2>Tests</h2>
      <Quiet>
        {tests.length - open} of {tests.length} tested
      </Quiet>
      <Locked verb="vouch">
        <Tests>
          {tests.map(test => (
            <TestItem key={test.id} test={test} store={store} />
          ))}
        </Tests>
      </Locked>
    </>
  )
}

/** Why a record is not signed yet: what is open or failed on it. */
function missingWords({ tests, open }: StageProps['store']['work']['handover']['value']): string | null {
  const failed = tests.filter(one => one.verdict === 'failed').length
  if (open + failed === 0) return null
  return `Not yet: ${[open && `${open} tests are open`, failed && `${failed} failed`].filter(Boolean).join(', ')}.`
}

export function HandoverFindings({ store, selected, onSelect, onGo, stage }: StageProps) {
  const { value, findings } = store.work.handover
  const { opening, job } = store.sheet
  const base = `/api/openings/${opening.id}`
  const isReady = value.open === 0 && findings.length === 0
  return (
    <>
      <Panel>
        <h2>{isReady ? 'Ready to hand over' : `${value.open} tests open`}</h2>
        <FindingList
          findings={findings}
          step={job.step}
          figure={store.figure}
          selected={selected}
          onSelect={onSelect}
          onGo={onGo}
          here={stage}
          empty="No test has failed."
        />
        <ButtonLink href={`${base}/record.pdf`} target="_blank">
          Hand-over record, PDF
        </ButtonLink>
      </Panel>
      <Panel>
        <HandedWith store={store} />
        <LineOfTime store={store} />
        <SharePanel
          openingId={opening.id}
          kind="record"
          units={[]}
          customerEmail={job.customer.email}
          missing={missingWords(value)}
        />
      </Panel>
      <Panel>
        <h2>Take it along</h2>
        <ButtonLink href={`${base}/drawing.svg`}>Elevation, SVG</ButtonLink>
        <ButtonLink href={`${base}/drawing.dxf`}>Elevation, DXF</ButtonLink>
        <ButtonLink href={`${base}/readings.csv`}>Readings, CSV</ButtonLink>
        <ButtonLink href={`/api/jobs/${job.id}/export`}>Whole job, JSON</ButtonLink>
      </Panel>
    </>
  )
}
