'use client'
import { useState } from 'react'
import { styled } from 'styled-components'

const Row = styled.label`
  display: grid; grid-template-columns: minmax(0, 1fr) minmax(96px, auto); align-items: center; gap: 8px; font-size: 0.9375rem;
  input[type='text'], select { min-height: 44px; padding: 0 8px; font-size: 1.0625rem; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); min-width: 0; max-width: 100%; }
  input[type='text'] { width: 96px; }
  .wrong { grid-column: 1 / -1; color: var(--stop); }
`

type SelectProps = {
  readonly label: string
  readonly value: string
  readonly options: readonly (readonly [value: string, name: string])[]
  readonly onChange: (value: string) => void
}
export const Select = ({ label, value, options, onChange }: SelectProps) => (
  <Row>
    {label}
    <select value={value} onChange={event => onChange(event.target.value)}>
      {options.map(([one, name]) => (
        <option key={one} value={one}>
          {name}
        </option>
      ))}
    </select>
  </Row>
)

type WholeProps = {
  readonly label: string
  readonly value: number | null
  readonly least: number
  readonly most: number
  /** What an empty field means. */
  readonly empty: string
  readonly onChange: (value: number | null) => void
}

/** A whole number within bounds, or nothing; what can't be taken stays in the field with its sentence. */
export function Whole({ label, value, least, most, empty, onChange }: WholeProps) {
  const [draft, setDraft] = useState<string | null>(null)
  const text = draft?.trim() ?? ''
  const isGood = text === '' || (/^\d{1,5}$/.test(text) && Number(text) >= least && Number(text) <= most)
  const take = () => {
    if (draft === null || !isGood) return
    onChange(text === '' ? null : Number(text))
    setDraft(null)
  }
  return (
    <Row>
      {label}
      <input
        type="text"
        inputMode="numeric"
        value={draft ?? (value === null ? '' : String(value))}
        placeholder={empty}
        aria-invalid={draft !== null && !isGood}
        onChange={event => setDraft(event.target.value)}
        onBlur={take}
        onKeyDown={event => {
          if (event.key === 'Enter') take()
        }}
      />
      {draft !== null && !isGood && (
        <span className="wrong" role="alert">
          A whole number from {least} to {most} is needed, or nothing; “{draft}” is kept here.
        </span>
      )}
    </Row>
  )
}
