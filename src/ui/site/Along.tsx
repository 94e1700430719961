'use client'
import { momentHere } from '@/words/moments'
import type { JobCopy } from '../outbox/kept'
import { OpeningLine, Page, Work } from '../pages/Today'
import { Link } from '../parts/Link'

/** The jobs that were taken along, each with its openings. */
export const Along = ({ jobs }: { readonly jobs: readonly JobCopy[] }) => (
  <Page>
    <h1>Taken along</h1>
    {jobs.length === 0 && (
      <p>Nothing was taken along on this device yet. Where there is signal, open a job and take it along.</p>
    )}
    {jobs.map(({ id, page, takenAt }) => (
      <Work key={id}>
        <header>
          <h2>
            <Link href={`/jobs/${id}`}>{page.job.name}</Link>
          </h2>
          <span className="sun">{page.job.site}</span>
          {page.job.visitOn && (
            <span className="sun">
              Visit <strong>{page.job.visitOn}</strong>
            </span>
          )}
          <span className="sun">as of {momentHere(takenAt)}</span>
        </header>
        <ul>
          {page.openings.map(one => (
            <li key={one.id}>
              <OpeningLine one={one} waits="" />
            </li>
          ))}
        </ul>
      </Work>
    ))}
  </Page>
)
