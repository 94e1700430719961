'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import type { PlannedTest } from '@/core/handover/plan-tests'
import { TEST_NAMES } from '@/words/tests'
import { Button, ButtonLink, Panel, Quiet } from '../parts/controls'
import { FindingList } from '../parts/FindingList'
import type { StageProps } from './types'

const Tests = styled.ol`
  li { border-top: 1px solid var(--rule); padding: 9px 2px; display: grid; gap: 5px; }
  .small { font-size: 15px; color: var(--quiet); }
  .line { display: grid; grid-template-columns: 1fr 1fr; gap: 6px; }
  .line input { grid-column: 1 / -1; }
  input { min-width: 0; height: 44px; padding: 0 8px; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); }
`

export function HandoverLadder({ store }: StageProps) {
  const { handover } = store.result
  return (
    <>
      <h2>Tests</h2>
      <Quiet>
        {handover.tests.length - handover.open} of {handover.tests.length} tested
      </Quiet>
      <Tests>
        {handover.tests.map(test => (
          <TestItem
            key={test.id}
            test={test}
            onResult={(result, text) =>
              store.addLog({
                id: uuidV7(),
                kind: 'test',
                code: test.id,
                result,
                text,
                by: store.sheet.memberName,
                at: new Date().toISOString(),
              })
            }
          />
        ))}
      </Tests>
    </>
  )
}

const UNITS = { none: 'Note', length: 'Read, in or mm', newton: 'Read, N', second: 'Read, s' } as const

function TestItem({
  test,
  onResult,
}: {
  readonly test: PlannedTest
  readonly onResult: (result: 'passed' | 'failed', text: string) => void
}) {
  const [text, setText] = useState('')
  const [name, how, limit] = TEST_NAMES[test.id] ?? [test.id, '', '']
  const { entry } = test
  return (
    <li data-test={test.id} data-result={entry?.result ?? 'open'}>
      <strong>{name}</strong>
      <span className="small">
        {how} Limit: {limit}.
      </span>
      {entry && (
        <span>
          <strong>{entry.result === 'passed' ? '✓ Passed' : '◆ Failed'}</strong>
          {entry.text && `: ${entry.text}`} · {entry.by}, {entry.at.slice(0, 10)}
        </span>
      )}
      <div className="line">
        <input
          aria-label={`${UNITS[test.unit]}: ${name}`}
          placeholder={UNITS[test.unit]}
          value={text}
          maxLength={500}
          onChange={event => setText(event.target.value)}
        />
        <Button
          onPress={() => {
            onResult('passed', text)
            setText('')
          }}
          aria-label={`Passed: ${name}`}
        >
          Passed
        </Button>
        <Button
          $plain
          onPress={() => {
            onResult('failed', text)
            setText('')
          }}
          aria-label={`Failed: ${name}`}
        >
          Failed
        </Button>
      </div>
    </li>
  )
}

export function HandoverFindings({ store, selected, onSelect }: StageProps) {
  const { findings, handover } = store.result
  const { opening, job } = store.sheet
  const base = `/api/openings/${opening.id}`
  return (
    <>
      <Panel>
        <h2>
          {handover.open === 0 && handover.findings.length === 0 ? 'Ready to hand over' : `${handover.open} tests open`}
        </h2>
        <FindingList
          findings={findings.handover}
          step={job.step}
          selected={selected}
          onSelect={onSelect}
          empty="No test has failed."
        />
        <ButtonLink href={`${base}/record.pdf`} target="_blank">
          Hand-over record, PDF
        </ButtonLink>
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
