import { expect, type Page } from '@playwright/test'
import { v7 as uuidV7 } from 'uuid'
import { newWishes } from '../../src/core/specification/new-wishes'
import { newJob as newJobDetails } from '../../src/core/survey/new-job'
import { readings, TRUE_OPENING } from '../../src/core/test/fixtures'
import { base, open } from './harvek'

/** A desk that reads rightly and answers at once. */
export const HONEST = { misread: 'nothing', answer: 'accept', delay: 0, fail: 0, twice: false, away: 0 }

/** A true hole of 38 by 82 3/8 in a 4 1/2 wall, read stud to stud. */
const HOLE = {
  ...TRUE_OPENING,
  'trim-off/widths.bottom': '38 1/16',
  'trim-off/heights.left': '82 3/8',
  'trim-off/heights.centre': '82 3/8',
  'trim-off/heights.right': '82 3/8',
  'trim-off/diagonals.risingRight': '90 11/16',
  'trim-off/diagonals.risingLeft': '90 11/16',
}

/** A new job; gives its id. */
export async function newJob(page: Page, name: string): Promise<string> {
  const answer = await page.request.post(`${base()}/api/jobs`, {
    data: { id: uuidV7(), details: { ...newJobDetails('in'), name: `${name} ${Date.now()}` } },
  })
  return (await answer.json()).id
}

/** An entry of our own, measured and specified, with a stock unit chosen; ends on its Order stage, complete. */
export async function completeEntry(
  page: Page,
  name: string,
  hinges: 'left' | 'right' = 'right',
  { jobId, tag = 'A1', more = {} }: { readonly jobId?: string; readonly tag?: string; readonly more?: object } = {},
): Promise<void> {
  const { request } = page
  const job = jobId ?? (await newJob(page, name))
  const made = await request.post(`${base()}/api/jobs/${job}/openings`, {
    data: { id: uuidV7(), tag, name, family: 'hinged-outside', way: 'trim-off' },
  })
  const { id } = await made.json()
  const first = newWishes('trim-off')
  const data = { ...first, hinges, swing: 'in', bore: 'double' }
  const wished = await request.put(`${base()}/api/openings/${id}/edits/wishes`, {
    data: { revision: 1, base: first, data },
  })
  expect(wished.status()).toBe(200)
  const rows = readings({ ...HOLE, ...more }).map(one => ({ ...one, id: uuidV7() }))
  expect((await request.post(`${base()}/api/openings/${id}/readings`, { data: rows })).status()).toBe(200)
  await open(page, `/openings/${id}/order`)
  await page.getByRole('button', { name: 'Choose TW-109' }).first().click()
  await page.getByLabel('Colour outside').selectOption('slate')
  await page.getByLabel('Finish of hinges and hardware').selectOption('black')
}

/** Releases what is complete and goes to its order's page. */
export async function releaseAndFollow(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Release the order' }).click()
  await page.getByRole('link', { name: /^H-/ }).click()
  await page.getByRole('heading', { name: /^Order H-/ }).waitFor()
  await page.locator('html[data-hydrated]').waitFor()
}
/** Orders against everything that should be corrected first, with one reason. */
export async function goOnAll(page: Page, reason: string): Promise<void> {
  const goOn = page.getByRole('button', { name: /^Go on: / })
  for (let left = await goOn.count(); left > 0; left--) {
    await page.getByLabel('Ordered all the same, because').first().fill(reason)
    await goOn.first().click()
    await expect(goOn).toHaveCount(left - 1)
  }
  await page.waitForLoadState('networkidle')
}
/** Where the order on show stands. */
export const standing = (page: Page) => page.getByRole('region', { name: 'Where it stands' }).getByRole('heading')
