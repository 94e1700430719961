import type { Page } from '@playwright/test'
import { v7 as uuidV7 } from 'uuid'
import type { OpeningFile } from '../../src/core/job-file'
import { newWishes } from '../../src/core/specification/new-wishes'
import { newJob } from '../../src/core/survey/new-job'
import type { Slot } from '../../src/core/survey/slots'
import { type Length, mm } from '../../src/core/units/length'
import { FAMILY_NAMES } from '../../src/words/kinds'
import { base, demoJob, makeOpening, sent } from './harvek'

/** What the demo leaves unsettled, and a backset no lock of its catalogue has. */
const WISHED: Readonly<Record<string, object>> = { C6: { bore: 'double' }, C5: { swing: 'in', bore: 'double' } }
const READ: Readonly<Record<string, Readonly<Partial<Record<Slot, Length>>>>> = { C3: { backset: mm(57) } }

/** An opening of our own, in a job of its own, read and wished as one of the demo's; gives its id. */
export async function openingLike(page: Page, tag: string): Promise<OpeningFile['opening'] & { readonly job: string }> {
  const file = await (await page.request.get(`${base()}/api/jobs/${demoJob(tag)}/export`)).json()
  const like: OpeningFile = file.openings.find((one: OpeningFile) => one.opening.tag === tag)
  const details = { ...newJob(file.job.unit), name: `${tag} again ${Date.now()}`, step: file.job.step }
  const { family } = like.opening
  const { way } = like.edits.wishes.data
  const { job, id } = await makeOpening(page, details, { tag, name: FAMILY_NAMES[family].name, family, way })
  const address = `/api/openings/${id}`
  const data = { ...like.edits.wishes.data, ...WISHED[tag] }
  const wishes = { revision: 1, base: newWishes(way), data }
  await sent(page, `${address}/edits/wishes`, wishes, 'put')
  const fresh = <T extends object>(rows: readonly T[]) => rows.map(one => ({ ...one, id: uuidV7() }))
  const read = like.readings
    .filter(one => one.occasion === 'survey')
    .map(one => ({ ...one, value: READ[tag]?.[one.slot] ?? one.value }))
  await sent(page, `${address}/readings`, fresh(read))
  // Read once more by somebody else, so that what is made to order can be ordered.
  const second = { takenBy: 'Nell Sayer', instrument: 'laser', takenAt: new Date().toISOString() }
  await sent(page, `${address}/readings`, fresh(read.map(one => ({ ...one, ...second }))))
  const answers = like.answers.filter(one => one.kind !== 'withdrawn')
  if (answers.length) await sent(page, `${address}/answers`, fresh(answers))
  return { ...like.opening, id, job }
}
