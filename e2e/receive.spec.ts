import { expect, test } from '@playwright/test'
import sharp from 'sharp'
import { tellDesk } from './test/control'
import { expectAccessible, pdfText } from './test/harvek'
import { completeEntry, HONEST, releaseAndFollow, standing } from './test/ordering'

test.beforeEach(() => tellDesk(HONEST).then(() => undefined))

const dent = () =>
  sharp({ create: { width: 320, height: 240, channels: 3, background: '#885533' } })
    .png()
    .toBuffer()

test('a delivered unit is looked at: what is wrong opens a claim, what is right lets the old door come out', async ({
  page,
}) => {
  await completeEntry(page, 'Lamp room')
  await releaseAndFollow(page)
  await expect(standing(page)).toHaveText('Acknowledged')
  await page.getByRole('button', { name: /^Receive A1/ }).click()
  const line = page.getByRole('region', { name: 'Line 1' })
  const now = line.getByRole('region', { name: 'Looked at now' })
  const at = (place: string) => line.locator(`[data-place="${place}"]`)
  const read = async (figures: readonly (readonly [string, string])[]) => {
    for (const [place, text] of figures) {
      await at(place).click()
      await now.getByRole('textbox').fill(text)
      await page.keyboard.press('Enter')
      await expect(at(place)).toContainText(/\d/)
    }
  }
  const hand = async () => {
    await at('hinges').click()
    await now.getByRole('button', { name: 'Right', exact: true }).click()
    await now.getByRole('button', { name: 'In', exact: true }).click()
  }
  await expect(now.getByRole('heading')).toHaveText('Hinge side')
  await expect(now).toContainText('ordered Right')
  await at('width.top').click()
  await expect(now).toContainText('ordered 37 1/2 in')
  await read([
    ['width.top', '37 1/2'],
    ['width.middle', '37-1/2"'],
    ['width.bottom', '37 5/8'],
    ['height.left', '81.75'],
  ])
  await now.getByRole('textbox').fill('-81 3/4')
  await page.keyboard.press('Enter')
  await expect(now.getByText('“-81 3/4” is negative')).toBeVisible()
  await now.getByRole('textbox').fill('91 3/4')
  await page.keyboard.press('Enter')
  await expect(now.getByText('That is 10 in more than ordered.')).toBeVisible()
  await read([
    ['height.right', '2076.5 mm'],
    ['jamb', 'four and nine sixteenths'],
  ])
  await line.getByLabel('Where on it').fill('leaf, outside, lower left')
  await line.getByRole('button', { name: 'Note it' }).click()
  await page.reload()
  await page.getByRole('button', { name: /^Receive A1/ }).click()
  await expect(line.locator('[data-damage="dent"]')).toBeVisible()
  await expect(at('height.right')).toContainText('81 3/4')
  const chooser = page.waitForEvent('filechooser')
  await line.getByRole('button', { name: 'Choose photos' }).click()
  await (await chooser).setFiles({ name: 'dent.png', mimeType: 'image/png', buffer: await dent() })
  await expect(line.locator('[data-photo]')).toHaveCount(1)
  await hand()
  await expect(page.locator('[data-found="receipt-size"]')).toContainText(
    'Width, bottom: 37 5/8 in instead of 37 1/2 in',
  )
  await expectAccessible(page)
  await page.getByLabel('Note').fill('photo taken')
  await page.getByRole('button', { name: 'On hold: store it' }).click()
  await expect(page.locator('[data-receipt="hold"]')).toBeVisible()
  await expect(page.getByText('Do not remove the old door until this unit is accepted.')).toBeVisible()
  const claim = await pdfText(page, (await page.getByRole('link', { name: /^Claim note/ }).getAttribute('href'))!)
  for (const part of [
    'Claim, order H-',
    'Width, bottom: 37 5/8 in instead of 37 1/2 in',
    'photo taken',
    'Dent: leaf, outside, lower left',
    'Please say by return',
    'The delivered unit, Ida Marlow',
  ])
    expect(claim).toContain(part)
  const claimed = line.locator('[data-claim]')
  await expect(claimed).toHaveText('The supplier does not know of it yet.')
  await line.getByRole('button', { name: /^Send the claim to/ }).click()
  await expect(claimed).toHaveText(/^The supplier replaces it by 20\d\d-\d\d-\d\d: “We are sorry; it is on its way.”/)
  await expect(standing(page)).toHaveText('Acknowledged')
  await page.getByRole('button', { name: /again$/ }).click()
  await read([
    ['width.top', '37 1/2'],
    ['width.middle', '37 1/2'],
    ['width.bottom', '37 9/16'],
    ['height.left', '81 3/4'],
    ['height.right', '81 3/4'],
    ['jamb', '4 9/16'],
  ])
  await hand()
  await expect(page.locator('[data-found="receipt-as-ordered"]')).toBeVisible()
  await page.getByRole('button', { name: 'Accepted: store it' }).click()
  await expect(standing(page)).toHaveText('Received')
  await expect(claimed).toHaveText('The claim is settled: the unit was accepted since.')
  await expect(page.getByText('Do not remove the old door until this unit is accepted.')).toHaveCount(0)
})
