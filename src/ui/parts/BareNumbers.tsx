'use client'
import { Choice } from './controls'

type Props = { readonly unit: 'in' | 'mm'; readonly onChange: (unit: 'in' | 'mm') => void }

/** What a number without a unit means. */
export const BareNumbers = ({ unit, onChange }: Props) => (
  <Choice
    label="Bare numbers are"
    value={unit}
    options={[
      ['in', 'Inches'],
      ['mm', 'Millimetres'],
    ]}
    onChange={onChange}
  />
)
