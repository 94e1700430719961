'use client'
import { styled } from 'styled-components'
import { byMakerAndArticle } from '@/core/exchange/price-log'
import type { OrderRow } from '@/server/load-order'
import { STANDING_WORDS } from '@/words/standing'
import { Empty } from '../parts/Empty'
import { Link } from '../parts/Link'
import { Money } from '../parts/Money'
import { SeverityMark } from '../parts/SeverityMark'
import { Page } from './Today'

const List = styled.ul`
  background: var(--sheet); border-top: 2px solid var(--ink);
  a { display: grid; grid-template-columns: 24px 120px 1fr 1fr 300px; gap: 14px; align-items: center; min-height: 60px; padding: 6px 14px; color: inherit; text-decoration: none; border-bottom: 1px solid var(--rule); }
  a:hover strong { text-decoration: underline; }
  a[data-superseded='true'] { color: var(--quiet); }
  strong { font-size: 1.125rem; }
  .quiet { color: var(--quiet); font-size: 0.9375rem; }
  .state { font-weight: 650; }
  @media (max-width: 43.75em) { a { grid-template-columns: 24px 1fr auto; } .maker, .quiet { grid-column: 2 / -1; } }
`

/** Every released order with where it stands, the newest first. */
export function Orders({ orders }: { readonly orders: readonly OrderRow[] }) {
  return (
    <Page>
      <h1>Orders</h1>
      <List>
        {orders.map(one => {
          const [name, severity] = STANDING_WORDS[one.standing]
          return (
            <li key={one.id}>
              <Link href={`/orders/${one.id}`} data-superseded={one.isSuperseded}>
                <SeverityMark severity={one.isSuperseded ? 'fine' : severity} />
                <strong>
                  {one.number}
                  {one.revision > 1 ? `, rev. ${one.revision}` : ''}
                </strong>
                <span className="state">
                  {one.isSuperseded ? 'Superseded' : name}
                  {one.openClaims > 0 && !one.isSuperseded && ', claim open'}
                </span>
                <span className="maker">
                  {one.maker || 'no maker'}: {one.tags.join(', ')}
                </span>
                <span className="quiet">
                  {one.jobName}, {one.releasedAt.slice(0, 10)}
                  {one.trouble && !one.isSuperseded ? `. ${one.trouble}` : ''}
                </span>
              </Link>
            </li>
          )
        })}
      </List>
      <PriceLog orders={orders} />
      {orders.length === 0 && (
        <Empty says="Here stands what was ordered, what its maker answered, when it comes and how it was received. No order was released yet: one is, on an opening’s Order stage.">
          <Link className="tall" href="/openings">
            Choose an opening
          </Link>
        </Empty>
      )}
    </Page>
  )
}

const Log = styled.div`
  overflow-x: auto; background: var(--sheet); border-top: 2px solid var(--ink);
  table { border-collapse: collapse; width: 100%; }
  th { text-align: left; font-size: 0.9375rem; color: var(--quiet); font-weight: 600; white-space: nowrap; }
  th, td { padding: 8px 14px; border-bottom: 1px solid var(--rule); }
  td { white-space: nowrap; }
  .number { text-align: right; }
  .when { color: var(--quiet); font-size: 0.9375rem; }
  .other { font-weight: 650; }
`

/** What makers listed against what they wrote back and when it came: for the next time somebody counts on a price or a day. */
function PriceLog({ orders }: { readonly orders: readonly OrderRow[] }) {
  const rows = orders
    .flatMap(order => order.prices.map(row => ({ ...row, key: `${order.id}${row.article}`, number: order.number })))
    .sort(byMakerAndArticle)
  if (rows.length === 0) return null
  const other = (said: number | null, listed: number) => (said !== null && said !== listed ? 'number other' : 'number')
  return (
    <section>
      <h2>Prices and days, as makers keep to them</h2>
      <Log role="region" aria-label="Prices and days" tabIndex={0}>
        <table>
          <thead>
            <tr>
              <th>Ordered</th>
              <th className="number">Price listed</th>
              <th className="number">Confirmed</th>
              <th className="number">Days listed</th>
              <th className="number">Confirmed</th>
              <th className="number">Came after</th>
            </tr>
          </thead>
          <tbody>
            {rows.map((row, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: one order can have an article twice
              <tr key={`${row.key}${i}`}>
                <td>
                  {row.maker} {row.article}
                  <br />
                  <span className="when">
                    {row.releasedAt.slice(0, 10)}, {row.number}
                  </span>
                </td>
                <td className="number">
                  <Money cents={row.listCents} />
                </td>
                <td className={other(row.saidCents, row.listCents)}>
                  {row.saidCents === null ? '–' : <Money cents={row.saidCents} />}
                </td>
                <td className="number">{row.listDays}</td>
                <td className={other(row.saidDays, row.listDays)}>{row.saidDays ?? '–'}</td>
                <td className={other(row.cameAfterDays, row.listDays)}>
                  {row.cameAfterDays === null ? '–' : `${row.cameAfterDays} days`}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </Log>
    </section>
  )
}
