'use client'
import { useState } from 'react'
import { v7 as uuidV7 } from 'uuid'
import { type Crew, SKILLS } from '@/core/catalogue/crew'
import type { Firm } from '@/core/catalogue/firm'
import { clockWords, SKILL_NAMES } from '@/words/plan'
import { Button, Quiet } from '../parts/controls'
import { Labelled } from '../parts/Labelled'

type Props = { readonly data: Firm; readonly save: (change: Partial<Firm>) => void }

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'] as const
const USUAL: Omit<Crew, 'id' | 'name'> = {
  people: 2,
  from: 450,
  to: 990,
  days: [1, 2, 3, 4, 5],
  off: [],
  skills: [...SKILLS],
}

/** Who works together, on which days, between which hours, and on which doors. */
export function FirmCrews({ data: { crews }, save }: Props) {
  const set = (id: string, change: Partial<Crew>) =>
    save({ crews: crews.map(one => (one.id === id ? { ...one, ...change } : one)) })
  return (
    <section aria-label="Crews">
      <h2>Crews</h2>
      <Quiet>The plan goes by them: days, hours, how many lift, which doors they do.</Quiet>
      {crews.map(one => (
        <CrewForm
          key={one.id}
          crew={one}
          onChange={change => set(one.id, change)}
          onRemove={() => save({ crews: crews.filter(it => it.id !== one.id) })}
        />
      ))}
      <Button
        $plain
        onPress={() => save({ crews: [...crews, { ...USUAL, id: uuidV7(), name: `Crew ${crews.length + 1}` }] })}
      >
        Add a crew
      </Button>
    </section>
  )
}

type FormProps = {
  readonly crew: Crew
  readonly onChange: (change: Partial<Crew>) => void
  readonly onRemove: () => void
}

const minuteIn = (text: string): number | null => {
  const [, hours, minutes] = /^(\d{2}):(\d{2})/.exec(text) ?? []
  return hours === undefined || minutes === undefined ? null : Number(hours) * 60 + Number(minutes)
}
const toggled = <T,>(all: readonly T[], one: T): readonly T[] =>
  all.includes(one) ? all.filter(it => it !== one) : [...all, one]

function CrewForm({ crew, onChange, onRemove }: FormProps) {
  const { name, people, from, to, days, off, skills } = crew
  const [wrong, setWrong] = useState(false)
  const hour = (member: 'from' | 'to') => (field: HTMLInputElement) => {
    const minute = minuteIn(field.value)
    const next = minute === null ? null : { ...crew, [member]: minute }
    const goes = next !== null && next.from < next.to
    setWrong(!goes)
    if (!goes) field.value = clockWords(crew[member])
    if (goes && minute !== crew[member]) onChange({ [member]: minute! })
  }
  return (
    <fieldset
      style={{ border: '1px solid var(--rule)', borderRadius: 4, display: 'grid', gap: 10, padding: 12, minWidth: 0 }}
    >
      <legend className="sr">{name}</legend>
      <div className="figures">
        <Labelled label="Called">
          <input
            key={name}
            defaultValue={name}
            maxLength={60}
            onBlur={event =>
              event.target.value.trim() &&
              event.target.value.trim() !== name &&
              onChange({ name: event.target.value.trim() })
            }
          />
        </Labelled>
        <Labelled label="People">
          <input
            key={people}
            type="number"
            min={1}
            max={12}
            defaultValue={people}
            onBlur={event => {
              const next = Number(event.target.value)
              if (!Number.isInteger(next) || next < 1 || next > 12) return void event.target.reportValidity()
              if (next !== people) onChange({ people: next })
            }}
          />
        </Labelled>
        <Labelled label="From">
          <input key={from} type="time" defaultValue={clockWords(from)} onBlur={event => hour('from')(event.target)} />
        </Labelled>
        <Labelled label="To">
          <input key={to} type="time" defaultValue={clockWords(to)} onBlur={event => hour('to')(event.target)} />
        </Labelled>
      </div>
      <Ticks
        label={`Days of ${name}`}
        items={DAYS.map((day, i) => [i + 1, day] as const)}
        chosen={days}
        onChange={next => onChange({ days: [...next].sort() })}
      />
      <Ticks
        label={`What ${name} does beside plain doors`}
        items={SKILLS.map(one => [one, SKILL_NAMES[one]] as const)}
        chosen={skills}
        onChange={next => onChange({ skills: next })}
      />
      <DaysOff off={off} onChange={next => onChange({ off: next })} />
      {wrong && (
        <p role="alert" style={{ color: 'var(--stop)' }}>
          A day ends after it begins; the hours stay as they were.
        </p>
      )}
      {days.length === 0 && <p style={{ color: 'var(--watch)' }}>A crew without days is planned nothing.</p>}
      <Button $plain onPress={onRemove}>{`Take ${name} out`}</Button>
    </fieldset>
  )
}

type TicksProps<T> = {
  readonly label: string
  readonly items: readonly (readonly [value: T, name: string])[]
  readonly chosen: readonly T[]
  readonly onChange: (chosen: readonly T[]) => void
}

function Ticks<T extends string | number>({ label, items, chosen, onChange }: TicksProps<T>) {
  return (
    // biome-ignore lint/a11y/useSemanticElements: a fieldset in a fieldset has a frame of its own
    <div role="group" aria-label={label} style={{ display: 'flex', flexWrap: 'wrap', gap: '0 14px' }}>
      {items.map(([value, name]) => (
        <label key={value} style={{ display: 'flex', gap: 6, alignItems: 'center', minHeight: 44 }}>
          <input
            type="checkbox"
            style={{ width: 22, height: 22 }}
            checked={chosen.includes(value)}
            onChange={() => onChange(toggled(chosen, value))}
          />
          {name}
        </label>
      ))}
    </div>
  )
}

/** Holidays: a day is added, or taken out again. */
function DaysOff({
  off,
  onChange,
}: {
  readonly off: readonly string[]
  readonly onChange: (off: readonly string[]) => void
}) {
  return (
    <>
      <Labelled label="Add a day off">
        <input
          type="date"
          onBlur={event => {
            const day = event.target.value
            event.target.value = ''
            if (/^\d{4}-\d{2}-\d{2}$/.test(day) && !off.includes(day)) onChange([...off, day].sort())
          }}
        />
      </Labelled>
      {off.length > 0 && (
        <ul aria-label="Days off" style={{ display: 'flex', flexWrap: 'wrap', gap: 8 }}>
          {off.map(day => (
            <li key={day}>
              <Button
                $plain
                aria-label={`${day} is no day off`}
                onPress={() => onChange(off.filter(one => one !== day))}
              >
                {day} ✕
              </Button>
            </li>
          ))}
        </ul>
      )}
    </>
  )
}
