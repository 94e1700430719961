'use client'
import { useState } from 'react'
import type { ReadFigure } from '@/core/base/limit'
import type { PlannedTest, TestPart } from '@/core/handover/plan-tests'
import type { LogEntry } from '@/core/log/log'
import { choicesOf } from '@/core/survey/facts'
import { canBeRead } from '@/core/survey/readable'
import { codeWords } from '@/words/codes'
import { impossibleWords } from '@/words/readable'
import { UNIT_SIGNS } from '@/words/tests'
import { Button } from '../../parts/controls'
import { Otherwise } from '../../parts/Otherwise'
import { ReasonLine } from '../../parts/ReasonLine'
import { readFigure } from '../../parts/read-figure'
import { readingFrom } from '../../sheet/instrument'
import type { StageProps } from '../../sheet/stage-props'
import { useTape } from '../../sheet/use-tape'

type Store = StageProps['store']
type Props = {
  readonly test: PlannedTest
  readonly part: TestPart
  readonly name: string
  readonly store: Store
  readonly onNoted?: () => void
}

/** What is found at one place of a test: a length that stands as a reading, an answer, a figure that is judged by its limit, or what somebody
 *  saw; and a way round it with its reason. */
export function PartFound(props: Props) {
  const { part, store, name, onNoted } = props
  const note = (result: 'passed' | 'failed' | 'waived', value: LogEntry['value'], text: string) => {
    void store.addLog({ kind: 'test', code: part.code, result, value, text })
    onNoted?.()
  }
  return (
    <>
      {part.reads === 'slot' ? (
        <AsReading {...props} slot={part.slot} />
      ) : part.reads === 'fact' ? (
        <AsAnswer {...props} slot={part.slot} />
      ) : (
        <AsNoted {...props} onFound={note} />
      )}
      <NotTested name={name} onReason={text => note('waived', null, text)} />
    </>
  )
}

type ReadProps = Props & { readonly slot: Extract<TestPart, { readonly reads: 'slot' }>['slot'] }

/** A length at its place, read as the door is handed over. */
function AsReading({ slot, name, store, onNoted }: ReadProps) {
  const { unit } = store.sheet.job
  const { graduation } = useTape(unit)
  const take = (value: ReadFigure, text: string): string | null => {
    if (!('length' in value)) return null
    if (!canBeRead(slot, value.length)) return impossibleWords(slot, text)
    const { reader } = store
    void store.addReading(
      readingFrom({
        slot,
        value: value.length,
        text,
        graduation,
        levelLength: null,
        reader,
        occasion: 'hand-over',
        from: null,
      }),
    )
    onNoted?.()
    return null
  }
  return <FigureLine name={name} reads="length" unit={unit} onTake={take} />
}

function AsAnswer({ slot, name, store, onNoted }: Props & { readonly slot: Parameters<typeof choicesOf>[0] }) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: a group of buttons, no form
    <div className="choices" role="group" aria-label={name}>
      {choicesOf(slot).map(code => (
        <Button
          key={code}
          $plain
          aria-label={`${codeWords(code)}: ${name}`}
          onPress={() => {
            void store.addAnswer({ slot, kind: 'fact', code, note: '' })
            onNoted?.()
          }}
        >
          {codeWords(code)}
        </Button>
      ))}
    </div>
  )
}

type NotedProps = Props & {
  readonly onFound: (result: 'passed' | 'failed', value: LogEntry['value'], text: string) => void
}

function AsNoted({ test, part, name, store, onFound }: NotedProps) {
  const [draft, setDraft] = useState('')
  const { unit } = test
  const failed = (text: string) => onFound('failed', null, text)
  if (part.reads === 'log' && test.limit && unit !== 'none')
    return (
      <>
        <FigureLine
          name={name}
          reads={unit}
          unit={store.sheet.job.unit}
          onTake={value => {
            onFound('passed', value, '')
            return null
          }}
        />
        <Otherwise of={name} word="Failed">
          {close => (
            <ReasonLine
              label="What is wrong"
              act={`Failed: ${name}`}
              onAct={text => {
                failed(text)
                close()
              }}
            >
              Failed
            </ReasonLine>
          )}
        </Otherwise>
      </>
    )
  return (
    <div className="line">
      {part.point === null && (
        <input
          aria-label={`Note: ${name}`}
          placeholder="Note"
          value={draft}
          maxLength={500}
          onChange={event => setDraft(event.target.value)}
        />
      )}
      <Button onPress={() => onFound('passed', null, draft.trim())} aria-label={`Passed: ${name}`}>
        Passed
      </Button>
      <Button $plain onPress={() => failed(draft.trim())} aria-label={`Failed: ${name}`}>
        Failed
      </Button>
    </div>
  )
}

type FigureProps = {
  readonly name: string
  readonly reads: 'length' | 'newton' | 'second'
  readonly unit: 'in' | 'mm'
  /** Takes what was read; what is wrong with it is said, and what was typed stays. */
  readonly onTake: (value: ReadFigure, text: string) => string | null
}

function FigureLine({ name, reads, unit, onTake }: FigureProps) {
  const [draft, setDraft] = useState('')
  const [wrong, setWrong] = useState<string | null>(null)
  const label = `Read, ${reads === 'length' ? unit : UNIT_SIGNS[reads]}`
  const take = () => {
    const read = readFigure(draft, reads, unit)
    const said = 'wrong' in read ? read.wrong : onTake(read.value, draft.trim())
    setWrong(said)
    if (said === null) setDraft('')
  }
  return (
    <form
      onSubmit={event => {
        event.preventDefault()
        if (draft.trim() !== '') take()
      }}
    >
      <div className="row">
        <input
          aria-label={`${label}: ${name}`}
          placeholder={label}
          value={draft}
          maxLength={40}
          autoComplete="off"
          aria-invalid={wrong !== null}
          onChange={event => {
            setDraft(event.target.value)
            setWrong(null)
          }}
        />
        <Button type="submit" isDisabled={draft.trim() === ''} aria-label={`Take: ${name}`}>
          Take
        </Button>
      </div>
      {wrong && (
        <span className="wrong" role="alert">
          {wrong}
        </span>
      )}
    </form>
  )
}

const NotTested = ({ name, onReason }: { readonly name: string; readonly onReason: (reason: string) => void }) => (
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
