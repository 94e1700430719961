import { AxeBuilder } from '@axe-core/playwright'
import { expect, test } from '@playwright/test'
import { doStep, leadThrough } from './test/fitting'
import { allStored, base, demoOpening, open } from './test/harvek'

// The day itself, on a phone.

test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })
const A1 = () => demoOpening('A1')

test('a hinged unit from removal to even margins on the phone, the server away in the middle', async ({
  page,
  context,
}) => {
  await open(page, `/openings/${A1()}/fit`)
  // From the card to the first step is one tap; each further step is one, and none scrolls.
  const first = await leadThrough(page, 'Tip the unit in')
  expect(first).toContain('Take the old one out')
  const dialog = page.getByRole('dialog')
  const done = dialog.getByRole('button', { name: /^Done: / })
  await expect(done).toBeInViewport({ ratio: 1 })
  expect((await done.boundingBox())!.height).toBeGreaterThan(120)
  expect((await new AxeBuilder({ page }).analyze()).violations.map(one => one.id)).toEqual([])

  await context.setOffline(true)
  const away = [await doStep(dialog), await doStep(dialog), await doStep(dialog)]
  expect(away).toEqual(['Tip the unit in', 'Hinge leg plumb both ways', 'Frame screws in, loosely'])
  await page.keyboard.press(' ')
  await expect(dialog.getByRole('heading', { name: 'Stands true, unfixed' })).toBeVisible()
  await done.click()
  await expect(dialog.getByRole('alert')).toContainText('Read it first')
  await dialog.getByLabel('Read at: Stands true, unfixed').fill('1/4')
  await done.click()
  await expect(dialog.getByText('Not right yet.')).toBeVisible()
  await dialog.getByLabel('Read at: Stands true, unfixed').fill('1/32')
  await done.click()
  await expect(dialog.getByRole('heading', { name: 'Screw the hinge leg' })).toBeVisible()
  await expect(dialog.locator('[data-due] dt').first()).toHaveText('Middle hinge')
  await context.setOffline(false)
  await dialog.getByRole('button', { name: 'Close' }).click()
  await allStored(page)
  await expect
    .poll(async () => {
      const { log } = await (await page.request.get(`${base()}/api/openings/${A1()}/rows`)).json()
      return log.filter((one: { code: string }) => ['tip-in', 'stands-true'].includes(one.code)).length
    })
    .toBe(3)

  await leadThrough(page, 'Margins even')
  await dialog.getByText('Read the margins, see what to move').click()
  const read = async (name: string, text: string) => {
    await dialog.getByLabel(`Margin: ${name}`).fill(text)
    await dialog.getByLabel(`Margin: ${name}`).press('Enter')
  }
  for (const name of ['Hinge side, top', 'Hinge side, bottom', 'Strike side, top', 'Strike side, bottom'])
    await read(name, name === 'Strike side, top' ? '1/32' : name === 'Hinge side, top' ? '7/32' : '1/8')
  const moves = dialog.locator('[data-moves] li')
  await expect(moves.first()).toBeVisible()
  // Once one is made nothing further is proposed until it is read again.
  const made = dialog.getByRole('button', { name: /^Made: / }).filter({ visible: true })
  // The moves are worked out anew after each margin: a button that is gone under the finger is pressed again.
  await expect(async () => {
    if (await made.count()) await made.first().click()
    await expect(dialog.getByText('Moved since: open and shut the leaf')).toBeVisible({ timeout: 2000 })
  }).toPass()
  for (const name of ['Hinge side, top', 'Hinge side, bottom', 'Strike side, top', 'Strike side, bottom'])
    await read(name, '1/8')
  await expect(dialog.locator('[data-moves="0"]')).toHaveText('Even: nothing to move.')
  await doStep(dialog)
  await dialog.getByRole('button', { name: 'Close' }).click()

  const log = await (await page.request.get(`${base()}/api/openings/${A1()}/fit-log.csv`)).text()
  for (const part of ['move', 'tuned', 'stands-true', 'Tip the unit in']) expect(log).toContain(part)
})

test('two people at one door see each other’s steps', async ({ browser }) => {
  const [one, other] = await Promise.all([browser.newPage(), browser.newPage()])
  // A door no other story sets.
  const at = demoOpening('D6')
  await open(one, `/openings/${at}/fit`)
  await open(other, `/openings/${at}/fit`)
  const next = one.locator('[data-step][data-open="true"]').first()
  const step = await next.getAttribute('data-step')
  await expect(other.locator(`[data-step="${step}"]`)).not.toHaveAttribute('data-state', 'done')
  await next.getByRole('button', { name: /^Done: / }).click()
  await expect(other.locator(`[data-step="${step}"]`)).toHaveAttribute('data-state', 'done', { timeout: 15_000 })
  await one.close()
  await other.close()
})

test.describe('at a desk', () => {
  test.use({ viewport: { width: 1280, height: 800 }, hasTouch: false, isMobile: false })

  test('a pair is made even a leaf at a time, a steel frame by the set screws of its hinges', async ({ page }) => {
    await open(page, `/openings/${demoOpening('D2')}/fit`)
    const panel = page.getByRole('heading', { name: 'Even margins' }).locator('..')
    const [passive, active] = [panel.locator('[data-leaf="passive"]'), panel.locator('[data-leaf="active"]')]
    const read = async (leaf: typeof passive, name: string, text: string) => {
      const field = leaf.getByLabel(`Margin: ${name}`)
      if (!(await field.isVisible())) await leaf.locator('summary', { hasText: 'Read the margins' }).click()
      await field.fill(text)
      await field.press('Enter')
    }
    await expect(passive.getByLabel('Margin: Meeting edge, top')).toHaveCount(0)
    for (const place of ['top', 'middle', 'bottom']) await read(passive, `Hinge side, ${place}`, '1/32')
    for (const place of ['top', 'middle', 'bottom']) await read(active, `Hinge side, ${place}`, '1/8')
    for (const place of ['top', 'bottom']) await read(active, `Meeting edge, ${place}`, '1/4')
    await expect(passive.locator('[data-moves] li').first()).toBeVisible()
    await expect(active.locator('[data-margin="strike.top"]')).not.toContainText('1/4')
    await passive
      .getByRole('button', { name: /^Made: / })
      .first()
      .click()
    await expect(passive.getByText('Moved since: open and shut the leaf')).toBeVisible()
    await expect(active.getByText('Moved since: open and shut the leaf')).toBeVisible()

    await open(page, `/openings/${demoOpening('D7')}/fit`)
    const leaf = page.locator('[data-leaf="one"]')
    for (const [side, text] of [
      ['Hinge side', '1/16'],
      ['Strike side', '3/16'],
    ] as const)
      for (const place of ['top', 'bottom']) await read(leaf, `${side}, ${place}`, text)
    await leaf.locator('summary', { hasText: 'Another aim, other means' }).click()
    await expect(leaf.locator('[data-means="screws"]')).toContainText(/moves?, about \d+ min/)
    await leaf.getByText('Set screws of the hinges').first().click()
    await expect(leaf.locator('[data-moves] li').first()).toContainText(/set screws of the top hinge .* of a turn out/)
  })
})
