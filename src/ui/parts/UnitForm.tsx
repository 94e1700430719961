'use client'
import { useState } from 'react'
import type { Column } from '@/core/base/column'
import { hasPart, UNIT_KINDS, type UnitKind, USUAL_KIND } from '@/core/base/kinds'
import { columnsFor } from '@/core/catalogue/columns'
import { isUnitMember } from '@/core/catalogue/unit-members'
import { isNeededOn } from '@/core/catalogue/unit-parts'
import { UNIT_DOORS } from '@/core/doors/doors'
import { DETAILS } from '@/core/specification/wish-values'
import { columnName } from '@/words/columns'
import { unitKindName } from '@/words/kinds'
import { send } from '../store/send'
import { BareNumbers } from './BareNumbers'
import { CellFields, type Cells, firstOf } from './CellFields'
import { Button } from './controls'
import { Disclosure } from './Disclosure'
import { Labelled } from './Labelled'

/** A unit of which everything that asks for a detail holds: the form offers every detail its kind can have. */
const FULL = { bore: 'single', glass: 'tempered', labelMinutes: 20 }

/** The columns of a kind: its own members, and the details an order of it can name. */
function fieldsFor(kind: UnitKind): readonly Column[] {
  const { details, extras } = UNIT_DOORS[kind].order
  const own = hasPart(kind, 'glazed') ? FULL : { ...FULL, glass: null }
  const named = new Set([...details(hasPart(kind, 'bored') ? own : { ...own, bore: null }), ...extras])
  return columnsFor(
    kind,
    DETAILS.filter(one => named.has(one)),
  )
}

const NOTHING: Cells = {}

type Props = {
  readonly title: string
  /** The kind it is of, where only one is asked for. */
  readonly kind?: UnitKind
  readonly unit: 'in' | 'mm'
  /** What stands in the fields at first. */
  readonly first?: Cells
  readonly onTaken: () => void
}

/** One unit entered by hand, as a maker's sheet gives it: only what its kind has is asked. */
export function UnitForm({ title, kind: only, unit: begins, first = NOTHING, onTaken }: Props) {
  const [picked, setKind] = useState<UnitKind>(USUAL_KIND)
  const kind = only ?? picked
  const [unit, setUnit] = useState(begins)
  const [cells, setCells] = useState(first)
  const [said, setSaid] = useState<{ readonly text: string; readonly column: string | null } | null>(null)
  const columns = fieldsFor(kind)
  const needs = (column: Column) => isNeeded(column, kind)
  const take = async () => {
    const own = Object.fromEntries(
      columns
        .map(column => [column.id, cells[column.id] ?? firstOf(column, needs(column))])
        .filter(([, cell]) => cell !== ''),
    )
    const sent = await send<{ id: string }>('POST', '/api/catalogue/units', { cells: { ...own, kind }, unit })
    if (!sent.ok) {
      const current = (sent.body as { current?: { column: string } } | null)?.current
      return setSaid({ text: sent.message, column: current?.column ?? null })
    }
    setSaid({ text: `${cells.article} is in the catalogue.`, column: null })
    setCells({ ...first, maker: cells.maker ?? '' })
    onTaken()
  }
  return (
    <Disclosure title={title}>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 12, alignItems: 'end' }}>
        {!only && (
          <Labelled label="Kind">
            <select
              value={kind}
              onChange={event => setKind(UNIT_KINDS.find(one => one === event.target.value) ?? kind)}
            >
              {UNIT_KINDS.map(one => (
                <option key={one} value={one}>
                  {unitKindName(one)}
                </option>
              ))}
            </select>
          </Labelled>
        )}
        <BareNumbers unit={unit} onChange={setUnit} />
      </div>
      <CellFields
        columns={columns}
        cells={cells}
        isNeeded={needs}
        name={columnName}
        plain="maker"
        refused={said?.column ?? null}
        onChange={setCells}
      />
      {said && <p role={said.column ? 'alert' : 'status'}>{said.text}</p>}
      <div>
        <Button onPress={() => void take()}>Take it into the catalogue</Button>
      </div>
    </Disclosure>
  )
}

/** Whether a unit of the kind can't be taken in without it. */
const isNeeded = ({ member }: Column, kind: UnitKind): boolean =>
  isUnitMember(member) && member !== 'maker' && member !== 'lacks' && isNeededOn(member, kind)
