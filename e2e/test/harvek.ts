import { execFileSync } from 'node:child_process'
import { writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { AxeBuilder } from '@axe-core/playwright'
import { expect, type Page } from '@playwright/test'
import { v7 as uuidV7 } from 'uuid'
import { FAMILIES, type Family } from '../../src/core/base/kinds'
import { DOORS } from '../../src/core/doors/doors'
import { isFactSlot } from '../../src/core/survey/facts'
import type { JobDetails } from '../../src/core/survey/job-record'
import { newJob } from '../../src/core/survey/new-job'
import { ladderFor, type Question } from '../../src/core/survey/survey-of'
import type { Way } from '../../src/core/survey/ways'
import { demoId } from '../../src/server/demo-ids'
import { FAMILY_NAMES, WAY_NAMES } from '../../src/words/kinds'
import { slotName } from '../../src/words/walk'

export const base = (): string => process.env.HARVEK_BASE ?? ''
export const DEMO_JOB = demoId('job', 'Sandmartin Quay 4')
const JOBS: Readonly<Record<string, string>> = { A: '4', B: '9', C: '15', D: '21', E: '2' }
export const demoJob = (tag: string): string => demoId('job', `Sandmartin Quay ${JOBS[tag[0]!]}`)
export const demoOpening = (tag: string): string => demoId('opening', demoJob(tag), tag)

/** The id in an opening's address. */
export const openingId = (url: string): string => new URL(url).pathname.split('/')[2]!

/** Opens a page and waits until its scripts act: a click before that is lost. */
export async function open(page: Page, path: string): Promise<void> {
  await page.goto(`${base()}${path}`)
  await ready(page)
}

/** Waits until what was loaded acts and all of it is there. */
export async function ready(page: Page): Promise<void> {
  await page.locator('html[data-hydrated]').waitFor()
  await expect(page.locator('[aria-busy="true"]')).toHaveCount(0)
}

/** What a story says of its opening: the way and the kind by their names; no way where there is only one. */
type Said = readonly [
  job: string,
  name: string,
  way: string | null,
  unit?: 'Inches' | 'Millimetres' | undefined,
  family?: string,
]
const HINGED = FAMILY_NAMES['hinged-outside'].name

type Made = { readonly tag: string; readonly name: string; readonly family: Family; readonly way: Way }

/** Sends something, which is to be taken. */
export async function sent(page: Page, path: string, data: unknown, method: 'post' | 'put' = 'post'): Promise<void> {
  const answer = await page.request[method](`${base()}${path}`, { data })
  expect([path, answer.ok(), await answer.text()]).toEqual([path, true, expect.any(String)])
}

/** A new job with one opening, made by the API. */
export async function makeOpening(
  page: Page,
  details: JobDetails,
  made: Made,
): Promise<{ readonly job: string; readonly id: string }> {
  const [job, id] = [uuidV7(), uuidV7()]
  await sent(page, '/api/jobs', { id: job, details })
  await sent(page, `/api/jobs/${job}/openings`, { id, ...made })
  return { job, id }
}

/** A new job with one opening, ready on its Measure stage. */
export async function newOpening(
  page: Page,
  ...[job, name, said, unit = 'Inches', kind = HINGED]: Said
): Promise<void> {
  const family = FAMILIES.find(one => FAMILY_NAMES[one].name === kind)!
  const { ways } = DOORS[family].survey
  const way = said === null ? ways[0]! : ways.find(one => WAY_NAMES[one].name === said)!
  const details = { ...newJob(unit === 'Inches' ? 'in' : 'mm'), name: job }
  const { id } = await makeOpening(page, details, { tag: 'A1', name, family, way })
  await open(page, `/openings/${id}/measure`)
}

/** The same, made through the interface. */
export async function newOpeningByHand(
  page: Page,
  ...[job, name, way, unit = 'Inches', family = HINGED]: Said
): Promise<void> {
  await open(page, '/jobs')
  await page.getByLabel('Name').fill(job)
  await page.getByText(unit, { exact: true }).click()
  await page.getByRole('button', { name: 'Start the job' }).click()
  await page.getByRole('heading', { name: 'Add an opening' }).waitFor()
  await page.getByRole('textbox', { name: 'Name' }).fill(name)
  await page.getByText(family, { exact: true }).click()
  if (way) await page.getByText(way, { exact: true }).click()
  await page.getByRole('button', { name: 'Add and measure' }).click()
  await page.getByRole('heading', { name: new RegExp(name) }).waitFor()
  await page.locator('html[data-hydrated]').waitFor()
}

/** The field of the reading that is taken now. */
export const field = (page: Page) => page.locator('section[aria-label="Reading now"] input[enterkeyhint]')

/** Waits until a reading is asked for. By its element: to look for roles takes longer than to type what is read. */
export const asked = (page: Page, name: string): Promise<void> =>
  page
    .locator('section[aria-label="Reading now"] h2')
    .filter({ hasText: new RegExp(`^${name.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}$`) })
    .waitFor()

/** Types readings one after the other, as they come; each must be asked for by its name. */
export async function typeReadings(
  page: Page,
  readings: readonly (readonly [name: string, typed: string])[],
): Promise<void> {
  await field(page).focus()
  for (const [name, typed] of readings) {
    await asked(page, name)
    await page.keyboard.type(typed)
    await page.keyboard.press('Enter')
  }
}

/** Walks the whole ladder by keyboard, each question as it comes: readings typed, the first answer of each fact taken.
 *  `typed` says what is read where; a length not named there is 2 3/4. */
export async function walk(
  page: Page,
  questions: readonly Question[],
  typed: Readonly<Record<string, string>>,
  from = 0,
): Promise<void> {
  if (from === 0) await field(page).focus()
  for (const question of questions.slice(from)) {
    await asked(page, slotName(question))
    if (question === 'fact.weight') await page.keyboard.type('24.5')
    else if (!isFactSlot(question)) await page.keyboard.type(typed[question] ?? '2 3/4')
    else await page.locator('section[aria-label="Reading now"] [aria-pressed]:focus').waitFor()
    await page.keyboard.press('Enter')
  }
}

/** Waits until nothing that was done waits any more. */
export const allStored = (page: Page) => expect(page.locator('[data-line="fine"][data-waits="0"]')).toBeVisible()

export const stage = (page: Page, name: string) =>
  page.getByRole('navigation', { name: 'Stages' }).getByRole('button', { name, exact: true }).click()

/** No violation of WCAG 2.2 AA that can be found by machine. */
export async function expectAccessible(page: Page): Promise<void> {
  // Run in the page itself, which has no foreign frames, and only what is wrong written out: a quarter of the time.
  const { violations } = await new AxeBuilder({ page })
    .options({
      runOnly: { type: 'tag', values: ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'] },
      resultTypes: ['violations'],
    })
    .setLegacyMode()
    .analyze()
  expect(violations.map(one => `${one.id}: ${one.nodes.map(node => node.html.slice(0, 120)).join(' | ')}`)).toEqual([])
}

/** The text of a PDF behind a path, as a reader would copy it. */
export async function pdfText(page: Page, path: string): Promise<string> {
  // A connection that was kept may be shut just then: asked anew.
  const answer = await page.request.get(`${base()}${path}`, { maxRetries: 2 })
  expect(answer.status()).toBe(200)
  const file = join(tmpdir(), `harvek-${process.pid}-${Date.now()}.pdf`)
  writeFileSync(file, await answer.body())
  return execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' })
}

/** That so many of the questions of an outside unit are answered. */
export const expectRead = (page: Page, taken: number | 'all', way: Way) => {
  const { length } = ladderFor(DOORS['hinged-outside'].survey, way)
  return expect(page.getByText(`${taken === 'all' ? length : taken} of ${length} read`)).toBeVisible()
}
