'use client'
import { useState } from 'react'
import { Labelled } from '../parts/Labelled'

type Props = {
  readonly value: number | null
  readonly onChange: (value: number | null) => void
}

/** What a leaf's material weighs by volume, where it is known. What can't be taken stays as it was typed, with a sentence. */
export function DensityField({ value, onChange }: Props) {
  const [text, setText] = useState(value === null ? '' : String(value))
  const trimmed = text.trim()
  const isRight = trimmed === '' || (/^\d{2,4}$/.test(trimmed) && Number(trimmed) >= 10 && Number(trimmed) <= 9000)
  const take = () => {
    const next = trimmed === '' ? null : Number(trimmed)
    if (isRight && next !== value) onChange(next)
  }
  return (
    <>
      <Labelled label="Or what its material weighs, kg/m³">
        <input
          value={text}
          inputMode="numeric"
          maxLength={20}
          placeholder="not known"
          onChange={event => setText(event.target.value)}
          onBlur={take}
        />
      </Labelled>
      {!isRight && (
        <p role="alert" style={{ color: 'var(--correct)' }}>
          A whole number of kilograms from 10 to 9000; timber weighs 400 to 700.
        </p>
      )}
    </>
  )
}
