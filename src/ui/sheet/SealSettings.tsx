'use client'
import { useState } from 'react'
import type { WorkedStore } from '../store/worked'

const FIELDS = [
  ['heatingDegreeDays', 'Heating degree days, K·day', 12_000],
  ['centsPerKwh', 'Heat, cents a kWh', 1_000],
  ['efficiency', 'Heating’s efficiency, %', 600],
] as const

/** What a year's heat depends on: the climate and the price. */
export function SealSettings({ store }: { readonly store: WorkedStore }) {
  return (
    <>
      {FIELDS.map(([name, label, most]) => (
        <WholeNumber
          key={name}
          label={label}
          most={most}
          value={store.sheet.edits.seal.data[name]}
          onChange={value => store.save('seal', { [name]: value })}
        />
      ))}
    </>
  )
}

function WholeNumber({
  label,
  value,
  most,
  onChange,
}: {
  readonly label: string
  readonly value: number
  readonly most: number
  readonly onChange: (value: number) => void
}) {
  const [draft, setDraft] = useState<string | null>(null)
  const wrong = draft !== null && !(/^\d{1,5}$/.test(draft.trim()) && Number(draft) <= most)
  const take = () => {
    if (draft === null || wrong) return
    onChange(Number(draft))
    setDraft(null)
  }
  return (
    <label
      style={{ display: 'grid', gridTemplateColumns: '1fr 96px', alignItems: 'center', gap: 8, fontSize: '0.9375rem' }}
    >
      {label}
      <input
        inputMode="numeric"
        value={draft ?? String(value)}
        aria-invalid={wrong}
        onChange={event => setDraft(event.target.value)}
        onBlur={take}
        onKeyDown={event => {
          if (event.key === 'Enter') take()
        }}
        style={{
          height: 44,
          padding: '0 8px',
          fontSize: '1.125rem',
          border: '1.5px solid var(--strong-rule)',
          borderRadius: 4,
          background: 'var(--sheet)',
          minWidth: 0,
        }}
      />
      {wrong && (
        <span role="alert" style={{ gridColumn: '1 / -1', color: 'var(--stop)' }}>
          A whole number from 0 to {most} is needed; “{draft}” is kept here.
        </span>
      )}
    </label>
  )
}
