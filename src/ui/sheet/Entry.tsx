'use client'
import { type RefObject, useEffect, useState } from 'react'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import type { Reading } from '@/core/survey/reading'
import { isLevelReading, isSigned, placeOf, type Slot } from '@/core/survey/slots'
import { historyOf } from '@/core/survey/survey'
import { inches, type Length } from '@/core/units/length'
import { slotHow, slotName, slotWhy } from '@/words/names'
import { Choice } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { LengthField } from '../parts/LengthField'
import { doubtAbout } from './doubt'
import type { SheetStore } from './use-sheet'

const Now = styled.section`
  display: grid; gap: 8px; padding-bottom: 10px; margin-bottom: 6px; border-bottom: 2px solid var(--ink);
  h2 { font-size: 22px; }
  .how { font-size: 16px; }
  .why { font-size: 15px; color: var(--quiet); }
  details { font-size: 15px; }
  summary { min-height: 44px; display: flex; align-items: center; cursor: pointer; color: var(--blue); }
  details li { display: flex; gap: 8px; padding: 2px 0; flex-wrap: wrap; }
`

const LEVELS = [
  ['24', inches(24)],
  ['36', inches(36)],
  ['48', inches(48)],
  ['72', inches(72)],
  ['78', inches(78)],
] as const

type Props = {
  readonly slot: Slot
  readonly store: SheetStore
  readonly inputRef: RefObject<HTMLInputElement | null>
  /** Called when a value was taken: what comes next is the ladder's business. */
  readonly onTaken: (slot: Slot) => void
}

/** The reading that is taken now: what it is, how to take it, the field, and what was read here before. */
export function Entry({ slot, store, inputRef, onTaken }: Props) {
  const { sheet, result, rows } = store
  const { unit, step } = sheet.job
  const [draft, setDraft] = useState('')
  const [levels, setLevels] = useState<Readonly<Record<string, string>>>({ fall: '24' })
  const kind = placeOf(slot).split('.')[0]!
  const level = levels[kind] ?? '72'
  const [last, setLast] = useState<{ readonly id: string; readonly slot: Slot; readonly text: string } | null>(null)
  // biome-ignore lint/correctness/useExhaustiveDependencies: another slot starts with an empty field
  useEffect(() => setDraft(''), [slot])
  const history = historyOf(slot, sheet.readings)
  const levelled = isLevelReading(slot)
  const note = last && noteFor(last, rows.get(last.id))
  const take = ({ value, text }: { readonly value: Length; readonly text: string }) => {
    const reading = readingFrom(
      slot,
      value,
      text,
      unit,
      levelled ? (LEVELS.find(([name]) => name === level)?.[1] ?? null) : null,
      sheet.memberName,
    )
    setLast({ id: reading.id, slot, text })
    setDraft('')
    void store.addReading(reading)
    onTaken(slot)
  }
  return (
    <Now aria-label="Reading now">
      <h2>{slotName(slot)}</h2>
      <p className="how">{slotHow(slot)}</p>
      {levelled && (
        <Choice
          label="Level, in"
          value={level}
          options={LEVELS.map(([name]) => [name, name])}
          onChange={next => setLevels({ ...levels, [kind]: next })}
        />
      )}
      <LengthField
        label={slotName(slot)}
        unit={unit}
        graduation={unit === 'in' ? '1/16' : '1'}
        signed={isSigned(slot)}
        example={exampleFor(slot, unit)}
        draft={draft}
        onDraft={setDraft}
        onTake={take}
        doubt={value => doubtAbout(slot, value, result.survey, step)}
        inputRef={inputRef}
        note={note}
      />
      <p className="why">{slotWhy(slot)}</p>
      {history.length > 0 && (
        <details>
          <summary>Read here {history.length === 1 ? 'once' : `${history.length} times`}</summary>
          <ol>
            {history.map(one => (
              <li key={one.id}>
                <strong>
                  <Figure value={one.value} step={unit === 'in' ? '1/64' : '0.1'} unit />
                </strong>
                <span>
                  “{one.text}”, {one.instrument}, {one.takenBy}, {one.takenAt.slice(0, 16).replace('T', ' ')}
                </span>
              </li>
            ))}
          </ol>
        </details>
      )}
    </Now>
  )
}

function exampleFor(slot: Slot, unit: 'in' | 'mm'): string {
  const kind = placeOf(slot).split('.')[0]!
  if (isSigned(slot)) return unit === 'in' ? '-1/16' : '-1.5'
  if (kind === 'gap' || kind === 'strings' || kind === 'floor') return unit === 'in' ? '1/8' : '3'
  if (kind === 'wall' || kind === 'sill' || kind === 'step') return unit === 'in' ? '4 9/16' : '116'
  return unit === 'in' ? '36 3/8' : '924'
}

function noteFor({ slot, text }: { readonly slot: Slot; readonly text: string }, storing: string | undefined) {
  const name = slotName(slot)
  if (storing === 'stored') return { text: `${name} “${text}” stored.`, tone: 'plain' } as const
  if (storing === 'not-stored')
    return { text: `${name} “${text}” is not stored. It is kept here; try again.`, tone: 'wrong' } as const
  return { text: `${name} “${text}” …`, tone: 'plain' } as const
}

function readingFrom(
  slot: Slot,
  value: Length,
  text: string,
  unit: 'in' | 'mm',
  levelLength: Length | null,
  takenBy: string,
): Reading {
  const kind = placeOf(slot).split('.')[0]!
  const instrument =
    levelLength !== null
      ? 'level'
      : kind === 'bow' || kind === 'crown'
        ? 'straightedge'
        : kind === 'gap'
          ? 'gauge'
          : 'tape'
  const graduation = unit === 'in' ? '1/16' : '1'
  return {
    id: uuidV7(),
    slot,
    value,
    text,
    instrument,
    graduation,
    levelLength,
    takenBy,
    takenAt: new Date().toISOString(),
    note: '',
  }
}
