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
import { Button, Choice } from '../parts/controls'
import { send } from '../store/send'
import { Field, Form, Said } from './form'

type NewOpeningProps = {
  readonly jobId: string
  readonly unit: JobDetails['unit']
  readonly nextTag: string
  readonly usual: Way
}

/** Adds an opening to the job: what it is called, what kind of door it is, how it will be measured. */
export function NewOpening({ jobId, unit, nextTag, usual }: NewOpeningProps) {
  const router = useRouter()
  const [family, setFamily] = useState<Family>(USUAL_KIND)
  const [way, setWay] = useState<Way>(usualWay(DOORS[USUAL_KIND].survey, usual))
  const { ways } = DOORS[family].survey
  const [said, setSaid] = useState<string | null>(null)
  const [id] = useState(() => uuidV7())
  const [isBusy, setBusy] = useState(false)
  const submit = async (event: FormEvent<HTMLFormElement>) => {
    event.preventDefault()
    const form = new FormData(event.currentTarget)
    const [tag, name] = [String(form.get('tag')).trim(), String(form.get('name')).trim()]
    if (!tag || !name) return setSaid('An opening needs a tag and a name.')
    setBusy(true)
    const sent = await send<{ id: string }>('POST', `/api/jobs/${jobId}/openings`, { id, tag, name, family, way })
    if (sent.ok) return router.push(`/openings/${sent.value.id}/measure`)
    setBusy(false)
    setSaid(sent.message)
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
