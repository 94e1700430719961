import { expect, test } from '@playwright/test'
import { FAMILY_NAMES } from '../src/words/kinds'
import { allStored, expectAccessible, field, newOpening, newOpeningByHand, open } from './test/harvek'

const called = (name: string) => `${name} ${Date.now()}`

test('a job has a customer, an address and a place; its lengths turn from inches to millimetres in one tap', async ({
  page,
}) => {
  const name = called('Customer')
  await newOpeningByHand(page, name, 'Wash house', 'The leaf itself')
  await field(page).fill('36')
  await page.keyboard.press('Enter')
  await allStored(page)
  await page.getByRole('link', { name }).click()
  await page.getByText('Customer, address, visit, notes').click()
  await page.getByLabel('Customer', { exact: true }).fill('Wanda Selby')
  await page.getByLabel('E-mail').fill('not an address')
  await page.getByLabel('Phone').fill('+00 555 0107')
  await page.getByLabel('Phone').blur()
  await page.getByLabel('E-mail').fill('wanda@example.com')
  await page.getByLabel('E-mail').blur()
  await page.getByLabel('Nearest town').pressSequentially('bergen, norway')
  await page.getByLabel('Nearest town').fill('bergen')
  await page.getByRole('button', { name: /^Bergen,/ }).click()
  await expect(page.getByText('clock of Europe/Oslo')).toBeVisible()
  await page.getByText('mm', { exact: true }).click()
  await page.waitForLoadState('networkidle')
  await page.reload()
  await page.locator('html[data-hydrated]').waitFor()
  await page.getByText('Customer, address, visit, notes').click()
  await expect(page.getByLabel('Customer', { exact: true })).toHaveValue('Wanda Selby')
  await expect(page.getByLabel('E-mail')).toHaveValue('wanda@example.com')
  await expectAccessible(page)
  await page.getByRole('link', { name: /Wash house/ }).click()
  await expect(page.locator('[data-slot="core/widths.bottom"] .value')).toHaveText(/914/)
})

test('an opening is called otherwise, moved, copied, put away and taken out again', async ({ page }) => {
  const name = called('List')
  await newOpening(page, name, 'First door', 'The leaf itself')
  await page.getByRole('link', { name }).click()
  await page.getByText('Call, move, copy, put away').click()
  await page.getByLabel('A1 is called').fill('Front room door')
  await page.getByLabel('A1 is called').blur()
  await expect(page.getByRole('link', { name: /Front room door/ })).toBeVisible()
  await page.getByRole('button', { name: 'Copy A1' }).click()
  await expect(page.getByLabel('A2 is called')).toHaveValue('Front room door')
  await page.getByRole('button', { name: 'A2 earlier' }).click()
  await expect(page.locator('.tag').first()).toContainText('A2')
  await page.getByRole('button', { name: 'Put A2 away' }).click()
  await expect(page.getByText('Put away: 1')).toBeVisible()
  await page.getByText('Put away: 1').click()
  await page.getByRole('button', { name: 'Take out again' }).click()
  await expect(page.getByLabel('A2 is called')).toBeVisible()
})

test('a kind chosen by mistake is changed, and changed back with every reading', async ({ page }) => {
  const name = called('Kind')
  await newOpening(page, name, 'Side door', 'Stud to stud')
  for (const text of ['0', '0', '38']) {
    await field(page).fill(text)
    await page.keyboard.press('Enter')
  }
  await allStored(page)
  await page.getByRole('link', { name }).click()
  await page.getByText('Call, move, copy, put away').click()
  for (const family of ['storm', 'hinged-outside'] as const) {
    await page.getByLabel('Kind of A1').selectOption(family)
    await expect(page.getByText(/all 3 readings and answers stay/)).toBeVisible()
    await page.getByRole('button', { name: 'Make it this kind' }).click()
    await expect(page.getByRole('button', { name: 'Make it this kind' })).toHaveCount(0)
    await expect(page.getByLabel('Kind of A1')).toHaveValue(family)
    expect(FAMILY_NAMES[family].name).toBeTruthy()
  }
  await page.getByRole('link', { name: /Side door/ }).click()
  await expect(page.locator('[data-slot="trim-off/widths.bottom"] .value')).toHaveText('38')
})

test('two taps begin one job, and a job put away is found where it lies', async ({ page }) => {
  const name = called('Twice')
  await open(page, '/jobs')
  await page.getByLabel('Name').fill(name)
  await page.getByRole('button', { name: 'Start the job' }).dblclick()
  await page.getByRole('heading', { name: 'Add an opening' }).waitFor()
  await page.getByRole('button', { name: 'Put the job away' }).click()
  await page.getByRole('heading', { name: 'New job' }).waitFor()
  await expect(page.getByRole('link', { name })).toHaveCount(0)
  await page.getByText(/^Put away: /).click()
  await page.getByRole('link', { name }).click()
  await page.getByRole('button', { name: 'Take the job out again' }).click()
  await expect(page.getByRole('button', { name: 'Put the job away' })).toBeVisible()
  await open(page, '/jobs')
  await expect(page.getByRole('link', { name })).toHaveCount(1)
})
