'use client'
import { useState } from 'react'
import { FileTrigger } from 'react-aria-components/FileTrigger'
import { styled } from 'styled-components'
import type { Answer } from '@/core/survey/answer'
import type { Reading } from '@/core/survey/reading'
import type { DisplayStep } from '@/core/units/format-length'
import { slotName } from '@/words/walk'
import { Button } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { send } from '../store/send'
import type { SheetStore } from '../store/use-sheet'

const Said = styled.p`color: var(--stop); font-size: 0.9375rem;`
const Rows = styled.ul`
  font-size: 0.9375rem; max-height: 220px; overflow-y: auto;
  li { display: grid; grid-template-columns: 40px 1fr auto; gap: 6px; padding: 3px 0; border-top: 1px solid var(--rule); }
  .reason { grid-column: 2 / -1; color: var(--stop); }
`

type Rejected = { readonly row: number; readonly column: string; readonly reason: string }
type Checked = {
  readonly readings: readonly Reading[]
  readonly answers: readonly Answer[]
  readonly rejected: readonly Rejected[]
}

/** Readings from a CSV or JSON file: every row is checked first; the good ones can be taken, the others say why not. */
export function ReadingsFile({ store }: { readonly store: SheetStore }) {
  const [checked, setChecked] = useState<(Checked & { readonly name: string }) | null>(null)
  const [said, setSaid] = useState<string | null>(null)
  const check = async (files: FileList | null) => {
    const file = files?.[0]
    if (!file) return
    setSaid(null)
    setChecked(null)
    const sent = await send<Checked>('POST', `/api/openings/${store.sheet.opening.id}/readings/check`, {
      name: file.name.slice(-200),
      text: await file.text(),
    })
    if (sent.ok) setChecked({ ...sent.value, name: file.name })
    else setSaid(`${file.name}: ${sent.message}`)
  }
  const takeGood = async () => {
    if (!checked) return
    const here = new Set([...store.sheet.readings, ...store.sheet.answers].map(one => one.id))
    for (const reading of checked.readings) if (!here.has(reading.id)) await store.addReading(reading)
    for (const answer of checked.answers) if (!here.has(answer.id)) await store.takeAnswer(answer)
    setChecked(null)
  }
  return (
    <div style={{ display: 'grid', gap: 8 }}>
      <div>
        <FileTrigger acceptedFileTypes={['.csv', '.json', 'text/csv', 'application/json']} onSelect={check}>
          <Button $plain>Readings from a file …</Button>
        </FileTrigger>
      </div>
      {said && <Said role="alert">{said}</Said>}
      {checked && (
        <section aria-label="Readings of the file" style={{ display: 'grid', gap: 6 }}>
          <p>
            {checked.name}: {checked.readings.length} can be taken, {checked.rejected.length} not.
            {checked.answers.length > 0 && ` With ${checked.answers.length} answers.`}
          </p>
          <CheckedRows checked={checked} step={store.sheet.job.step} />
          <div style={{ display: 'flex', gap: 6 }}>
            <Button onPress={takeGood} isDisabled={checked.readings.length + checked.answers.length === 0}>
              Take {checked.readings.length} readings
            </Button>
            <Button $plain onPress={() => setChecked(null)}>
              Leave it
            </Button>
          </div>
        </section>
      )}
    </div>
  )
}

/** Every row of the file: those that can't be taken first, each with its reason. */
const CheckedRows = ({ checked, step }: { readonly checked: Checked; readonly step: DisplayStep }) => (
  <Rows>
    {checked.rejected.map(one => (
      <li key={`${one.row}${one.column}`} data-row="rejected">
        <span>{one.row}</span>
        <span>{one.column}</span>
        <span />
        <span className="reason">{one.reason}</span>
      </li>
    ))}
    {checked.readings.map(one => (
      <li key={one.id} data-row="good">
        <span />
        <span>{slotName(one.slot)}</span>
        <Figure value={one.value} step={step} unit />
      </li>
    ))}
  </Rows>
)
