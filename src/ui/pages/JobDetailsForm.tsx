'use client'
import { useState } from 'react'
import type { JobDetails } from '@/core/survey/job-record'
import { clockWords } from '@/words/plan'
import { Labelled } from '../parts/Labelled'
import { PlaceField } from './PlaceField'

type Props = { readonly data: JobDetails; readonly save: (change: Partial<JobDetails>) => void }

/** What is said of a job. A field is kept when it is left. */
export function JobDetailsForm({ data, save }: Props) {
  const { customer } = data
  return (
    <div style={{ display: 'grid', gap: 12, maxWidth: 560 }}>
      <Text label="The job is called" value={data.name} most={120} isNeeded onKeep={name => save({ name })} />
      <Text label="Address, and what kind of house" value={data.site} most={200} onKeep={site => save({ site })} />
      <Text
        label="Customer"
        value={customer.name}
        most={120}
        onKeep={name => save({ customer: { ...customer, name } })}
      />
      <Text
        label="Phone"
        type="tel"
        value={customer.phone}
        most={60}
        onKeep={phone => save({ customer: { ...customer, phone } })}
      />
      <Text
        label="E-mail"
        type="email"
        value={customer.email}
        most={200}
        onKeep={email => save({ customer: { ...customer, email } })}
      />
      <Text
        label="Delivered to, when not to the address"
        value={data.delivery}
        most={400}
        onKeep={delivery => save({ delivery })}
      />
      <Labelled label="Visit on">
        <input
          type="date"
          defaultValue={data.visitOn ?? ''}
          onBlur={event => save({ visitOn: event.currentTarget.value || null })}
        />
      </Labelled>
      <LoudField loud={data.loud} onChange={loud => save({ loud })} />
      <Labelled label="Notes">
        <textarea
          maxLength={4000}
          defaultValue={data.notes}
          onBlur={event => {
            const notes = event.currentTarget.value.trim()
            if (notes !== data.notes) save({ notes })
          }}
        />
      </Labelled>
      <PlaceField place={data.place} timeZone={data.timeZone} onChange={place => save({ place })} />
    </div>
  )
}

type LoudProps = { readonly loud: JobDetails['loud']; readonly onChange: (loud: JobDetails['loud']) => void }

const minuteIn = (text: string): number | null => {
  const [, hours, minutes] = /^(\d{2}):(\d{2})$/.exec(text) ?? []
  return hours === undefined || minutes === undefined ? null : Number(hours) * 60 + Number(minutes)
}

/** Between which hours it may be loud and dusty there: the plan keeps to them. Both, the later after the earlier; or neither. */
function LoudField({ loud, onChange }: LoudProps) {
  const [from, setFrom] = useState(loud ? clockWords(loud.from) : '')
  const [to, setTo] = useState(loud ? clockWords(loud.to) : '')
  const [begins, ends] = [minuteIn(from), minuteIn(to)]
  const isWrong = begins !== null && ends !== null && ends <= begins
  const keep = () => {
    if (from === '' && to === '' && loud) onChange(null)
    if (begins !== null && ends !== null && !isWrong && (begins !== loud?.from || ends !== loud.to))
      onChange({ from: begins, to: ends })
  }
  return (
    <fieldset
      aria-label="Loud and dusty work"
      style={{ border: 0, margin: 0, padding: 0, minWidth: 0, display: 'grid', gap: 6, gridTemplateColumns: '1fr 1fr' }}
    >
      <Labelled label="Loud work not before">
        <input type="time" value={from} onChange={event => setFrom(event.target.value)} onBlur={keep} />
      </Labelled>
      <Labelled label="and done by">
        <input
          type="time"
          value={to}
          aria-invalid={isWrong}
          onChange={event => setTo(event.target.value)}
          onBlur={keep}
        />
      </Labelled>
      {isWrong && (
        <p role="alert" style={{ gridColumn: '1 / -1', color: 'var(--stop)', fontSize: '0.9375rem' }}>
          It ends before it begins: nothing is kept until that is right.
        </p>
      )}
    </fieldset>
  )
}

type TextProps = {
  readonly label: string
  readonly value: string
  readonly most: number
  readonly type?: 'text' | 'tel' | 'email'
  readonly isNeeded?: boolean
  readonly onKeep: (value: string) => void
}

function Text({ label, value, most, type = 'text', isNeeded = false, onKeep }: TextProps) {
  return (
    <Labelled label={label}>
      <input
        key={value}
        type={type}
        maxLength={most}
        autoComplete="off"
        defaultValue={value}
        onBlur={event => {
          const field = event.currentTarget
          const next = field.value.trim()
          if (next === value) return
          if ((isNeeded && next === '') || !field.checkValidity()) {
            field.reportValidity()
            if (isNeeded && next === '') field.value = value
            return
          }
          onKeep(next)
        }}
      />
    </Labelled>
  )
}
