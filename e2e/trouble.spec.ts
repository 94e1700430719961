import { expect, test } from '@playwright/test'
import { control } from './test/control'
import { allStored, base, DEMO_JOB, expectRead, newOpening, open, stage, typeReadings } from './test/harvek'
import { phonePhoto } from './test/photo'

test('the database goes away: the entry stays, the bar says so, and it is stored by itself when there is one again', async ({
  page,
}) => {
  await newOpening(page, `Away ${Date.now()}`, 'Ice house', 'Stud to stud')
  await typeReadings(page, [
    ['Fall of the sill', '0'],
    ['Crown of the sill', '0'],
  ])
  await allStored(page)
  await control('kill')
  await typeReadings(page, [['Width, bottom', '36 3/8']])
  const bar = page.getByRole('complementary', { name: 'What is stored' })
  await expect(bar).toContainText('1 kept on this device')
  const row = page.locator('[data-slot="trim-off/widths.bottom"]')
  await expect(row).toHaveAttribute('data-storing', 'kept')
  await expect(row).toContainText('36')
  await control('restart')
  // Nobody presses anything: it is sent by itself.
  await expect(row).toHaveAttribute('data-storing', 'stored', { timeout: 30_000 })
  await expect(bar.getByRole('status')).toHaveText('All stored')
  await page.reload()
  await expect(page.locator('[data-slot="trim-off/widths.bottom"]')).toContainText('36')
})

test('a photo that the store can’t take yet waits over a reload, and is sent when the page is there again', async ({
  page,
}) => {
  await newOpening(page, `Photo away ${Date.now()}`, 'Boat shed', 'The leaf itself')
  const photo = page.locator('[data-photo]')
  await expect(page.getByRole('button', { name: 'Choose photos' })).toBeVisible()
  await control('kill')
  const choosing = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Choose photos' }).click()
  await (await choosing).setFiles({ name: 'lock.jpg', mimeType: 'image/jpeg', buffer: await phonePhoto() })
  await expect(page.getByText('1 kept here until there is signal.')).toBeVisible()
  await expect(photo.locator('a[data-waits] img')).toBeVisible()
  await control('restart')
  await page.reload()
  await expect(photo).toHaveCount(1)
  await expect(photo.locator('a[data-waits]')).toHaveCount(0)
  await allStored(page)
  await page.reload()
  await expect(photo.locator('img')).toHaveJSProperty('naturalWidth', 320)
})

test('a row the store does not take is said with its reason, counts for nothing, and is kept until it is left out', async ({
  page,
}) => {
  await newOpening(page, `Not taken ${Date.now()}`, 'Net loft', 'Stud to stud')
  await page.route('**/api/sync', async route => {
    const { items } = route.request().postDataJSON()
    const answers = items.map(() => ({
      status: 409,
      body: { message: 'A row of this id is stored with other contents; it stays as it is.' },
    }))
    await route.fulfill({ json: { answers } })
  })
  await typeReadings(page, [['Fall of the sill', '0']])
  const slot = page.locator('[data-slot="trim-off/fall.sill"]')
  const note = page.getByRole('alert', { name: 'Not taken' })
  for (const _ of ['first look', 'after a reload']) {
    await expect(note).toContainText('“0” is not taken. A row of this id is stored with other contents')
    await expect(slot).toHaveAttribute('data-storing', 'open')
    await page.reload()
  }
  await page.unroute('**/api/sync')
  await expect(page.getByRole('complementary', { name: 'What is stored' })).toContainText('1 to be looked at.')
  await note.getByRole('button', { name: 'Leave it out' }).click()
  await expect(note).toHaveCount(0)
  await page.reload()
  await expect(slot).toHaveAttribute('data-storing', 'open')
  await expect(note).toHaveCount(0)
  await allStored(page)
})

test('a wish that meets another person’s change shows both, and what one side changed is put together', async ({
  page,
  browser,
}) => {
  await newOpening(page, `Two hands ${Date.now()}`, 'Sail loft', 'The leaf itself')
  await page.getByRole('button', { name: 'Specify' }).click()
  const other = await browser.newPage()
  await other.goto(page.url())
  await other.locator('html[data-hydrated]').waitFor()
  // The line is away while both choose.
  await page.context().setOffline(true)
  await page.getByText('Right', { exact: true }).click()
  await other.getByText('Left', { exact: true }).click()
  await allStored(other)
  await page.context().setOffline(false)
  const clash = page.getByRole('alert', { name: 'Changed twice' })
  await expect(clash).toContainText('Nothing is lost: choose which')
  await expect(clash).toContainText('Hinge side')
  await expect(page.getByRole('radio', { name: 'Right' })).toBeChecked()
  // What only one side changed meanwhile is put together; what is chosen holds for both.
  await other.getByText('Out', { exact: true }).click()
  await clash.getByRole('button', { name: 'Take theirs' }).click()
  await expect(page.getByRole('radio', { name: 'Left' })).toBeChecked()
  await page.getByText('Double', { exact: true }).click()
  await expect(page.getByRole('radio', { name: 'Out', exact: true })).toBeChecked()
  await other.close()
})

test.describe('a job file', () => {
  const take = async (page: import('@playwright/test').Page, name: string, content: string) => {
    const choosing = page.waitForEvent('filechooser')
    await page.getByRole('button', { name: 'Choose a job file' }).click()
    await (await choosing).setFiles({ name, mimeType: 'application/json', buffer: Buffer.from(content) })
  }
  test('that is broken or foreign is refused whole, with what is wrong and where', async ({ page }) => {
    await open(page, '/jobs')
    const before = await page.getByRole('listitem').count()
    await take(page, 'broken.json', '{"format": ')
    await expect(page.getByText('broken.json is not JSON; nothing was stored.')).toBeVisible()
    await take(page, 'foreign.json', '{"format":"other","version":1}')
    await expect(page.getByText('This file is no whole Harvek job; nothing was stored.')).toBeVisible()
    const file = JSON.parse(await (await page.request.get(`${base()}/api/jobs/${DEMO_JOB}/export`)).text())
    file.job.id = '01900000-0000-7000-8000-00000000dead'
    file.openings[2].readings[3].value = 'wide'
    await take(page, 'bent.json', JSON.stringify(file))
    await expect(page.locator('code', { hasText: 'openings[2].readings[3].value' })).toBeVisible()
    await page.reload()
    await expect(page.getByRole('listitem')).toHaveCount(before)
  })
  test('of a job that is here already is refused', async ({ page }) => {
    await open(page, '/jobs')
    await take(page, 'again.json', await (await page.request.get(`${base()}/api/jobs/${DEMO_JOB}/export`)).text())
    await expect(page.getByText('is here already; nothing was stored')).toBeVisible()
  })
})

test.describe('an odd entry of the length field gets a sentence and keeps what was typed', () => {
  for (const [typed, said] of [
    ['3/10', 'a tape has no fractions of 10'],
    ['36,3,75', 'could be a decimal or a thousand'],
    ['about thirty', 'can’t be read as a length'],
    ['-36', 'a size has no direction'],
    ['99999 mm', 'more than 20 m'],
  ] as const) {
    test(typed, async ({ page }) => {
      await newOpening(page, `Odd ${Date.now()}`, 'Rope walk', 'The leaf itself')
      const input = page.locator('section[aria-label="Reading now"] input[enterkeyhint]')
      await input.fill(typed)
      await input.press('Enter')
      await expect(page.locator('section[aria-label="Reading now"] [role="status"]')).toContainText(said)
      await expect(input).toHaveValue(typed)
      await expectRead(page, 0, 'core')
    })
  }
})

test('wishes that were not stored yet when the page is left are stored when it is back', async ({ page }) => {
  await newOpening(page, `Left ${Date.now()}`, 'Net store', 'The leaf itself')
  await stage(page, 'Specify')
  await page.route('**/api/sync', route => route.abort())
  await page.getByText('Double', { exact: true }).click()
  await page.getByText('Steel', { exact: true }).click()
  await expect(page.getByRole('radio', { name: 'Steel', exact: true })).toBeChecked()
  await page.unroute('**/api/sync')
  await page.reload()
  await page.locator('html[data-hydrated]').waitFor()
  await expect(page.getByRole('radio', { name: 'Double' })).toBeChecked()
  await allStored(page)
  await page.reload()
  await page.locator('html[data-hydrated]').waitFor()
  await expect(page.getByRole('radio', { name: 'Steel', exact: true })).toBeChecked()
})
