'use client'
import { styled } from 'styled-components'
import type { Day, Today as TodayOf } from '@/server/day'
import { SYMPTOM_NAMES } from '@/words/after'
import { STAGE_NAMES } from '@/words/names'
import { AlongPanel } from '../parts/AlongPanel'
import { Empty } from '../parts/Empty'
import { Link } from '../parts/Link'
import { SeverityMark } from '../parts/SeverityMark'
import { CrewDays } from './CrewDays'
import { WalkOffer } from './WalkOffer'

export const Page = styled.main`
  max-width: 1120px; margin: 0 auto; padding: 22px 20px 60px; display: grid; grid-template-columns: minmax(0, 1fr); gap: 22px;
  @media (max-width: 43.75em) { padding: 14px 12px 40px; }
`
export const Work = styled.section`
  background: var(--sheet); border-top: 2px solid var(--ink); padding: 14px 18px 6px;
  header { display: flex; flex-wrap: wrap; gap: 4px 22px; align-items: baseline; }
  .sun { color: var(--quiet); }
  .sun strong { color: var(--ink); font-size: 1.25rem; }
  li a {
    display: grid; grid-template-columns: 24px 48px 1fr 130px 180px; gap: 10px; align-items: center; min-height: 52px; color: inherit; text-decoration: none; border-top: 1px solid var(--rule);
  }
  li a:hover .name { text-decoration: underline; }
  .tag { font-weight: 700; }
  .name { font-size: 1.125rem; }
  .next { font-weight: 650; color: var(--blue); }
  .waits { color: var(--quiet); font-size: 0.9375rem; }
  @media (max-width: 43.75em) { padding: 12px; li a { grid-template-columns: 24px 40px 1fr auto; } .waits { display: none; } }
`

const hours = (minutes: number): string => `${Math.floor(minutes / 60)} h ${String(minutes % 60).padStart(2, '0')} min`

type LineProps = {
  readonly one: Omit<Day['openings'][number], 'waits' | 'until' | 'calls'>
  /** What is waited for on it; empty where nothing is. */
  readonly waits: string
}

/** An opening of a job, with what is next on it. */
export const OpeningLine = ({ one, waits }: LineProps) => (
  <Link href={`/openings/${one.id}/${one.finished ? 'handover' : one.stage}`}>
    <SeverityMark severity={one.worst} />
    <span className="tag">{one.tag}</span>
    <span className="name">{one.name}</span>
    <span className="next">{one.finished ? 'Finished' : STAGE_NAMES[one.stage]}</span>
    <span className="waits">{waits}</span>
  </Link>
)

/** The day: which job, until when there is light, what is next on each opening, who is waited for. */
export function Today({ days, crews, today }: TodayOf) {
  const first = days.flatMap(day => day.openings)[0]
  return (
    <Page>
      <h1>Today</h1>
      {days.length === 0 && (
        <Empty says="Today shows each job that is open: what comes next at every door, who is waited for, and until when there is light. The first act is to start a job.">
          <Link className="tall" href="/jobs">
            Start one.
          </Link>
        </Empty>
      )}
      {first && <WalkOffer opening={first} />}
      <CrewDays crews={crews} day={today} />
      <AlongPanel jobs="week" title="Take the next seven days along" />
      {days.map(day => (
        <Work key={day.jobId}>
          <header>
            <h2>
              <Link className="tall" href={`/jobs/${day.jobId}`}>
                {day.name}
              </Link>
            </h2>
            <span className="sun">{day.site}</span>
            {day.visitOn && (
              <span className="sun">
                Visit <strong>{day.visitOn}</strong> · <Link href={`/days/${day.visitOn}`}>van list</Link>
              </span>
            )}
            {day.sunset && (
              <span className="sun">
                Dark from <strong>{day.sunset}</strong>
              </span>
            )}
            {!day.isPlaceSaid && (
              <span className="sun">
                <Link href={`/jobs/${day.jobId}`}>Say where it is</Link>, to know when it gets dark
              </span>
            )}
            {day.minutes > 0 && (
              <span className="sun">
                Setting work open: <strong>{hours(day.minutes)}</strong>
              </span>
            )}
          </header>
          <ul>
            {day.openings.map(one => (
              <li key={one.id}>
                <OpeningLine
                  one={one}
                  waits={
                    one.calls.length > 0
                      ? `called back: ${one.calls.map(it => SYMPTOM_NAMES[it].toLowerCase()).join(', ')}`
                      : one.until
                        ? `waits until ${one.until}`
                        : one.waits
                          ? `waits on ${one.waits}`
                          : ''
                  }
                />
              </li>
            ))}
          </ul>
        </Work>
      ))}
    </Page>
  )
}
