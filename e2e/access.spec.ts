import { expect, type Page, test } from '@playwright/test'
import { demoOpening, expectAccessible, expectRead, field, newOpening, open, stage } from './test/harvek'

test.describe('axe finds nothing', () => {
  // Every page and every kind's sheet is looked at with their boxes, in look.spec.ts. Only looked at: one browser's page goes from one address to the next.
  let page: Page
  test.beforeAll(async ({ browser }) => {
    page = await browser.newPage()
  })
  test.afterAll(() => page.close())
  for (const [tag, one] of [
    ['A2', 'order'],
    ['C4', 'order'],
    ['A5', 'handover'],
  ] as const) {
    test(`on ${tag} at ${one}`, async () => {
      await open(page, `/openings/${demoOpening(tag)}/${one}`)
      await expectAccessible(page)
    })
  }
  for (const light of ['cellar', 'sun']) {
    test(`in the light of ${light}`, async () => {
      await open(page, `/openings/${demoOpening('A3')}/measure`)
      await page.getByLabel('Light').selectOption(light)
      await page.getByRole('button', { name: 'Keypad' }).click()
      await expectAccessible(page)
      await stage(page, 'Specify')
      await expectAccessible(page)
    })
  }
})

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } })
  test('a reading is taken on the keypad with gloves: every key is 44 px', async ({ page }) => {
    await newOpening(page, `Gloves ${Date.now()}`, 'Fish store', 'The leaf itself')
    await page.getByRole('button', { name: 'Keypad' }).click()
    for (const key of ['3', '5', '7/8', 'strong'])
      await page.getByRole('group', { name: 'Keypad' }).getByRole('button', { name: key, exact: true }).click()
    await expect(field(page)).toHaveValue('35 7/8+')
    const sizes = await page
      .getByRole('group', { name: 'Keypad' })
      .getByRole('button')
      .evaluateAll(all => all.map(one => one.getBoundingClientRect().height))
    expect(Math.min(...sizes)).toBeGreaterThanOrEqual(44)
    await page.getByRole('group', { name: 'Keypad' }).getByRole('button', { name: 'take' }).click()
    await expect(page.locator('[data-slot="core/widths.bottom"]')).toContainText('35')
    await expect(page.locator('[data-slot="core/widths.bottom"]')).toHaveAttribute('data-storing', 'stored')
  })
})

test('field, ladder and drawing stay where they are from one reading to the next', async ({ page }) => {
  await open(page, `/openings/${demoOpening('C1')}/measure`)
  const places = async () =>
    page.evaluate(() =>
      ['section[aria-label="Reading now"]', 'ol[aria-label^="Readings"]', '.elevation svg'].map(selector => {
        const { top, left } = document
          .querySelector(selector)!
          .closest('.scroll, section, .elevation')!
          .getBoundingClientRect()
        return [top, left].map(Math.round)
      }),
    )
  await page.locator('[data-slot]').first().click()
  const first = await places()
  const fieldTop = async () => Math.round((await field(page).boundingBox())!.y)
  const top = await fieldTop()
  for (let i = 0; i < 14; i++) {
    await page.getByRole('button', { name: 'Next reading' }).click()
    expect(await places()).toEqual(first)
    expect(await fieldTop()).toBe(top)
  }
})

test('the sheet works by keyboard alone', async ({ page }) => {
  await newOpening(page, `Keys ${Date.now()}`, 'Watch house', 'The leaf itself')
  await expect(field(page)).toBeFocused()
  await page.keyboard.press('Escape')
  await expect(field(page)).not.toBeFocused()
  await page.keyboard.press('n')
  await expect(field(page)).toBeFocused()
  for (const typed of ['36', '36', '36', '80', '80']) {
    await page.keyboard.type(typed)
    await page.keyboard.press('Enter')
  }
  await expectRead(page, 5, 'core')
  await page.keyboard.type('4')
  await expect(field(page)).toHaveValue('4')
  await page.keyboard.press('Tab')
  await page.keyboard.press('3')
  await expect(page).toHaveURL(/specify$/)
  await page.getByRole('radio', { name: 'Left' }).focus()
  await page.keyboard.press('Space')
  await expect(page.getByRole('radio', { name: 'Left' })).toBeChecked()
  const why = page.getByRole('button', { name: 'Why Unit width?' })
  await why.focus()
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-figure="Unit width"]')).toContainText('Leaf to unit, width')
  await page.keyboard.press('2')
  await expect(page).toHaveURL(/diagnose$/)
  const slider = page.getByRole('slider')
  await slider.focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByText('9×')).toBeVisible()
  await page.locator('body').press('Escape')
  await page.getByRole('button', { name: 'Keys' }).press('Enter')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.getByText('Single keys act').click()
  await page.getByRole('button', { name: 'Close' }).press('Enter')
  await page.getByRole('button', { name: 'Keys' }).press('5')
  await expect(page).toHaveURL(/diagnose$/)
})

test('drawing, ladder and finding light up together', async ({ page }) => {
  await open(page, `/openings/${demoOpening('A3')}/measure`)
  const figure = await page.locator('[data-id="trim-off/widths.top"] text').boundingBox()
  await page.mouse.click(figure!.x + figure!.width / 2, figure!.y + figure!.height / 2)
  await expect(page.locator('[data-slot="trim-off/widths.top"]')).toHaveAttribute('aria-current', 'true')
  await expect(page.locator('section[aria-label="Reading now"] h2')).toHaveText('Width, top')
  await expect(page.locator('g[data-id="trim-off/widths.top"][role=button]')).toHaveAttribute('aria-pressed', 'true')
  await page.locator('[data-slot="trim-off/heights.left"]').click()
  await expect(page.locator('g[data-id="trim-off/heights.left"][role=button]')).toHaveAttribute('aria-pressed', 'true')
})
