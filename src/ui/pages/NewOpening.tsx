'use client'
import { useRouter } from 'next/navigation'
import { type FormEvent, useState } from 'react'
import { v7 as uuidV7 } from 'uuid'
import { FAMILIES, type Family, USUAL_KIND } from '@/core/base/kinds'
import { DOORS } from '@/core/doors/doors'
import type { JobDetails } from '@/core/survey/job-record'
import { usualWay } from '@/core/survey/survey-of'
import type { Way } from '@/core/survey/ways'
import { FAMILY_NAMES, WAY_NAMES } from '@/words/kinds'
import type { NewOpening as Opening } from '../outbox/new-copy'
import { Button, Choice } from '../parts/controls'
import { useMaking } from '../store/use-making'
import { useNewCopy } from '../store/use-new-copy'
import { Field, Form, Said } from './form'

type NewOpeningProps = {
  readonly jobId: string
  readonly unit: JobDetails['unit']
  readonly nextTag: string
  readonly usual: Way
}

/** Adds an opening through the outbox, and goes to measure it: also where there is no signal, as far as its job was taken along. */
function useAdding(jobId: string) {
  const router = useRouter()
  const { isBusy, said, say, make } = useMaking()
  const [id, setId] = useState(() => uuidV7())
  const keepCopy = useNewCopy()
  const add = async (opening: Omit<Opening, 'id'>) => {
    const of = `/api/jobs/${jobId}`
    const body = { id, ...opening }
    const what = `${opening.tag} ${opening.name}`
    const made = await make({ id, of, path: `${of}/openings`, what, body, makes: `/api/openings/${id}` })
    if (made === 'stored') router.push(`/openings/${id}/measure`)
    if (made !== 'kept') return
    // The next one is another.
    setId(uuidV7())
    if (await keepCopy(jobId, body)) location.assign(`/openings/${id}/measure`)
    else say('Kept on this device: it is added when there is signal. To measure it before, take the job along first.')
  }
  return { isBusy, said, say, add }
}

/** Adds an opening to the job: what it is called, what kind of door it is, how it will be measured. */
export function NewOpening({ jobId, unit, nextTag, usual }: NewOpeningProps) {
  const [family, setFamily] = useState<Family>(USUAL_KIND)
  const [way, setWay] = useState<Way>(usualWay(DOORS[USUAL_KIND].survey, usual))
  const { ways } = DOORS[family].survey
  const { isBusy, said, say, add } = useAdding(jobId)
  const submit = (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const form = new FormData(event.currentTarget)
    const [tag, name] = [String(form.get('tag')).trim(), String(form.get('name')).trim()]
    if (!tag || !name) return say('An opening needs a tag and a name.')
    void add({ tag, name, family, way })
  }
  return (
    <Form onSubmit={submit} aria-label="New opening">
      <h2>Add an opening</h2>
      <Field>
        Tag
        <input name="tag" maxLength={12} defaultValue={nextTag} key={nextTag} autoComplete="off" />
      </Field>
      <Field>
        Name
        <input name="name" maxLength={120} autoComplete="off" />
      </Field>
      <Choice
        label={`What kind of door: ${FAMILY_NAMES[family].what}`}
        value={family}
        options={FAMILIES.map(one => [one, FAMILY_NAMES[one].name])}
        onChange={next => {
          setFamily(next)
          setWay(usualWay(DOORS[next].survey, usual))
        }}
      />
      <Choice
        label={`Measured by: ${WAY_NAMES[way].when}`}
        value={way}
        options={ways.map(one => [one, WAY_NAMES[one].name])}
        onChange={setWay}
      />
      <p>
        <a href={`/api/blank-sheet.pdf?family=${family}&way=${way}&unit=${unit}`}>Blank measure sheet to print, PDF</a>
      </p>
      {said && <Said role="alert">{said}</Said>}
      <div>
        <Button type="submit" isDisabled={isBusy}>
          Add and measure
        </Button>
      </div>
    </Form>
  )
}
