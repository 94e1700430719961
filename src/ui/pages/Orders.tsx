'use client'
import Link from 'next/link'
import { styled } from 'styled-components'
import type { OrderRow } from '@/server/load-order'
import { STANDING_WORDS } from '@/words/standing'
import { SeverityMark } from '../parts/SeverityMark'
import { Page } from './Today'

const List = styled.ul`
  background: var(--sheet); border-top: 2px solid var(--ink);
  a { display: grid; grid-template-columns: 24px 130px 1fr 1fr 190px; gap: 14px; align-items: center; min-height: 60px; padding: 6px 14px; color: inherit; text-decoration: none; border-bottom: 1px solid var(--rule); }
  a:hover strong { text-decoration: underline; }
  a[data-superseded='true'] { color: var(--quiet); }
  strong { font-size: 18px; }
  .quiet { color: var(--quiet); font-size: 15px; }
  .state { font-weight: 650; }
  @media (max-width: 700px) { a { grid-template-columns: 24px 1fr auto; } .quiet { grid-column: 2 / -1; } }
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
              <Link href={`/orders/${one.id}`} data-superseded={one.isSuperseded} prefetch={false}>
                <SeverityMark severity={one.isSuperseded ? 'fine' : severity} />
                <strong>
                  {one.number}
                  {one.revision > 1 ? `, rev. ${one.revision}` : ''}
                </strong>
                <span className="state">{one.isSuperseded ? 'Superseded' : name}</span>
                <span>
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
      {orders.length === 0 && <p>No order was released yet. Orders are released on an opening’s Order stage.</p>}
    </Page>
  )
}
