'use client'
import { useEffect, useRef, useState } from 'react'
import {
  Table as AriaTable,
  Cell,
  Column,
  Row,
  type SortDescriptor,
  TableBody,
  TableHeader,
} from 'react-aria-components/Table'
import { styled } from 'styled-components'
import { UNIT_KINDS, type UnitKind } from '@/core/base/kinds'
import type { FoundUnits, ListedUnit } from '@/server/search-catalogue'
import { unitKindName } from '@/words/kinds'
import { Button } from '../parts/controls'
import { Figure } from '../parts/Figure'
import { Money } from '../parts/Money'
import { Only } from '../parts/Rights'
import { UnitForm } from '../parts/UnitForm'
import { CatalogueImport } from './CatalogueImport'
import { Page } from './Today'

const Tools = styled.div`
  display: grid; grid-template-columns: 1fr 240px auto; gap: 10px; align-items: center;
  input[type='search'], select { height: 48px; min-width: 0; padding: 0 12px; font-size: 1.125rem; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); }
  label { display: inline-flex; gap: 8px; align-items: center; min-height: 44px; }
  label input { width: 22px; height: 22px; }
  @media (max-width: 43.75em) { grid-template-columns: 1fr; }
`
const Scroll = styled.div`overflow-x: auto; background: var(--sheet); border-top: 2px solid var(--ink);`
const Table = styled(AriaTable)`
  border-collapse: collapse; width: 100%;
  th { text-align: left; font-size: 0.9375rem; padding: 0 12px; height: 44px; border-bottom: 1px solid var(--rule); white-space: nowrap; cursor: pointer; outline-offset: -3px; }
  td { padding: 0 12px; height: 44px; border-bottom: 1px solid var(--rule); outline-offset: -3px; }
  tr { outline-offset: -3px; }
  .number { text-align: right; }
`
const COLUMNS = [
  ['article', 'Article'],
  ['maker', 'Maker'],
  ['name', 'Name'],
  ['width', 'Width'],
  ['height', 'Height'],
  ['price', 'Price'],
  ['days', 'Days'],
] as const
const WAIT_MS = 120
const STEP = '1/16'

type Search = { readonly words: string; readonly kind: UnitKind | ''; readonly onlyStock: boolean }

/** The whole catalogue: found by words, kind and stock, sorted by any column, and makers’ lists taken in. */
export function Catalogue({ first }: { readonly first: FoundUnits }) {
  const [search, setSearch] = useState<Search>({ words: '', kind: '', onlyStock: false })
  const [sort, setSort] = useState<SortDescriptor>({ column: 'article', direction: 'ascending' })
  const [from, setFrom] = useState(0)
  const [round, setRound] = useState(0)
  const asked = new URLSearchParams({
    q: search.words,
    kind: search.kind,
    stock: search.onlyStock ? '1' : '',
    sort: `${sort.direction === 'descending' ? '-' : ''}${sort.column}`,
    from: String(from),
  }).toString()
  const { found, said } = useFound(first, asked, round)
  const anew = <T,>(set: (value: T) => void) => {
    return (value: T) => {
      setFrom(0)
      set(value)
    }
  }
  const again = () => anew(setRound)(round + 1)
  return (
    <Page>
      <h1>Catalogue</h1>
      <SearchTools search={search} onChange={change => anew(setSearch)({ ...search, ...change })} />
      <div>
        <Only verb="firm">
          <CatalogueImport onTaken={again} />
          <UnitForm title="Enter one unit by hand" unit="in" onTaken={again} />
        </Only>
      </div>
      <p role="status">{said ?? countWords(found)}</p>
      <Scroll>
        <UnitTable units={found.units} sort={sort} onSort={anew(setSort)} />
      </Scroll>
      {found.count > found.units.length && (
        <div style={{ display: 'flex', gap: 10 }}>
          <Button $plain isDisabled={from === 0} onPress={() => setFrom(Math.max(0, from - 100))}>
            The 100 before
          </Button>
          <Button $plain isDisabled={from + 100 >= found.count} onPress={() => setFrom(from + 100)}>
            The next 100
          </Button>
        </div>
      )}
    </Page>
  )
}

/** The units that were asked for, a moment after the last letter; `round` asks again after a list was taken in. */
function useFound(first: FoundUnits, asked: string, round: number) {
  const [found, setFound] = useState(first)
  const [said, setSaid] = useState<string | null>(null)
  const isFirst = useRef(true)
  // biome-ignore lint/correctness/useExhaustiveDependencies: `round` asks again
  useEffect(() => {
    if (isFirst.current) {
      isFirst.current = false
      return
    }
    const leave = new AbortController()
    const timer = setTimeout(async () => {
      const answer = await fetch(`/api/catalogue?${asked}`, { signal: leave.signal }).catch(() => null)
      if (leave.signal.aborted) return
      setSaid(answer?.ok ? null : 'The server does not answer. Type on to try again.')
      if (answer?.ok) setFound(await answer.json())
    }, WAIT_MS)
    return () => {
      clearTimeout(timer)
      leave.abort()
    }
  }, [asked, round])
  return { found, said }
}

type ToolsProps = { readonly search: Search; readonly onChange: (change: Partial<Search>) => void }

const SearchTools = ({ search, onChange }: ToolsProps) => (
  <Tools>
    <input
      type="search"
      aria-label="Find a unit"
      placeholder="article, maker or name"
      value={search.words}
      maxLength={200}
      onChange={event => onChange({ words: event.target.value })}
    />
    <select
      aria-label="Kind of door"
      value={search.kind}
      onChange={event => onChange({ kind: UNIT_KINDS.find(one => one === event.target.value) ?? '' })}
    >
      <option value="">every kind</option>
      {UNIT_KINDS.map(one => (
        <option key={one} value={one}>
          {unitKindName(one)}
        </option>
      ))}
    </select>
    <label>
      <input
        type="checkbox"
        checked={search.onlyStock}
        onChange={event => onChange({ onlyStock: event.target.checked })}
      />
      in stock
    </label>
  </Tools>
)

type TableProps = {
  readonly units: readonly ListedUnit[]
  readonly sort: SortDescriptor
  readonly onSort: (sort: SortDescriptor) => void
}

const UnitTable = ({ units, sort, onSort }: TableProps) => (
  <Table aria-label="Units" sortDescriptor={sort} onSortChange={onSort}>
    <TableHeader>
      {COLUMNS.map(([id, name]) => (
        <Column key={id} id={id} allowsSorting isRowHeader={id === 'article'}>
          {({ sortDirection }) => (
            <>
              {name}
              <span aria-hidden="true">
                {sortDirection === 'ascending' ? ' ▲' : sortDirection === 'descending' ? ' ▼' : ''}
              </span>
            </>
          )}
        </Column>
      ))}
    </TableHeader>
    <TableBody items={units} renderEmptyState={() => 'No unit has these words in it.'}>
      {unit => <UnitRow unit={unit} />}
    </TableBody>
  </Table>
)

const UnitRow = ({ unit }: { readonly unit: ListedUnit }) => (
  <Row id={unit.id}>
    <Cell>{unit.article}</Cell>
    <Cell>{unit.maker}</Cell>
    <Cell>{unit.name}</Cell>
    <Cell>
      {unit.range ? (
        <>
          <Figure value={unit.range.width[0]} step={STEP} /> to <Figure value={unit.range.width[1]} step={STEP} unit />
        </>
      ) : (
        <Figure value={unit.width} step={STEP} unit />
      )}
    </Cell>
    <Cell>
      {unit.range ? (
        <>
          <Figure value={unit.range.height[0]} step={STEP} /> to{' '}
          <Figure value={unit.range.height[1]} step={STEP} unit />
        </>
      ) : (
        <Figure value={unit.height} step={STEP} unit />
      )}
    </Cell>
    <Cell className="number">
      <Money cents={unit.priceCents} />
    </Cell>
    <Cell className="number">
      {unit.leadDays}
      {unit.stock ? '' : ', made'}
    </Cell>
  </Row>
)

function countWords({ count, all, from, units }: FoundUnits): string {
  if (all === 0)
    return 'The catalogue holds the units you can order, each as its maker’s sheet says. It is empty: take a maker’s list in below, or enter a unit by hand.'
  if (count === 0) return 'No unit has these words in it.'
  const shown = count > units.length ? `, ${from + 1} to ${from + units.length} shown` : ''
  return `${count} of ${all} units${shown}`
}
