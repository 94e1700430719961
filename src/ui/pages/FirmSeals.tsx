'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import type { Firm } from '@/core/catalogue/firm'
import { MOST_OWN_SEALS, type OwnSeal } from '@/core/seal-stock/own-seal'
import { SEAL_COLUMNS } from '@/core/seal-stock/seal-members'
import { finerStep } from '@/core/units/format-length'
import { sealColumnName } from '@/words/columns'
import { sealPriceWords } from '@/words/seals'
import { BareNumbers } from '../parts/BareNumbers'
import { CellFields, type Cells, firstOf } from '../parts/CellFields'
import { Button, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Figure } from '../parts/Figure'
import { ListFile } from '../parts/ListFile'
import { useMoney } from '../parts/Money'
import { send } from '../store/send'

const List = styled.ul`
  max-height: 420px; overflow-y: auto; border-top: 1px solid var(--rule);
  li { display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 2px 10px; align-items: center; padding: 6px 0; border-bottom: 1px solid var(--rule); }
  .small { font-size: 0.9375rem; color: var(--quiet); }
`

type Props = { readonly data: Firm; readonly save: (change: Partial<Firm>) => void }

/** The firm's own seals, from a list or by hand, and whether those that ship are chosen among too. */
export function FirmSeals({ data, save }: Props) {
  const { own, withShipped } = data.seals
  const set = (change: Partial<Firm['seals']>) => save({ seals: { own, withShipped, ...change } })
  return (
    <section aria-label="Seals">
      <h2>Seals</h2>
      <label style={{ display: 'flex', gap: 10, alignItems: 'center', minHeight: 44 }}>
        <input
          type="checkbox"
          style={{ width: 22, height: 22 }}
          checked={withShipped}
          onChange={event => set({ withShipped: event.target.checked })}
        />
        Choose among the seals Harvek ships too
      </label>
      {own.length === 0 ? (
        <Quiet>
          {withShipped
            ? 'None of its own yet: seals are chosen among those that ship, typical of their kinds.'
            : 'None of its own, and those that ship are left out: no seal can be chosen.'}
        </Quiet>
      ) : (
        <OwnList data={data} onRemove={article => set({ own: own.filter(one => one.article !== article) })} />
      )}
      <ByFile own={own} onTake={next => set({ own: next })} />
      <ByHand own={own} unit={data.unit} onTake={next => set({ own: next })} />
      <a className="tall" href="/api/firm/seals.csv">
        The list as it is chosen among, CSV
      </a>
    </section>
  )
}

type OwnListProps = { readonly data: Firm; readonly onRemove: (article: string) => void }

function OwnList({ data, onRemove }: OwnListProps) {
  const step = finerStep(data.steps[data.unit])
  const money = useMoney()
  return (
    <List aria-label="The firm’s seals" tabIndex={0}>
      {data.seals.own.map(one => (
        <li key={one.article} data-article={one.article}>
          <span>
            <strong>{one.name}</strong> <span className="small">{one.article}</span>
            <br />
            <span className="small">
              {one.kind.replaceAll('-', ' ')}, gaps from <Figure value={one.gapLeast} step={step} /> to{' '}
              <Figure value={one.gapMost} step={step} unit />, {sealPriceWords(one, money)}
            </span>
          </span>
          <Button $plain aria-label={`Take ${one.name} off the list`} onPress={() => onRemove(one.article)}>
            Take off
          </Button>
        </li>
      ))}
    </List>
  )
}

type TakeProps = { readonly own: readonly OwnSeal[]; readonly onTake: (own: readonly OwnSeal[]) => void }

/** The list with what is taken: an article that is there already is replaced by what it says now. */
const withTaken = (own: readonly OwnSeal[], taken: readonly OwnSeal[]): readonly OwnSeal[] => {
  const named = new Map(taken.map(one => [one.article, one]))
  const kept = own.map(one => named.get(one.article) ?? one)
  const there = new Set(own.map(one => one.article))
  return [...kept, ...taken.filter(one => !there.has(one.article))]
}
/** Why so many can't be kept; `null` where they can. */
const tooManyWords = (count: number): string | null =>
  count > MOST_OWN_SEALS ? `A firm’s list holds ${MOST_OWN_SEALS} seals; this would be ${count}.` : null

function ByFile({ own, onTake }: TakeProps) {
  const money = useMoney()
  return (
    <ListFile<OwnSeal>
      title="Take in a list of seals"
      label="A list of seals"
      about="A CSV file, one seal a row, its columns named as in the list below."
      url="/api/firm/seals"
      columnName={sealColumnName}
      takeWords={count => `Take the ${count} into the firm’s list`}
      take={async (_, { taken, count, rejectedCount }, name) => {
        const next = withTaken(own, taken)
        // Of a list longer than is kept only the first came along.
        const tooMany = tooManyWords(Math.max(next.length, count))
        if (tooMany) return [tooMany, false]
        onTake(next)
        return [`${taken.length} seals of ${name} are in the list; ${rejectedCount} rows were left out.`, true]
      }}
      heads={['Article', 'Name', 'Kind', 'Price']}
      row={one => (
        <tr key={one.article}>
          <td>{one.article}</td>
          <td>{one.name}</td>
          <td>{one.kind.replaceAll('-', ' ')}</td>
          <td>{sealPriceWords(one, money)}</td>
        </tr>
      )}
    />
  )
}

const isNeeded = ({ isNeeded: needed }: { readonly isNeeded: boolean }): boolean => needed
type Said = { readonly text: string; readonly column: string | null }

function ByHand({ own, unit: begins, onTake }: TakeProps & { readonly unit: 'in' | 'mm' }) {
  const [unit, setUnit] = useState(begins)
  const [cells, setCells] = useState<Cells>({})
  const [said, setSaid] = useState<Said | null>(null)
  const take = async () => {
    const filled = Object.fromEntries(
      SEAL_COLUMNS.map(one => [one.id, cells[one.id] ?? firstOf(one, one.isNeeded)]).filter(([, cell]) => cell !== ''),
    )
    const sent = await send<OwnSeal>('POST', '/api/firm/seals/entered', { cells: filled, unit })
    if (!sent.ok) {
      const current = (sent.body as { current?: { column: string } } | null)?.current
      return setSaid({ text: sent.message, column: current?.column ?? null })
    }
    if (own.some(one => one.article === sent.value.article))
      return setSaid({
        text: `${sent.value.article} is in the list already. Give this one another article.`,
        column: 'article',
      })
    const next = [...own, sent.value]
    const tooMany = tooManyWords(next.length)
    if (tooMany) return setSaid({ text: tooMany, column: null })
    onTake(next)
    setSaid({ text: `${sent.value.name} is in the list.`, column: null })
    setCells({})
  }
  return (
    <Disclosure title="Enter one seal by hand">
      <BareNumbers unit={unit} onChange={setUnit} />
      <CellFields
        columns={SEAL_COLUMNS}
        cells={cells}
        isNeeded={isNeeded}
        name={sealColumnName}
        refused={said?.column ?? null}
        onChange={setCells}
      />
      {said && <p role={said.column ? 'alert' : 'status'}>{said.text}</p>}
      <div>
        <Button onPress={() => void take()}>Take it into the list</Button>
      </div>
    </Disclosure>
  )
}
