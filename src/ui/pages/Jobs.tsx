'use client'
import { useRouter } from 'next/navigation'
import { type FormEvent, useState } from 'react'
import { FileTrigger } from 'react-aria-components/FileTrigger'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import type { Firm } from '@/core/catalogue/firm'
import { newJob } from '@/core/survey/new-job'
import { Button, Choice } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Empty } from '../parts/Empty'
import { Link } from '../parts/Link'
import { Only } from '../parts/Rights'
import { send } from '../store/send'
import { useMaking } from '../store/use-making'
import { Field, Form, Said } from './form'
import { Page } from './Today'

const List = styled.ul`
  background: var(--sheet); border-top: 2px solid var(--ink);
  a { display: grid; grid-template-columns: 1fr auto auto; gap: 20px; align-items: center; min-height: 60px; padding: 6px 18px; color: inherit; text-decoration: none; border-bottom: 1px solid var(--rule); }
  a:hover strong { text-decoration: underline; }
  strong { font-size: 1.125rem; display: block; }
  .quiet { color: var(--quiet); font-size: 0.9375rem; }
`
type JobItem = {
  readonly id: string
  readonly name: string
  readonly site: string
  readonly customer: string
  readonly visitOn: string | null
  readonly count: number
}
type Refused = {
  readonly message: string
  readonly issues: readonly { readonly path: string; readonly message: string }[]
}

/** All jobs, a new one, and one from a file. */
export function Jobs({
  jobs,
  putAway,
  firm,
}: {
  readonly jobs: readonly JobItem[]
  readonly putAway: readonly JobItem[]
  readonly firm: Pick<Firm, 'unit' | 'steps'>
}) {
  return (
    <Page>
      <h1>Jobs</h1>
      {jobs.length === 0 && (
        <Empty says="A job is one house and one customer: its openings are measured, ordered, set and handed over together. Name the first one here; the rest can be said later." />
      )}
      <JobList jobs={jobs} />
      <Only verb="job">
        <NewJob firm={firm} />
      </Only>
      <Only verb="archive">
        <ImportJob />
      </Only>
      {putAway.length > 0 && (
        <Disclosure title={`Put away: ${putAway.length}`}>
          <JobList jobs={putAway} />
        </Disclosure>
      )}
    </Page>
  )
}

const JobList = ({ jobs }: { readonly jobs: readonly JobItem[] }) => (
  <List>
    {jobs.map(job => (
      <li key={job.id}>
        <Link href={`/jobs/${job.id}`}>
          <span>
            <strong>{job.name}</strong>
            <span className="quiet">{[job.site, job.customer].filter(Boolean).join(' · ')}</span>
          </span>
          <span className="quiet">{job.count === 1 ? '1 opening' : `${job.count} openings`}</span>
          <span className="quiet">{job.visitOn ? `visit ${job.visitOn}` : 'no visit set'}</span>
        </Link>
      </li>
    ))}
  </List>
)

const detailsIn = (form: FormData, unit: 'in' | 'mm', steps: Firm['steps']) => ({
  ...newJob(unit, steps),
  name: String(form.get('name')).trim(),
  site: String(form.get('site')),
  customer: { ...newJob(unit, steps).customer, name: String(form.get('customer')) },
  visitOn: String(form.get('visitOn')) || null,
})

function NewJob({ firm }: { readonly firm: Pick<Firm, 'unit' | 'steps'> }) {
  const router = useRouter()
  const [unit, setUnit] = useState(firm.unit)
  const { isBusy, said, say, make } = useMaking()
  const [id, setId] = useState(() => uuidV7())
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const details = detailsIn(new FormData(event.currentTarget), unit, firm.steps)
    if (!details.name) return say('A job needs a name.')
    const at = '/api/jobs'
    const made = await make({ id, of: at, path: at, what: details.name, body: { id, details }, makes: `${at}/${id}` })
    if (made === 'stored') router.push(`/jobs/${id}`)
    if (made !== 'kept') return
    // The next one is another.
    setId(uuidV7())
    say('Kept on this device: the job is begun when there is signal.')
  }
  return (
    <Form onSubmit={submit} aria-label="New job">
      <h2>New job</h2>
      <Field>
        Name
        <input name="name" maxLength={120} autoComplete="off" />
      </Field>
      <Field>
        Address, and what kind of house
        <input name="site" maxLength={200} autoComplete="off" />
      </Field>
      <Field>
        Customer
        <input name="customer" maxLength={120} autoComplete="off" />
      </Field>
      <Field>
        Visit on
        <input name="visitOn" type="date" />
      </Field>
      <Choice
        label="Lengths in"
        value={unit}
        options={[
          ['in', 'Inches'],
          ['mm', 'Millimetres'],
        ]}
        onChange={setUnit}
      />
      {said && <Said role="alert">{said}</Said>}
      <div>
        <Button type="submit" isDisabled={isBusy}>
          Start the job
        </Button>
      </div>
    </Form>
  )
}

function ImportJob() {
  const router = useRouter()
  const [refused, setRefused] = useState<Refused | null>(null)
  const take = async (files: FileList | null) => {
    const file = files?.[0]
    if (!file) return
    let content: unknown
    try {
      content = JSON.parse(await file.text())
    } catch {
      return setRefused({ message: `${file.name} is not JSON; nothing was stored.`, issues: [] })
    }
    const sent = await send<{ id: string }>('POST', '/api/jobs/import', content)
    if (sent.ok) return router.push(`/jobs/${sent.value.id}`)
    const body = sent.body as { issues?: Refused['issues'] } | null
    setRefused({ message: sent.message, issues: body?.issues ?? [] })
  }
  return (
    <section style={{ display: 'grid', gap: 10 }}>
      <h2>From a file</h2>
      <p>A job that was taken along as JSON goes in whole, or not at all.</p>
      <div>
        <FileTrigger acceptedFileTypes={['application/json', '.json']} onSelect={take}>
          <Button $plain>Choose a job file</Button>
        </FileTrigger>
      </div>
      {refused && (
        <Said role="alert">
          {refused.message}
          <ul>
            {refused.issues.slice(0, 12).map(one => (
              <li key={`${one.path}${one.message}`}>
                <code>{one.path}</code>: {one.message}
              </li>
            ))}
          </ul>
        </Said>
      )}
    </section>
  )
}
