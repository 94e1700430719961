'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import { COLUMN_CHOICES, type Column, columnsFor, UNIT_KINDS, type UnitKind } from '@/core/catalogue/columns'
import { columnName } from '@/words/columns'
import { FAMILY_NAMES } from '@/words/kinds'
import { BareNumbers } from '../parts/BareNumbers'
import { Button } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Labelled } from '../parts/Labelled'
import { send } from '../sheet/send'

const Fields = styled.div`
  display: grid; grid-template-columns: repeat(auto-fill, minmax(180px, 1fr)); gap: 10px; align-items: start;
  [data-refused] input, [data-refused] select { border-color: var(--stop); }
`
const kindName = (kind: UnitKind): string => (kind === 'lock-set' ? 'Lock set' : FAMILY_NAMES[kind].name)

/** One unit entered by hand, as a maker's sheet gives it: only what its kind has is asked. */
export function UnitForm({ onTaken }: { readonly onTaken: () => void }) {
  const [kind, setKind] = useState<UnitKind>('hinged-outside')
  const [unit, setUnit] = useState<'in' | 'mm'>('in')
  const [cells, setCells] = useState<{ readonly [id: string]: string }>({})
  const [said, setSaid] = useState<{ readonly text: string; readonly column: string | null } | null>(null)
  const columns = columnsFor(kind)
  const take = async () => {
    const own = Object.fromEntries(
      columns.map(({ id }) => [id, cells[id] ?? COLUMN_CHOICES[id]?.[0] ?? '']).filter(([, cell]) => cell !== ''),
    )
    const family = kind === 'lock-set' ? 'interior' : kind
    const sent = await send<{ id: string }>('POST', '/api/catalogue/units', { cells: { ...own, kind: family }, unit })
    if (!sent.ok) {
      const current = (sent.body as { current?: { column: string } } | null)?.current
      return setSaid({ text: sent.message, column: current?.column ?? null })
    }
    setSaid({ text: `${cells.article} is in the catalogue.`, column: null })
    setCells({ maker: cells.maker ?? '' })
    onTaken()
  }
  return (
    <Disclosure title="Enter one unit by hand">
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 12, alignItems: 'end' }}>
        <Labelled label="Kind">
          <select value={kind} onChange={event => setKind(UNIT_KINDS.find(one => one === event.target.value) ?? kind)}>
            {UNIT_KINDS.map(one => (
              <option key={one} value={one}>
                {kindName(one)}
              </option>
            ))}
          </select>
        </Labelled>
        <BareNumbers unit={unit} onChange={setUnit} />
      </div>
      <Fields>
        {columns.map(column => (
          <Cell
            key={column.id}
            column={column}
            value={cells[column.id] ?? ''}
            isRefused={said?.column === column.id}
            onChange={value => setCells({ ...cells, [column.id]: value })}
          />
        ))}
      </Fields>
      {said && <p role={said.column ? 'alert' : 'status'}>{said.text}</p>}
      <div>
        <Button onPress={() => void take()}>Take it into the catalogue</Button>
      </div>
    </Disclosure>
  )
}

type CellProps = {
  readonly column: Column
  readonly value: string
  readonly isRefused: boolean
  readonly onChange: (value: string) => void
}

function Cell({ column: { id, kind, isNeeded }, value, isRefused, onChange }: CellProps) {
  const choices = COLUMN_CHOICES[id] ?? (kind === 'yes' ? ['no', 'yes'] : null)
  const label = `${columnName(id)}${isNeeded || id === 'maker' ? '' : kind === 'text' && !choices ? ', if said' : ''}`
  return (
    <div data-refused={isRefused || undefined}>
      <Labelled label={label}>
        {choices ? (
          <select value={value || choices[0]} onChange={event => onChange(event.target.value)}>
            {choices.map(one => (
              <option key={one}>{one}</option>
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
