'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import type { CallRow, Due, DueRow } from '@/server/load-after'
import { DEADLINE_WORDS, deadlineName, dueWords, SYMPTOM_NAMES, WHOSE_WORDS } from '@/words/after'
import { dayWords } from '@/words/moments'
import { Button, ButtonLink, Choice, Quiet } from '../parts/controls'
import { Empty } from '../parts/Empty'
import { Link } from '../parts/Link'
import { Page } from './Today'

const List = styled.ul`
  overflow-wrap: anywhere; background: var(--sheet); border-top: 2px solid var(--ink);
  li { border-bottom: 1px solid var(--rule); }
  a.row { display: grid; grid-template-columns: 150px minmax(0, 1.2fr) minmax(0, 1fr) minmax(0, 1fr); gap: 4px 14px; min-height: 60px; padding: 9px 14px; align-items: center; color: inherit; text-decoration: none; }
  a.row:hover strong { text-decoration: underline; }
  .when { font-weight: 650; font-variant-numeric: tabular-nums; }
  li[data-late='true'] .when { color: var(--correct); }
  .quiet { color: var(--quiet); font-size: 0.9375rem; }
  @media (max-width: 43.75em) { a.row { grid-template-columns: 1fr; padding: 10px 12px; } }
`
const Head = styled.div`display: flex; flex-wrap: wrap; gap: 10px 20px; align-items: end; justify-content: space-between;`

const WHOSE = [
  ['all', 'All'],
  ['firm', 'Ours'],
  ['customer', 'The customer’s'],
] as const
const STEP = 60

/** What is due of any door by when, and every call-back that is not over. */
export function DuePage({ rows, calls, today }: Due) {
  const [whose, setWhose] = useState<'all' | 'firm' | 'customer'>('all')
  const [shown, setShown] = useState(STEP)
  const own = rows.filter(one => whose === 'all' || one.deadline.whose === whose)
  const late = own.filter(one => isLate(one, today)).length
  return (
    <Page>
      <Head>
        <div>
          <h1>Due</h1>
          <Quiet>
            {late === 0 ? 'Nothing is late.' : `${late} late.`} {own.length} in all, the earliest first.
          </Quiet>
        </div>
        <ButtonLink href="/api/due.ics">As a calendar</ButtonLink>
      </Head>
      {calls.length > 0 && <Calls calls={calls} />}
      <Choice label="Whose it is" isLabelHidden value={whose} options={WHOSE} onChange={setWhose} />
      <List aria-label="Due">
        {own.slice(0, shown).map(one => (
          <li key={`${one.openingId} ${one.deadline.key}`} data-late={isLate(one, today)}>
            <Link className="row" href={`/openings/${one.openingId}/handover`}>
              <span className="when">{dayWords(one.deadline.due)}</span>
              <span>
                <strong>{deadlineName(one.deadline)}</strong>
                <br />
                <span className="quiet">{DEADLINE_WORDS[one.deadline.id][1]}</span>
              </span>
              <DoorCell one={one} />
              <span className="quiet">
                {[WHOSE_WORDS[one.deadline.whose], one.customer, one.phone].filter(Boolean).join(' · ')}
                <br />
                {dueWords(one.deadline, today)}
              </span>
            </Link>
          </li>
        ))}
      </List>
      {own.length === 0 && (
        <Empty says="Here stands what is owed to a door that stands: papers, looks after a season, warranties that end. Nothing is due. What is due of a door begins when it is handed over.">
          <Link className="tall" href="/openings">
            Choose an opening
          </Link>
        </Empty>
      )}
      {own.length > shown && (
        <Button $plain onPress={() => setShown(shown + STEP)}>
          Show more of {own.length - shown}
        </Button>
      )}
    </Page>
  )
}

const isLate = ({ deadline }: DueRow, today: string): boolean => deadline.due < today && deadline.id !== 'warranty'

const Calls = ({ calls }: { readonly calls: readonly CallRow[] }) => (
  <section aria-label="Call-backs">
    <h2>Called back</h2>
    <List>
      {calls.map(({ call, ...one }) => (
        <li key={call.key} data-call={call.symptom}>
          <Link className="row" href={`/openings/${one.openingId}/handover`}>
            <span className="when">{dayWords(call.openedAt.slice(0, 10))}</span>
            <span>
              <strong>{SYMPTOM_NAMES[call.symptom]}</strong>
              <br />
              <span className="quiet">{call.said && `“${call.said}”`}</span>
            </span>
            <DoorCell one={one} />
            <span className="quiet">
              {[one.customer, one.phone].filter(Boolean).join(', ')}
              <br />
              {call.cured ? 'cured, not closed yet' : call.found ? 'found, not cured yet' : 'not looked at yet'}
            </span>
          </Link>
        </li>
      ))}
    </List>
  </section>
)

/** Which door it is, of which job. */
const DoorCell = ({ one }: { readonly one: Pick<DueRow, 'tag' | 'name' | 'job'> }) => (
  <span>
    {one.tag} {one.name}
    <br />
    <span className="quiet">{one.job}</span>
  </span>
)
