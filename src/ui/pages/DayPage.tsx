'use client'
import { styled } from 'styled-components'
import { WEATHERS, type Weather } from '@/core/plan/day-entry'
import type { DayView } from '@/server/page'
import { dayWords } from '@/words/moments'
import { clockWords } from '@/words/plan'
import { WEATHER_NAMES, weatherWatch } from '@/words/take-off'
import { Choice, Quiet } from '../parts/controls'
import { Link } from '../parts/Link'
import { useDayEntries } from '../store/use-day-entries'
import { Page } from './Today'
import { VanList } from './VanList'

const Job = styled.section`
  background: var(--sheet); border-top: 2px solid var(--ink); padding: 14px 18px; display: grid; gap: 10px;
  h2 { font-size: 1.25rem; }
  li { display: grid; grid-template-columns: 48px minmax(0, 1fr) auto; gap: 4px 12px; align-items: baseline; border-top: 1px solid var(--rule); padding: 8px 0; }
  .tag { font-weight: 700; } .crew { color: var(--quiet); }
  .watch { color: var(--watch); font-weight: 600; }
  .stop { color: var(--stop); font-weight: 650; }
  @media (max-width: 43.75em) { padding: 12px; li { grid-template-columns: 40px minmax(0, 1fr); } li .unit { grid-column: 2; } }
`
/** A day: where one goes, what goes along, and what of it is in the van. */
export function DayPage(day: DayView) {
  const { date, jobs, entries, memberName } = day
  const { standing, note } = useDayEntries(date, entries, memberName)
  return (
    <Page>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: '4px 18px', alignItems: 'baseline' }}>
        <h1>{dayWords(date)}</h1>
        <span style={{ color: 'var(--quiet)' }}>what goes along, and where</span>
      </div>
      {jobs.length === 0 && (
        <p>
          Nothing is on this day. Work is put on days in <Link href="/plan">the plan</Link>.
        </p>
      )}
      {jobs.map(job => (
        <JobOfDay
          key={job.id}
          job={job}
          weather={(standing('weather').get(job.id)?.result as Weather | undefined) ?? null}
          onWeather={next => note('weather', job.id, next, `${job.name}, ${WEATHER_NAMES[next]}`)}
        />
      ))}
      {jobs.length > 0 && <VanList day={day} loaded={standing('loaded')} note={note} />}
    </Page>
  )
}

type JobProps = {
  readonly job: DayView['jobs'][number]
  readonly weather: Weather | null
  readonly onWeather: (next: Weather) => void
}

const DELIVERY_WORDS = {
  'not-ordered': 'not ordered',
  awaited: 'not here yet: do not remove the old door',
  held: 'held, not accepted: do not remove the old door',
  accepted: 'accepted',
} as const

function JobOfDay({ job, weather, onWeather }: JobProps) {
  const watch = weatherWatch(weather)
  return (
    <Job aria-label={job.name}>
      <h2>
        <Link href={`/jobs/${job.id}`}>{job.name}</Link>
      </h2>
      <Quiet>
        {[job.site, job.customer, job.delivery && `delivered to ${job.delivery}`].filter(Boolean).join(' · ')}
      </Quiet>
      <ul>
        {job.openings.map(one => (
          <li key={one.id}>
            <span className="tag">{one.tag}</span>
            <span>
              {one.at && <strong>{clockWords(one.at.minute)} </strong>}
              <Link href={`/openings/${one.id}/fit`}>{one.name}</Link>
              {one.at && <span className="crew">, {one.at.crew}</span>}
            </span>
            <span className="unit">
              {one.unit === null ? (
                'no unit'
              ) : (
                <>
                  {one.unit},{' '}
                  <span
                    className={
                      one.delivery === 'accepted' ? undefined : one.delivery === 'not-ordered' ? 'watch' : 'stop'
                    }
                  >
                    {DELIVERY_WORDS[one.delivery]}
                  </span>
                </>
              )}
            </span>
          </li>
        ))}
      </ul>
      <Choice<Weather>
        label="Weather there, as it was looked up"
        value={weather}
        options={WEATHERS.map(one => [one, WEATHER_NAMES[one]])}
        onChange={onWeather}
      />
      {watch && (
        <p className="watch" role="status">
          {watch}
        </p>
      )}
    </Job>
  )
}
