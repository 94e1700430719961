'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import type { PlannedTest } from '@/core/handover/plan-tests'
import type { LogEntry } from '@/core/log/log'
import { momentWords } from '@/words/moments'
import { foundWords, testWords, UNIT_SIGNS } from '@/words/tests'
import { Button, ButtonLink, Panel, Quiet } from '../parts/controls'
import { FindingList } from '../parts/FindingList'
import { Otherwise } from '../parts/Otherwise'
import { ReasonLine } from '../parts/ReasonLine'
import { Locked } from '../parts/Rights'
import { readFigure } from '../parts/read-figure'
import type { StageProps } from '../sheet/stage-props'

const Tests = styled.ol`
  li { border-top: 1px solid var(--rule); padding: 9px 2px; display: grid; gap: 5px; }
  .small { font-size: 15px; color: var(--quiet); }
  .line { display: grid; grid-template-columns: 1fr 1fr; gap: 6px; }
  .line input { grid-column: 1 / -1; }
  .wrong { color: var(--stop); font-size: 15px; }
  input { min-width: 0; height: 44px; padding: 0 8px; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); }
`
type Store = StageProps['store']

export function HandoverLadder({ store }: StageProps) {
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

const MARKS = { passed: '✓', failed: '◆', waived: '–', open: '' } as const

function TestItem({ test, store }: { readonly test: PlannedTest; readonly store: Store }) {
  const [name, how, limit] = testWords(test.id, store.say)
  const { entry, verdict } = test
  return (
    <li data-test={test.id} data-result={verdict}>
      <strong>{name}</strong>
      <span className="small">
        {how} Limit: {limit}.
      </span>
      {entry && (
        <span>
          <strong>
            {MARKS[verdict]} {foundWords(test, store.sheet.job.step)}
          </strong>{' '}
          · {entry.by}, {momentWords(entry.at, store.trade.zone)}
        </span>
      )}
      {verdict === 'passed' || verdict === 'waived' ? (
        <Otherwise of={name} word="Test again">
          {close => <Found test={test} name={name} store={store} onNoted={close} />}
        </Otherwise>
      ) : (
        <Found test={test} name={name} store={store} />
      )}
    </li>
  )
}

type FoundProps = {
  readonly test: PlannedTest
  readonly name: string
  readonly store: Store
  readonly onNoted?: () => void
}

/** What was found: a figure that is judged by its limit, or what somebody saw; and a way round a test with its reason. */
function Found({ test, name, store, onNoted }: FoundProps) {
  const [draft, setDraft] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  const { unit } = store.sheet.job
  const note = (result: 'passed' | 'failed' | 'waived', value: LogEntry['value'], text: string) => {
    void store.addLog({ kind: 'test', code: test.id, result, value, text })
    setDraft('')
    setWrong(null)
    onNoted?.()
  }
  const label = test.unit === 'none' ? 'Note' : `Read, ${test.unit === 'length' ? unit : UNIT_SIGNS[test.unit]}`
  const take = (result: 'passed' | 'failed') => {
    if (test.unit === 'none' || draft.trim() === '') return note(result, null, draft.trim())
    const read = readFigure(draft, test.unit, unit)
    if ('wrong' in read) return setWrong(read.wrong)
    note(result, read.value, '')
  }
  return (
    <>
      <div className="line">
        <input
          aria-label={`${label}: ${name}`}
          placeholder={label}
          value={draft}
          maxLength={500}
          aria-invalid={wrong !== null}
          onChange={event => {
            setDraft(event.target.value)
            setWrong(null)
          }}
        />
        {wrong && (
          <span className="wrong" role="alert" style={{ gridColumn: '1 / -1' }}>
            {wrong}
          </span>
        )}
        <Button
          onPress={() => take('passed')}
          isDisabled={test.limit !== null && draft.trim() === ''}
          aria-label={`Passed: ${name}`}
        >
          {test.limit ? 'Take' : 'Passed'}
        </Button>
        <Button $plain onPress={() => take('failed')} aria-label={`Failed: ${name}`}>
          Failed
        </Button>
      </div>
      <NotTested name={name} onReason={text => note('waived', null, text)} />
    </>
  )
}

type NotTestedProps = { readonly name: string; readonly onReason: (reason: string) => void }

const NotTested = ({ name, onReason }: NotTestedProps) => (
  <Otherwise of={name}>
    {close => (
      <ReasonLine
        label="Why it is not tested"
        act={`Not tested: ${name}`}
        onAct={text => {
          onReason(text)
          close()
        }}
      >
        Not tested
      </ReasonLine>
    )}
  </Otherwise>
)

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
        <h2>Take it along</h2>
        <ButtonLink href={`${base}/drawing.svg`}>Elevation, SVG</ButtonLink>
        <ButtonLink href={`${base}/drawing.dxf`}>Elevation, DXF</ButtonLink>
        <ButtonLink href={`${base}/readings.csv`}>Readings, CSV</ButtonLink>
        <ButtonLink href={`/api/jobs/${job.id}/export`}>Whole job, JSON</ButtonLink>
      </Panel>
    </>
  )
}
