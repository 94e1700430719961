'use client'
import dynamic from 'next/dynamic'
import { styled } from 'styled-components'
import {
  FIGURE_IDS,
  type Figured,
  type FigureId,
  type FigureRow,
  figureRows,
  type SupplierRow,
} from '@/core/after/figures'
import { FIGURE_WORDS, figureOfWords } from '@/words/figures-of-all'
import { ButtonLink, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Link } from '../parts/Link'
import { useDecimal } from '../parts/Money'
import { Page } from './Today'

const Bars = dynamic(() => import('../parts/Chart'), { ssr: false })

const Grid = styled.div`
  display: grid; gap: 28px; grid-template-columns: repeat(auto-fit, minmax(min(440px, 100%), 1fr)); align-items: start;
  section { background: var(--sheet); border-top: 2px solid var(--ink); padding: 12px 16px; display: grid; gap: 8px; min-width: 0; }
  .chart { min-height: 190px; }
  .scroll { overflow-x: auto; }
  table { border-collapse: collapse; width: 100%; font-size: 0.9375rem; }
  th, td { text-align: left; padding: 6px 12px 6px 0; border-bottom: 1px solid var(--rule); vertical-align: top; }
  th { color: var(--quiet); font-weight: 600; }
  .number { text-align: right; font-variant-numeric: tabular-nums; white-space: nowrap; }
  .behind { font-size: 0.9375rem; }
  .head { display: flex; justify-content: space-between; gap: 12px; align-items: start; }
`
type Props = { readonly figured: readonly Figured[]; readonly suppliers: readonly SupplierRow[] }

/** What the firm learns from its own doors: each figure as a chart and as a table, with the openings behind it. */
export function FiguresPage({ figured, suppliers }: Props) {
  const handed = figured.filter(one => one.figures.handedOverOn !== null).length
  return (
    <Page>
      <div>
        <h1>Figures</h1>
        <Quiet>
          Over {figured.length} openings, {handed} of them handed over.
        </Quiet>
      </div>
      <Grid>
        {FIGURE_IDS.map(id => (
          <Figure key={id} id={id} rows={figureRows(id, figured)} />
        ))}
        <Suppliers rows={suppliers} />
      </Grid>
    </Page>
  )
}

/** How makers keep to days and prices: only what came, or was answered, counts. */
function Suppliers({ rows }: { readonly rows: readonly SupplierRow[] }) {
  const decimal = useDecimal()
  const came = rows.flatMap(one => (one.days ? [{ ...one, days: one.days }] : [])).slice(0, MOST_BARS)
  const title = 'Days and prices, kept'
  return (
    <section aria-label={title} data-figure="suppliers">
      <div className="head">
        <h2>{title}</h2>
        <ButtonLink href="/api/figures/suppliers.csv">CSV</ButtonLink>
      </div>
      <Quiet>
        Days listed and days it took, as means; every line stands under <Link href="/orders">Orders</Link>.
      </Quiet>
      {came.length > 0 && (
        <div className="chart">
          <Bars
            label={title}
            unit="days"
            groups={came.map(one => shortened(one.maker))}
            series={[
              { name: 'came after', values: came.map(one => one.days.came), tone: 'fine' },
              { name: 'listed', values: came.map(one => one.days.listed), tone: 'quiet' },
            ]}
          />
        </div>
      )}
      {rows.length === 0 ? (
        <p>Nothing was ordered yet.</p>
      ) : (
        <Disclosure title={`As a table (${rows.length})`}>
          <div className="scroll">
            <table>
              <thead>
                <tr>
                  <th scope="col">maker</th>
                  {['lines', 'days listed', 'days it took', 'late', 'other price', 'price over list'].map(one => (
                    <th key={one} scope="col" className="number">
                      {one}
                    </th>
                  ))}
                </tr>
              </thead>
              <tbody>
                {rows.map(one => (
                  <tr key={one.maker}>
                    <td>{one.maker}</td>
                    <td className="number">{one.lines}</td>
                    <td className="number">{one.days ? decimal(one.days.listed, 1) : '–'}</td>
                    <td className="number">{one.days ? decimal(one.days.came, 1) : '–'}</td>
                    <td className="number">{one.late}</td>
                    <td className="number">{one.otherPrice}</td>
                    <td className="number">{one.priceFactor === null ? '–' : decimal(one.priceFactor, 2)}</td>
                  </tr>
                ))}
              </tbody>
            </table>
          </div>
        </Disclosure>
      )}
    </section>
  )
}

const MOST_BARS = 8
/** How many of a figure's values are drawn: the others stand in its table. */
const DRAWN: Readonly<Record<FigureId, readonly number[]>> = {
  'calls-by-cause': [0],
  'calls-by-article': [0, 1],
  again: [0],
  'order-errors': [0, 1],
  moves: [0, 1],
  hours: [0, 1],
  draft: [1, 2],
}

function Figure({ id, rows }: { readonly id: FigureId; readonly rows: readonly FigureRow[] }) {
  const { name, why, columns, unit, none } = FIGURE_WORDS[id]
  const shown = rows.slice(0, MOST_BARS)
  return (
    <section aria-label={name} data-figure={id}>
      <div className="head">
        <h2>{name}</h2>
        <ButtonLink href={`/api/figures/${id}.csv`}>CSV</ButtonLink>
      </div>
      <Quiet>{why}</Quiet>
      {rows.length === 0 ? (
        <p>{none}</p>
      ) : (
        <>
          <div className="chart">
            <Bars
              label={name}
              unit={unit}
              groups={shown.map(one => shortened(figureOfWords(id, one.of)))}
              series={DRAWN[id].map((column, i) => ({
                name: columns[column]!,
                values: shown.map(one => one.values[column] ?? 0),
                tone: i === 0 ? 'fine' : 'quiet',
              }))}
            />
          </div>
          <Table id={id} rows={rows} />
        </>
      )}
    </section>
  )
}

const MOST_LETTERS = 18
const shortened = (text: string): string => (text.length > MOST_LETTERS ? `${text.slice(0, MOST_LETTERS - 1)}…` : text)

function Table({ id, rows }: { readonly id: FigureId; readonly rows: readonly FigureRow[] }) {
  const { of, columns } = FIGURE_WORDS[id]
  const decimal = useDecimal()
  return (
    <Disclosure title={`As a table (${rows.length})`}>
      <div className="scroll">
        <table>
          <thead>
            <tr>
              <th scope="col">{of}</th>
              {columns.map(one => (
                <th key={one} scope="col" className="number">
                  {one}
                </th>
              ))}
              <th scope="col">openings</th>
            </tr>
          </thead>
          <tbody>
            {rows.map(row => (
              <tr key={row.of}>
                <td>{figureOfWords(id, row.of)}</td>
                {columns.map((name, i) => (
                  <td key={name} className="number">
                    {decimal(row.values[i] ?? 0, Number.isInteger(row.values[i] ?? 0) ? 0 : 1)}
                  </td>
                ))}
                <td className="behind">
                  {row.openings.map((one, i) => (
                    <span key={one.id}>
                      {i > 0 && ', '}
                      <Link href={`/openings/${one.id}/handover`} title={`${one.name}, ${one.job}`}>
                        {one.tag}
                      </Link>
                    </span>
                  ))}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </Disclosure>
  )
}
