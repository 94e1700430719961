import { expect, test } from '@playwright/test'
import { demoOpening, newOpening, open, ready, stage } from './test/harvek'
import { phonePhoto } from './test/photo'

test('the hand is settled by tapping the drawing, shown in words and in plan, and can be taken back', async ({
  page,
}) => {
  await newOpening(page, `Hand ${Date.now()}`, 'Boat store', 'The leaf itself')
  await stage(page, 'Specify')
  await page.getByRole('button', { name: 'Hinges on the right, seen from outside' }).click()
  await page.getByRole('button', { name: 'Swings out' }).click()
  await expect(page.getByRole('radio', { name: 'Right' })).toBeChecked()
  await expect(page.getByRole('radio', { name: 'Out', exact: true })).toBeChecked()
  await expect(page.locator('[data-figure="From outside"]')).toContainText('RH')
  await expect(page.locator('[data-figure="Back to the hinges"]')).toContainText('LH')
  await page.getByRole('button', { name: 'Hinges on the left, seen from outside' }).click()
  await expect(page.locator('[data-figure="From outside"]')).toContainText('LH')
  await page.locator('body').press('Control+z')
  await expect(page.getByRole('radio', { name: 'Right' })).toBeChecked()
  await page.reload()
  await ready(page)
  await expect(page.getByRole('radio', { name: 'Right' })).toBeChecked()
})

test('each kind of door shows what it asks for beside its size', async ({ page }) => {
  await open(page, `/openings/${demoOpening('B3')}/specify`)
  await expect(page.locator('[data-figure="throat"]')).toHaveText('5 in')
  await expect(page.getByText('Knock-down only: the wall is finished')).toBeVisible()
  await open(page, `/openings/${demoOpening('C1')}/specify`)
  await expect(page.locator('[data-figure="panels"]')).toHaveText('OX')
  await expect(page.getByRole('radio', { name: 'Left' })).toHaveCount(0)
  await open(page, `/openings/${demoOpening('C2')}/specify`)
  await expect(page.locator('[data-figure="hinges"]')).toHaveText('3 ball bearing, 100 mm')
  await page.getByText('On an escape route').click()
  await expect(page.getByText('Clear width ≈ 797 mm').first()).toBeVisible()
  await expect(page.getByText(/local authority decides/).first()).toBeVisible()
})

test('what is said at the first look asks for more, and each view is ticked once it is shown', async ({ page }) => {
  await newOpening(page, `Look ${Date.now()}`, 'Net loft', 'Stud to stud')
  await expect(page.locator('[data-slot^="mould."]')).toHaveCount(0)
  await page.getByText('The first look: why, where, what stays').click()
  // Something stays, and the outside casing does not: it comes off.
  await page.getByText('Inside casing', { exact: true }).click()
  await expect(page.locator('[data-slot^="mould."]')).toHaveCount(4)
  await page.getByText('A pet’s flap', { exact: true }).click()
  const choosing = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Lock edge' }).click()
  await (await choosing).setFiles({ name: 'edge.jpg', mimeType: 'image/jpeg', buffer: await phonePhoto() })
  await expect(page.getByRole('button', { name: 'taken Lock edge' })).toBeVisible()
  await expect(page.locator('[data-photo] a').first()).toContainText('Lock edge')
  await page.reload()
  await ready(page)
  await expect(page.getByRole('button', { name: 'taken Lock edge' })).toBeVisible()
  await expect(page.locator('[data-slot^="mould."]')).toHaveCount(4)
})
