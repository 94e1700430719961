'use client'
import type { Answer } from '@/core/survey/answer'
import type { Reading } from '@/core/survey/reading'
import { WORK_STEPS } from '@/core/units/format-length'
import { Button, Panel } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { Otherwise } from '../parts/Otherwise'
import { ReasonLine } from '../parts/ReasonLine'
import { Locked } from '../parts/Rights'

type Props = {
  /** What was read at the place, the latest first, with what was struck. */
  readonly history: readonly Reading[]
  readonly struck: ReadonlyMap<string, Answer>
  readonly unit: 'in' | 'mm'
  /** Readings that count only once somebody else has signed them. */
  readonly unchecked: ReadonlySet<string>
  readonly onSign: (reading: Reading) => void
  readonly onStrike: (reading: Reading, reason: string) => void
}

/** What was read at one place before, the latest first: two hands or two instruments stand beside each other; what was struck stays, with
 *  why. */
export function History({ history, struck, unit, unchecked, onSign, onStrike }: Props) {
  if (history.length === 0) return null
  return (
    <Panel>
      <h2>Read here {history.length === 1 ? 'once' : `${history.length} times`}</h2>
      <ol style={{ display: 'grid', gap: 8, fontSize: '0.9375rem' }}>
        {history.map(one => (
          <li key={one.id} data-struck={struck.has(one.id) || undefined}>
            <ReadLine reading={one} struck={struck.get(one.id)} unit={unit} />
            {unchecked.has(one.id) && (
              <Locked verb="vouch">
                <Button onPress={() => onSign(one)}>Sign “{one.text}”: it holds</Button>
              </Locked>
            )}
            {!struck.has(one.id) && (
              <Otherwise of={one.text} word="Strike">
                {close => (
                  <ReasonLine
                    label="Why it does not hold"
                    act={`Strike “${one.text}”`}
                    onAct={reason => {
                      onStrike(one, reason)
                      close()
                    }}
                  >
                    Strike it
                  </ReasonLine>
                )}
              </Otherwise>
            )}
          </li>
        ))}
      </ol>
    </Panel>
  )
}

type LineProps = { readonly reading: Reading; readonly struck: Answer | undefined; readonly unit: Props['unit'] }

function ReadLine({ reading, struck, unit }: LineProps) {
  const { value, text, instrument, device, deviation, takenBy, takenAt } = reading
  const Figures = struck ? 's' : 'strong'
  return (
    <>
      <Figures style={{ fontSize: '1.25rem' }}>
        <Figure value={value} step={WORK_STEPS[unit]} unit />
      </Figures>{' '}
      “{text}”, {instrument}
      {device && ` (${device})`}
      {deviation !== null && (
        <>
          {' '}
          <Figure value={deviation} step={WORK_STEPS[unit]} unit either />
        </>
      )}
      , {takenBy}, {takenAt.slice(0, 16).replace('T', ' ')}
      {struck && (
        <>
          . Struck by {struck.takenBy}
          {struck.note && `: ${struck.note}`}
        </>
      )}
    </>
  )
}
