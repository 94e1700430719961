'use client'
import { useRouter } from 'next/navigation'
import { useState } from 'react'
import { styled } from 'styled-components'
import { v7 as uuidV7 } from 'uuid'
import { resolveSchools, type SchoolChoices } from '@/core/base/schools'
import type { Firm } from '@/core/catalogue/firm'
import type { Versioned } from '@/core/sheet'
import type { JobDetails, Job as JobRecord } from '@/core/survey/job-record'
import { inUnit } from '@/core/survey/new-job'
import { type JobStep, STEPS_OF } from '@/core/units/format-length'
import type { JobPage } from '@/server/job-page'
import { STAGE_NAMES } from '@/words/names'
import { AlongPanel } from '../parts/AlongPanel'
import { AuditPanel } from '../parts/AuditPanel'
import { ClashNote } from '../parts/ClashNote'
import { Button, ButtonLink, Choice } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Empty } from '../parts/Empty'
import { Link } from '../parts/Link'
import { MethodPicker } from '../parts/MethodPicker'
import { NotTaken } from '../parts/NotTaken'
import { Locked, Only } from '../parts/Rights'
import { SchoolList } from '../parts/SchoolList'
import { SeverityMark } from '../parts/SeverityMark'
import { SmallDoorView } from '../parts/SmallDoorView'
import { send } from '../store/send'
import { useEdit } from '../store/use-edit'
import { CutDone } from './CutDone'
import { JobDetailsForm } from './JobDetailsForm'
import { Labels } from './Labels'
import { NewOpening } from './NewOpening'
import { OpeningList } from './OpeningList'
import { Page } from './Today'

const Row = styled.ul`
  display: flex; flex-wrap: wrap; align-items: flex-end; background: var(--sheet); border-bottom: 3px solid var(--ink); padding: 20px 12px 0; gap: 4px 0;
  a { display: grid; justify-items: center; min-width: 132px; color: inherit; text-decoration: none; }
  a:hover .name { text-decoration: underline; }
  .words { display: grid; justify-items: center; gap: 1px; padding-bottom: 6px; max-width: 160px; text-align: center; }
  .tag { font-weight: 700; display: inline-flex; gap: 6px; align-items: center; }
  .name { font-size: 1rem; }
  .stage { font-size: 0.9375rem; color: var(--blue); font-weight: 650; }
`

/** A job: its doors in a row at one scale, as one walks round the house. */
export function Job({ job, details, openings, listed, putAway, firm, schools }: JobPage) {
  const router = useRouter()
  const of = `/api/jobs/${job.id}`
  const what = `${job.name}: what is said of it`
  const { data, save, clash, choose } = useEdit<JobDetails>(details, { path: of, of, what }, () => router.refresh())
  const tag = nextTag([...openings, ...putAway].map(one => one.tag))
  return (
    <Page>
      <JobHead data={data} isArchived={job.archivedAt !== null} onUnit={unit => save(inUnit(data, unit, firm.steps))} />
      <NotTaken of={of} />
      {clash && <ClashNote clash={clash} step={data.step} onChoose={choose} />}
      {openings.length === 0 && (
        <Empty says="A job is a house with its openings. Walk round it and add the first opening below: its kind, and how it is measured. Each one gets a sheet from the first reading to the record." />
      )}
      <Row>
        {openings.map(one => (
          <li key={one.id}>
            <Link href={`/openings/${one.id}/${one.finished ? 'handover' : one.stage}`}>
              <span className="words">
                <span className="tag">
                  <SeverityMark severity={one.worst} />
                  {one.tag}
                </span>
                <span className="name">{one.name}</span>
                <span className="stage">{one.finished ? 'Finished' : STAGE_NAMES[one.stage]}</span>
              </span>
              <SmallDoorView door={one.small} />
            </Link>
          </li>
        ))}
      </Row>
      <Locked verb="job">
        <NewOpening
          jobId={job.id}
          unit={data.unit}
          nextTag={tag}
          usual={resolveSchools(firm.schools, schools.data, {}).answers['unit-width']}
        />
        {listed.length > 0 && (
          <Disclosure title="Call, move, copy, put away">
            <OpeningList jobId={job.id} openings={listed} nextTag={tag} />
          </Disclosure>
        )}
        {putAway.length > 0 && <PutAway openings={putAway} />}
        <Disclosure title="Customer, address, visit, notes">
          <JobDetailsForm data={data} save={save} />
          <StepChoice data={data} save={save} />
        </Disclosure>
        <JobPractices job={{ id: job.id, name: job.name, step: data.step }} firm={firm} first={schools} />
      </Locked>
      <AlongPanel jobs={[job.id]} title="Take this job along, for where there is no signal" />
      <JobWays job={job} />
      <AuditPanel of={`job=${job.id}`} step={data.step} />
    </Page>
  )
}

/** What a job is called, for whom, and in which unit: one tap turns the whole job to the other. */
function JobHead({
  data,
  isArchived,
  onUnit,
}: {
  readonly data: JobDetails
  readonly isArchived: boolean
  readonly onUnit: (unit: JobDetails['unit']) => void
}) {
  const quiet = [data.site, data.customer.name, data.visitOn && `visit ${data.visitOn}`, isArchived && 'put away']
  return (
    <div style={{ display: 'flex', flexWrap: 'wrap', gap: '4px 18px', alignItems: 'center' }}>
      <h1>{data.name}</h1>
      <span style={{ color: 'var(--quiet)', flex: '1 1 200px' }}>{quiet.filter(Boolean).join(' · ')}</span>
      <Choice label="Lengths of this job" isLabelHidden value={data.unit} options={UNIT_NAMES} onChange={onUnit} />
    </div>
  )
}
const UNIT_NAMES = [
  ['in', 'in'],
  ['mm', 'mm'],
] as const

function StepChoice({
  data,
  save,
}: {
  readonly data: JobDetails
  readonly save: (change: Partial<JobDetails>) => void
}) {
  return (
    <Choice<JobStep>
      label="Lengths shown to"
      value={data.step}
      options={STEPS_OF[data.unit].map(step => [step, `${step} ${data.unit}`])}
      onChange={step => save({ step })}
    />
  )
}

/** Openings that were put away, each to be taken out again. */
function PutAway({ openings }: { readonly openings: JobPage['putAway'] }) {
  const router = useRouter()
  const take = async (id: string) => {
    await send('POST', `/api/openings/${id}/archive`, { archived: false })
    router.refresh()
  }
  return (
    <Disclosure title={`Put away: ${openings.length}`}>
      {openings.map(one => (
        <div key={one.id} style={{ display: 'flex', gap: 12, alignItems: 'center' }}>
          <span>
            {one.tag} {one.name}
          </span>
          <Button $plain onPress={() => take(one.id)}>
            Take out again
          </Button>
        </div>
      ))}
    </Disclosure>
  )
}

/** What can be done with a whole job. */
function JobWays({ job }: { readonly job: JobRecord }) {
  const router = useRouter()
  const [copyId] = useState(() => uuidV7())
  const [isBusy, setBusy] = useState(false)
  const copy = async () => {
    setBusy(true)
    const sent = await send<{ id: string }>('POST', `/api/jobs/${job.id}/copy`, { id: copyId })
    if (sent.ok) router.push(`/jobs/${sent.value.id}`)
    else setBusy(false)
  }
  const archive = async () => {
    setBusy(true)
    const archived = job.archivedAt === null
    const sent = await send('POST', `/api/jobs/${job.id}/archive`, { archived })
    setBusy(false)
    if (sent.ok && archived) router.push('/jobs')
    else router.refresh()
  }
  return (
    <div style={{ display: 'flex', flexWrap: 'wrap', gap: 10 }}>
      <ButtonLink href={`/api/jobs/${job.id}/cuts.pdf`}>Cut list of the seals, PDF</ButtonLink>
      <ButtonLink href={`/api/jobs/${job.id}/cuts.csv`}>The same, CSV</ButtonLink>
      <Labels jobId={job.id} />
      <Only verb="cut">
        <CutDone jobId={job.id} />
      </Only>
      <Only verb="archive">
        <ButtonLink href={`/api/jobs/${job.id}/export`}>The whole job as a file, JSON</ButtonLink>
        <ButtonLink href={`/api/jobs/${job.id}/export?photos=none`}>The same without photos</ButtonLink>
      </Only>
      <Only verb="job">
        <Button $plain isDisabled={isBusy} onPress={copy}>
          Begin one like it
        </Button>
      </Only>
      <Only verb="archive">
        <Button $plain isDisabled={isBusy} onPress={archive}>
          {job.archivedAt === null ? 'Put the job away' : 'Take the job out again'}
        </Button>
      </Only>
    </div>
  )
}

/** The tag after the last one: C6, then C7. */
function nextTag(tags: readonly string[]): string {
  const [, letters = 'A', number = '0'] = /^(\D*)(\d+)$/.exec(tags.at(-1) ?? 'A0') ?? []
  return `${letters}${Number(number) + 1}`.slice(0, 12)
}

/** The practices of this job, where they are others than the company's. */
function JobPractices({
  job,
  firm,
  first,
}: {
  readonly job: Pick<JobRecord, 'id' | 'name' | 'step'>
  readonly firm: Firm
  readonly first: Versioned<SchoolChoices>
}) {
  const of = `/api/jobs/${job.id}`
  const what = `${job.name}: its practices`
  const { data, save, clash, choose } = useEdit<SchoolChoices>(first, { path: `${of}/schools`, of, what })
  const chosen = Object.keys(data).length
  return (
    <Disclosure title={`Practices of this job: ${chosen ? `${chosen} of its own` : 'the company’s'}`}>
      {clash && <ClashNote clash={clash} step={job.step} onChoose={choose} />}
      <div style={{ maxWidth: 560 }}>
        <MethodPicker own={data} onChange={own => save(own, 'whole')} />
        <SchoolList
          own={data}
          standing={resolveSchools(firm.schools, data, {})}
          above={resolveSchools(firm.schools, {}, {})}
          step={job.step}
          onChange={own => save(own, 'whole')}
        />
      </div>
    </Disclosure>
  )
}
