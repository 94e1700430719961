'use client'
import { Check } from 'lucide-react'
import { useEffect, useState } from 'react'
import { styled } from 'styled-components'
import type { CrewDay, CrewTask } from '@/server/crew-day'
import { clockWords, lastsWords, TASK_WAITS } from '@/words/plan'
import { nowHere } from '../outbox/clock'
import { CopyButton } from '../parts/CopyButton'
import { Link } from '../parts/Link'

const Crew = styled.section`
  background: var(--sheet); border-top: 2px solid var(--ink); padding: 14px 18px 6px;
  li { display: grid; grid-template-columns: 64px 44px minmax(0, 1fr) auto; gap: 2px 12px; align-items: baseline; border-top: 1px solid var(--rule); padding: 9px 0; }
  @media (pointer: coarse) { a { display: inline-block; padding: 13px 0; margin: -11px 0; } }
  .load { font-size: 0.9375rem; font-weight: 600; }
  .from { font-size: 1.25rem; font-weight: 650; }
  .tag { font-weight: 700; }
  .where { grid-column: 3; color: var(--quiet); font-size: 0.9375rem; }
  .clock { text-align: right; font-size: 0.9375rem; color: var(--quiet); }
  .clock strong { font-size: 1.25rem; color: var(--ink); white-space: nowrap; }
  .late, .clock[data-past] strong { color: var(--stop); font-weight: 650; }
  .done { color: var(--fine); display: inline-flex; gap: 4px; align-items: center; }
  @media (max-width: 43.75em) { padding: 12px; li { grid-template-columns: 56px 36px minmax(0, 1fr); } .clock { grid-column: 3; text-align: left; } }
`

/** What each crew does today, in order, with what presses: late, waiting, and until when a doorway may be opened. */
export function CrewDays({ crews, day }: { readonly crews: readonly CrewDay[]; readonly day: string }) {
  return crews.map(({ id, name, tasks }) => (
    <Crew key={id} aria-label={name}>
      <h2>
        {name}{' '}
        <Link className="load" href={`/days/${day}`}>
          what to load
        </Link>
      </h2>
      <ul>
        {tasks.map(one => (
          <Task key={`${one.openingId}${one.part}`} one={one} />
        ))}
      </ul>
    </Crew>
  ))
}

function Task({ one }: { readonly one: CrewTask }) {
  const stage = one.part === 'survey' ? 'measure' : one.part === 'handover' ? 'handover' : 'fit'
  return (
    <li>
      <span className="from">{clockWords(one.from)}</span>
      <span className="tag">{one.tag}</span>
      <span>
        <Link href={`/openings/${one.openingId}/${stage}`}>{one.called}</Link>, {one.opening}
        {!one.isDone && ` · ${lastsWords(one.minutes)}`}{' '}
        {one.isDone && (
          <span className="done">
            <Check size={16} aria-hidden /> done
          </span>
        )}
        {one.isLate && <span className="late">late</span>}
        {!one.isDone && one.waits && <span className="late">{TASK_WAITS[one.waits]}</span>}
      </span>
      <Clock one={one} />
      <span className="where">
        <Link href={`/jobs/${one.jobId}`}>{one.job}</Link>, {one.site}
        {one.darkAt !== null && ` · dark from ${clockWords(one.darkAt)}`}
        {one.closure && <strong> · shut for the night by: {one.closure}</strong>}{' '}
        <CopyButton text={one.directions} of={one.job} />
      </span>
    </li>
  )
}

const MINUTE_MS = 60_000

/** How long is left until a doorway may be opened at the latest: it runs. */
function Clock({ one: { latestAt, openMinutes, isDone } }: { readonly one: CrewTask }) {
  const [now, setNow] = useState<number | null>(null)
  useEffect(() => {
    const look = () => setNow(nowHere().getTime())
    look()
    const timer = setInterval(look, 15_000)
    return () => clearInterval(timer)
  }, [])
  if (isDone) return <span />
  if (openMinutes !== null)
    return (
      <span className="clock" data-past>
        open: <strong>{lastsWords(openMinutes)}</strong> until it locks
      </span>
    )
  if (latestAt === null || now === null) return <span />
  const left = Math.floor((Date.parse(latestAt) - now) / MINUTE_MS)
  if (left < 0)
    return (
      <span className="clock" data-past>
        <strong>Too late to open it</strong> today: it would not be closed by dark
      </span>
    )
  return (
    <span className="clock">
      old door out within <strong>{lastsWords(left)}</strong>
    </span>
  )
}
