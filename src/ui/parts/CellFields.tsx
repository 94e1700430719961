'use client'
import { styled } from 'styled-components'
import type { Column } from '@/core/base/column'
import { Labelled } from './Labelled'

const Fields = styled.div`
  display: grid; grid-template-columns: repeat(auto-fill, minmax(180px, 1fr)); gap: 10px; align-items: start;
  [data-refused] input, [data-refused] select { border-color: var(--stop); }
`

const Group = styled.fieldset`
  grid-column: 1 / -1; border: none; padding: 0; margin: 0; display: flex; flex-wrap: wrap; gap: 0 18px;
  legend { color: var(--quiet); font-size: 0.9375rem; padding: 0; }
  label { display: inline-flex; gap: 8px; align-items: center; min-height: 44px; }
  input { width: 22px; height: 22px; }
  &[data-refused] legend { color: var(--stop); }
`

/** What stands in the fields, by column. */
export type Cells = { readonly [id: string]: string }

/** What a cell can be; one that may stay unsaid begins with nothing. */
function choicesOf({ choices, of }: Column, isNeeded: boolean): readonly string[] | null {
  const own = of === 'words' ? null : (choices ?? (of === 'yes' ? ['no', 'yes'] : null))
  return own && (isNeeded ? own : ['', ...own])
}
/** What a cell says as it first stands. */
export const firstOf = (column: Column, isNeeded: boolean): string => choicesOf(column, isNeeded)?.[0] ?? ''

type Props = {
  readonly columns: readonly Column[]
  readonly cells: Cells
  readonly isNeeded: (column: Column) => boolean
  /** What one is called; of one that may stay unsaid that is said too. */
  readonly name: (id: string) => string
  /** A column that may stay unsaid and does not say so. */
  readonly plain?: string
  readonly refused: string | null
  readonly onChange: (cells: Cells) => void
}

/** One record of a list entered by hand: a field a column. */
export const CellFields = ({ columns, cells, isNeeded, name, plain, refused, onChange }: Props) => (
  <Fields>
    {columns.map(column => (
      <Cell
        key={column.id}
        column={column}
        label={`${name(column.id)}${isNeeded(column) || column.id === plain ? '' : ', if said'}`}
        isNeeded={isNeeded(column)}
        value={cells[column.id] ?? ''}
        isRefused={refused === column.id}
        onChange={value => onChange({ ...cells, [column.id]: value })}
      />
    ))}
  </Fields>
)

type CellProps = {
  readonly column: Column
  readonly label: string
  readonly isNeeded: boolean
  readonly value: string
  readonly isRefused: boolean
  readonly onChange: (value: string) => void
}

function Cell({ column, label, isNeeded, value, isRefused, onChange }: CellProps) {
  const choices = choicesOf(column, isNeeded)
  if (column.of === 'words' && column.choices)
    return (
      <Several
        label={label}
        all={column.choices}
        value={value.split('; ').filter(Boolean)}
        isRefused={isRefused}
        onChange={next => onChange(next.join('; '))}
      />
    )
  return (
    <div data-refused={isRefused || undefined}>
      <Labelled label={label}>
        {choices ? (
          <select value={value || choices[0]} onChange={event => onChange(event.target.value)}>
            {choices.map(one => (
              <option key={one} value={one}>
                {one || 'not said'}
              </option>
            ))}
          </select>
        ) : (
          <input
            value={value}
            maxLength={200}
            aria-invalid={isRefused}
            onChange={event => onChange(event.target.value)}
          />
        )}
      </Labelled>
    </div>
  )
}

type SeveralProps = {
  readonly label: string
  readonly all: readonly string[]
  readonly value: readonly string[]
  readonly isRefused: boolean
  readonly onChange: (value: readonly string[]) => void
}

/** Any of a few words. */
const Several = ({ label, all, value, isRefused, onChange }: SeveralProps) => (
  <Group data-refused={isRefused || undefined}>
    <legend>{label}</legend>
    {all.map(one => (
      <label key={one}>
        <input
          type="checkbox"
          checked={value.includes(one)}
          onChange={event => onChange(all.filter(it => (it === one ? event.target.checked : value.includes(it))))}
        />
        {one.replaceAll('-', ' ')}
      </label>
    ))}
  </Group>
)
