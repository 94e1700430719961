'use client'
import { useId, useMemo, useState } from 'react'
import { styled } from 'styled-components'
import { checksAsked, orderedReadings, partsAsked, readingsAsked } from '@/core/order/asked-of-delivered'
import type { Found } from '@/core/order/judge-receipt'
import type { OrderLine } from '@/core/order/order'
import { CHECK_ANSWERS, canMeasure, UNIT_READINGS, type UnitReading } from '@/core/order/receipt-values'
import type { DisplayStep } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { parseLength } from '@/core/units/parse-length'
import { issueWords } from '@/words/issues'
import { CHECK_NAMES, PART_NAMES, UNIT_READING_NAMES } from '@/words/order'
import { Choice } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { Labelled } from '../parts/Labelled'
import { keepLooked, keptLooked } from '../store/outbox'

const Grid = styled.div`
  display: grid; grid-template-columns: repeat(auto-fill, minmax(168px, 1fr)); gap: 10px; align-items: start;
  .wrong { color: var(--stop); font-size: 14px; display: block; }
  .ordered { color: var(--quiet); font-size: 15px; }
`
const NAMES = { left: 'Left', right: 'Right', in: 'In', out: 'Out' } as const

type Answers = Omit<Found, 'readings'>
const NOTHING: Answers = { hinges: null, swing: null, checks: {}, counts: {} }

type Kept = { readonly drafts: { readonly [name: string]: string }; readonly answers: Answers }

/** What was measured, seen and counted of a delivered unit so far: kept in this browser until it is stored, over a reload too. */
export function useLooked(unit: 'in' | 'mm', place: string) {
  const [{ drafts, answers }, setKept] = useState<Kept>(
    () => keptLooked<Kept>(place) ?? { drafts: {}, answers: NOTHING },
  )
  const { readings, wrong } = useMemo(() => readingsOf(drafts, unit), [drafts, unit])
  const found: Found = { readings, ...answers }
  const keep = (change: (before: Kept) => Kept) =>
    setKept(before => {
      const next = change(before)
      keepLooked(place, next)
      return next
    })
  return {
    drafts,
    found,
    wrong,
    onType: (name: UnitReading, value: string) =>
      keep(before => ({ ...before, drafts: { ...before.drafts, [name]: value } })),
    onAnswer: (change: Partial<Answers>) => keep(before => ({ ...before, answers: { ...before.answers, ...change } })),
  }
}

type LookedProps = ReturnType<typeof useLooked> & { readonly line: OrderLine; readonly step: DisplayStep }

/** What a delivered unit is looked at by: its readings, its hand, its parts. */
export function Looked({ line, step, drafts, found, wrong, onType, onAnswer }: LookedProps) {
  const ordered = orderedReadings(line)
  return (
    <>
      <Grid>
        {readingsAsked(line).map(name => (
          <ReadingField
            key={name}
            name={name}
            ordered={ordered.get(name) ?? null}
            step={step}
            value={drafts[name] ?? ''}
            wrong={wrong.get(name) ?? null}
            onChange={value => onType(name, value)}
          />
        ))}
      </Grid>
      <Grid>
        {line.hinges && (
          <Choice
            label="Hinges, seen from outside"
            value={found.hinges}
            options={(['left', 'right'] as const).map(one => [one, NAMES[one]])}
            onChange={hinges => onAnswer({ hinges })}
          />
        )}
        {line.swing && (
          <Choice
            label="It swings"
            value={found.swing}
            options={(['in', 'out'] as const).map(one => [one, NAMES[one]])}
            onChange={swing => onAnswer({ swing })}
          />
        )}
        <Checks line={line} checks={found.checks} onChange={checks => onAnswer({ checks })} />
        <Counts line={line} counts={found.counts} onChange={counts => onAnswer({ counts })} />
      </Grid>
    </>
  )
}

type ChecksProps = {
  readonly line: OrderLine
  readonly checks: Found['checks']
  readonly onChange: (checks: Found['checks']) => void
}

const Checks = ({ line, checks, onChange }: ChecksProps) =>
  checksAsked(line).map(check => (
    <Labelled key={check} label={CHECK_NAMES[check]}>
      <select
        value={checks[check] ?? ''}
        onChange={event => {
          const answer = CHECK_ANSWERS.find(one => one === event.target.value)
          const { [check]: _, ...others } = checks
          onChange(answer ? { ...others, [check]: answer } : others)
        }}
      >
        <option value="">not looked at</option>
        <option value="right">right</option>
        <option value="wrong">wrong</option>
        <option value="none">it has none</option>
      </select>
    </Labelled>
  ))

type CountsProps = {
  readonly line: OrderLine
  readonly counts: Found['counts']
  readonly onChange: (counts: Found['counts']) => void
}

const Counts = ({ line, counts, onChange }: CountsProps) =>
  partsAsked(line).map(part => (
    <Labelled key={part} label={`Counted: ${PART_NAMES[part]}`}>
      <input
        inputMode="numeric"
        value={counts[part] ?? ''}
        onChange={event => {
          const { [part]: _, ...others } = counts
          const typed = event.target.value
          onChange(/^\d{1,3}$/.test(typed) ? { ...others, [part]: Number(typed) } : others)
        }}
      />
    </Labelled>
  ))

type FieldProps = {
  readonly name: UnitReading
  /** What it is by the order; `null` where it is only compared with others. */
  readonly ordered: Length | null
  readonly step: DisplayStep
  readonly value: string
  readonly wrong: string | null
  readonly onChange: (value: string) => void
}

/** One reading of the unit, and under it why it can't be taken. */
function ReadingField({ name, ordered, step, value, wrong, onChange }: FieldProps) {
  const id = useId()
  return (
    <div>
      <Labelled label={UNIT_READING_NAMES[name]}>
        <input
          value={value}
          autoComplete="off"
          inputMode="text"
          aria-invalid={wrong !== null}
          aria-describedby={wrong === null ? undefined : id}
          onChange={event => onChange(event.target.value)}
        />
      </Labelled>
      {ordered !== null && (
        <span className="ordered">
          ordered <Figure value={ordered} step={step} unit />
        </span>
      )}
      {wrong !== null && (
        <span className="wrong" id={id}>
          {wrong}
        </span>
      )}
    </div>
  )
}

function readingsOf(drafts: { readonly [name: string]: string }, unit: 'in' | 'mm') {
  const readings: { [name in UnitReading]?: Length } = {}
  const wrong = new Map<string, string>()
  for (const name of UNIT_READINGS) {
    const typed = drafts[name]?.trim()
    if (!typed) continue
    const parsed = parseLength(typed, { unit })
    if (parsed.ok && canMeasure(name, parsed.value.ticks)) readings[name] = parsed.value.ticks
    else if (parsed.ok) wrong.set(name, issueWords({ code: 'length.below-zero', facts: { typed } }))
    else wrong.set(name, issueWords(parsed.issues[0]!))
  }
  return { readings, wrong }
}
