'use client'
import { useEffect, useRef, useState } from 'react'
import { styled } from 'styled-components'
import type { FoundOpenings } from '@/server/search-openings'
import { FAMILY_NAMES } from '@/words/kinds'
import { Link } from '../parts/Link'
import { Page } from './Today'

const Search = styled.input`
  height: 56px; width: 100%; padding: 0 14px; font-size: 1.375rem; border: 2px solid var(--ink); border-radius: 4px; background: var(--sheet);
`
const List = styled.ul`
  background: var(--sheet); border-top: 2px solid var(--ink);
  a { display: grid; grid-template-columns: 64px 1.3fr 1fr 1.2fr; gap: 14px; align-items: center; min-height: 52px; padding: 4px 14px; color: inherit; text-decoration: none; border-bottom: 1px solid var(--rule); }
  a:hover strong { text-decoration: underline; }
  .quiet { color: var(--quiet); font-size: 0.9375rem; }
  @media (max-width: 43.75em) { a { grid-template-columns: 48px 1fr; } .quiet { grid-column: 2; } }
`
const WAIT_MS = 120

/** Every opening of the company, found by any words of it. */
export function Openings({ found: first }: { readonly found: FoundOpenings }) {
  const [found, setFound] = useState(first)
  const [search, setSearch] = useState(first.search)
  const [said, setSaid] = useState<string | null>(null)
  const input = useRef<HTMLInputElement>(null)
  useEffect(() => input.current?.focus(), [])
  useEffect(() => {
    if (search === found.search) return
    const leave = new AbortController()
    const timer = setTimeout(async () => {
      const answer = await fetch(`/api/openings?q=${encodeURIComponent(search)}`, { signal: leave.signal }).catch(
        () => null,
      )
      if (leave.signal.aborted) return
      setSaid(answer?.ok ? null : 'The server does not answer. Type on to try again.')
      if (!answer?.ok) return
      setFound({ ...(await answer.json()), search })
      window.history.replaceState(null, '', search ? `/openings?q=${encodeURIComponent(search)}` : '/openings')
    }, WAIT_MS)
    return () => {
      clearTimeout(timer)
      leave.abort()
    }
  }, [search, found.search])
  return (
    <Page>
      <h1>Openings</h1>
      <Search
        ref={input}
        type="search"
        aria-label="Find an opening"
        placeholder="tag, name, kind of door, job, street, customer, order"
        value={search}
        maxLength={200}
        onChange={event => setSearch(event.target.value)}
      />
      <p role="status">{said ?? countWords(found)}</p>
      <Beside found={found} />
      <List aria-label="Openings">
        {found.openings.map(one => (
          <li key={one.id}>
            <Link href={`/openings/${one.id}/measure`}>
              <strong>{one.tag}</strong>
              <strong>{one.name}</strong>
              <span className="quiet">{FAMILY_NAMES[one.family].name}</span>
              <span className="quiet">{one.site ? `${one.jobName}, ${one.site}` : one.jobName}</span>
            </Link>
          </li>
        ))}
      </List>
    </Page>
  )
}

/** The jobs and orders with the same words. */
const Beside = ({ found: { jobs, orders } }: { readonly found: FoundOpenings }) => (
  <>
    {jobs.length > 0 && (
      <List aria-label="Jobs">
        {jobs.map(one => (
          <li key={one.id}>
            <Link href={`/jobs/${one.id}`}>
              <span className="quiet">Job</span>
              <strong>{one.name}</strong>
              <span className="quiet">{one.customer}</span>
              <span className="quiet">{one.site}</span>
            </Link>
          </li>
        ))}
      </List>
    )}
    {orders.length > 0 && (
      <List aria-label="Orders">
        {orders.map(one => (
          <li key={one.id}>
            <Link href={`/orders/${one.id}`}>
              <span className="quiet">Order</span>
              <strong>{one.revision > 1 ? `${one.number}, revision ${one.revision}` : one.number}</strong>
              <span className="quiet">{one.maker}</span>
              <span className="quiet">{one.jobName}</span>
            </Link>
          </li>
        ))}
      </List>
    )}
  </>
)

function countWords({ count, openings, search }: FoundOpenings): string {
  if (count === 0)
    return search
      ? `No opening has “${search}” in it.`
      : 'Every opening of every job is found here by its words. There is none yet: add the first to a job.'
  const all = count === 1 ? '1 opening' : `${count} openings`
  return count > openings.length ? `${all}; the first ${openings.length} are shown. Type more words.` : all
}
