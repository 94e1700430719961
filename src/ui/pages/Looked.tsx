'use client'
import { useId, useMemo, useState } from 'react'
import { styled } from 'styled-components'
import { hasPart } from '@/core/base/kinds'
import { said } from '@/core/catalogue/unit'
import type { Found } from '@/core/order/judge-receipt'
import type { OrderLine } from '@/core/order/order'
import {
  CHECK_ANSWERS,
  CHECKS,
  canMeasure,
  PART_COUNTS,
  UNIT_READINGS,
  type UnitReading,
} from '@/core/order/receipt-values'
import type { Length } from '@/core/units/length'
import { parseLength } from '@/core/units/parse-length'
import { issueWords } from '@/words/issues'
import { CHECK_NAMES, PART_NAMES, UNIT_READING_NAMES } from '@/words/order'
import { Choice } from '../parts/controls'
import { Labelled } from '../parts/Labelled'

const Grid = styled.div`
  display: grid; grid-template-columns: repeat(auto-fill, minmax(168px, 1fr)); gap: 10px; align-items: start;
  .wrong { color: var(--stop); font-size: 14px; }
`
const NAMES = { left: 'Left', right: 'Right', in: 'In', out: 'Out' } as const

type Answers = Omit<Found, 'readings'>
const NOTHING: Answers = { hinges: null, swing: null, checks: {}, counts: {} }

/** What was measured, seen and counted of a delivered unit so far. */
export function useLooked(unit: 'in' | 'mm') {
  const [drafts, setDrafts] = useState<{ readonly [name: string]: string }>({})
  const [answers, setAnswers] = useState(NOTHING)
  const { readings, wrong } = useMemo(() => readingsOf(drafts, unit), [drafts, unit])
  const found: Found = { readings, ...answers }
  return {
    drafts,
    found,
    wrong,
    onType: (name: UnitReading, value: string) => setDrafts(before => ({ ...before, [name]: value })),
    onAnswer: (change: Partial<Answers>) => setAnswers(before => ({ ...before, ...change })),
  }
}

type LookedProps = ReturnType<typeof useLooked> & { readonly line: OrderLine }

/** What a delivered unit is looked at by: its readings, its hand, its parts. */
export function Looked({ line, drafts, found, wrong, onType, onAnswer }: LookedProps) {
  return (
    <>
      <Grid>
        {asked(line).map(name => (
          <ReadingField
            key={name}
            name={name}
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
        <Checks checks={found.checks} onChange={checks => onAnswer({ checks })} />
        <Counts line={line} counts={found.counts} onChange={counts => onAnswer({ counts })} />
      </Grid>
    </>
  )
}

type ChecksProps = { readonly checks: Found['checks']; readonly onChange: (checks: Found['checks']) => void }

const Checks = ({ checks, onChange }: ChecksProps) =>
  CHECKS.map(check => (
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

/** Keys are counted always, spare parts where they were ordered. */
const Counts = ({ line, counts, onChange }: CountsProps) =>
  PART_COUNTS.filter(part => part === 'keys' || (line.spares[part] ?? 0) > 0).map(part => (
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

/** Which readings a line is looked at by: what its sheet names, legs only of a frame, mortises only where a leaf hangs in it. */
function asked(line: OrderLine): readonly UnitReading[] {
  return UNIT_READINGS.filter(name => {
    if (name === 'jamb') return said(line.unit, 'jamb') !== null
    if (name === 'thickness') return said(line.unit, 'leafThickness') !== null
    if (/^(mortise|plate|leaf\.gap)/.test(name)) return hasPart(line.unit.kind, 'hung')
    if (/^(bow|head)/.test(name)) return hasPart(line.unit.kind, 'framed')
    return hasPart(line.unit.kind, 'locking') ? /^(width|height)/.test(name) : true
  })
}

type FieldProps = {
  readonly name: UnitReading
  readonly value: string
  readonly wrong: string | null
  readonly onChange: (value: string) => void
}

/** One reading of the unit, and under it why it can't be taken. */
function ReadingField({ name, value, wrong, onChange }: FieldProps) {
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
