'use client'
import { styled } from 'styled-components'
import { STAGE_NAMES } from '@/words/names'
import type { JobCopy } from '../outbox/kept'
import { Page } from '../pages/Today'
import { Quiet } from '../parts/controls'
import { SeverityMark } from '../parts/SeverityMark'

const Work = styled.section`
  background: var(--sheet); border-top: 2px solid var(--ink); padding: 14px 18px 6px;
  header { display: flex; flex-wrap: wrap; gap: 4px 22px; align-items: baseline; }
  li a { display: grid; grid-template-columns: 24px 48px 1fr auto; gap: 10px; align-items: center; min-height: 52px; color: inherit; text-decoration: none; border-top: 1px solid var(--rule); }
  .tag { font-weight: 700; }
  .name { font-size: 18px; }
  .next { font-weight: 650; color: var(--blue); }
`

/** The jobs that were taken along, each with its openings. */
export function Along({ jobs }: { readonly jobs: readonly JobCopy[] }) {
  return (
    <Page>
      <h1>Taken along</h1>
      {jobs.length === 0 && (
        <p>Nothing was taken along on this device yet. Where there is signal, open a job and take it along.</p>
      )}
      {jobs.map(({ id, page, takenAt }) => (
        <Work key={id}>
          <header>
            <h2>
              <a href={`/jobs/${id}`}>{page.job.name}</a>
            </h2>
            <Quiet as="span">{page.job.site}</Quiet>
            {page.job.visitOn && <Quiet as="span">visit {page.job.visitOn}</Quiet>}
            <Quiet as="span">
              as of {new Date(takenAt).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })}
            </Quiet>
          </header>
          <ul>
            {page.openings.map(one => (
              <li key={one.id}>
                <a href={`/openings/${one.id}/${one.finished ? 'handover' : one.stage}`}>
                  <SeverityMark severity={one.worst} />
                  <span className="tag">{one.tag}</span>
                  <span className="name">{one.name}</span>
                  <span className="next">{one.finished ? 'Finished' : STAGE_NAMES[one.stage]}</span>
                </a>
              </li>
            ))}
          </ul>
        </Work>
      ))}
    </Page>
  )
}
