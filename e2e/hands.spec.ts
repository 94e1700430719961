import { expect, type Page, test } from '@playwright/test'
import { GLOSSARY } from '../src/words/glossary'
import { allStored, demoOpening, expectAccessible, field, newOpening, open, ready, stage } from './test/harvek'

// How a sheet is held: the drawing that folds, the bar at the foot, the words that explain themselves, the first walk.

const fold = (page: Page) => page.evaluate(() => document.documentElement.dataset.fold)
const middle = (page: Page) => page.locator('.middle')
const heightOf = async (page: Page) => (await middle(page).boundingBox())!.height

/** Pulls the grip of the drawing so far, as a finger does. */
async function pull(page: Page, by: number): Promise<void> {
  const grip = (await page.locator('.grip').boundingBox())!
  const [x, y] = [grip.x + grip.width / 2, grip.y + grip.height / 2]
  await page.mouse.move(x, y)
  await page.mouse.down()
  for (let i = 1; i <= 6; i++) await page.mouse.move(x, y + (by * i) / 6)
  await page.mouse.up()
}

/** How high the drawing is, and how much is left free between it and what follows. */
const edges = (page: Page) =>
  page.evaluate(() => {
    const box = (of: string) => document.querySelector(of)!.getBoundingClientRect()
    const [drawing, ladder] = [box('.middle'), box('.ladder')]
    return { drawn: Math.round(drawing.height), between: Math.round(ladder.top - drawing.bottom) }
  })

/** Where the ladder begins, and the first thing one does in it. */
const tops = (page: Page) =>
  page.evaluate(() =>
    ['.ladder', '.ladder > .next button'].map(of => {
      const one = document.querySelector(of)
      return one === null ? null : Math.round(one.getBoundingClientRect().top)
    }),
  )

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 664 }, hasTouch: true, isMobile: true })
  test('the drawing folds to a strip and opens by a pull, a tap or a key, stays so over a reload, and shows one view at a time', async ({
    page,
  }) => {
    await open(page, `/openings/${demoOpening('A1')}/fit`)
    const half = await heightOf(page)
    await page.getByRole('button', { name: 'Fold the drawing' }).tap()
    await expect.poll(() => heightOf(page)).toBeLessThan(60)
    await page.reload()
    await ready(page)
    expect(await fold(page)).toBe('strip')
    expect(await heightOf(page)).toBeLessThan(60)
    await pull(page, 180)
    await expect.poll(() => heightOf(page)).toBe(half)
    await pull(page, 260)
    expect(await fold(page)).toBe('tall')
    await pull(page, -600)
    expect(await fold(page)).toBe('strip')
    await page.getByRole('button', { name: 'Pull the drawing out' }).press('Enter')
    expect(await fold(page)).toBe('open')
    await expect(page.locator('svg[data-scene="elevation"]')).toBeVisible()
    await page.getByRole('button', { name: 'Plan', exact: true }).tap()
    await expect(page.locator('svg[data-scene="elevation"]')).toHaveCount(0)
    await expect(page.locator('svg[data-scene="plan"]')).toBeVisible()
    await expectAccessible(page)
  })

  test('what follows a folded drawing follows it at once, whatever is asked', async ({ page }) => {
    await page.addInitScript(() => localStorage.setItem('harvek-drawing', 'strip'))
    for (const [tag, stage] of [
      ['A1', 'measure'],
      ['A1', 'seal'],
      ['D2', 'measure'],
    ] as const) {
      await open(page, `/openings/${demoOpening(tag)}/${stage}`)
      await expect.poll(() => edges(page), `${tag} ${stage}`).toEqual({ drawn: 49, between: 0 })
    }
  })

  test('what stands on a sheet stands there before the rest of the page has come', async ({ page }) => {
    for (const [tag, stage] of [
      ['A1', 'measure'],
      ['A1', 'seal'],
      ['D2', 'measure'],
      ['C4', 'specify'],
      ['A6', 'fit'],
    ] as const) {
      const path = `/openings/${demoOpening(tag)}/${stage}`
      // The page as it is when its ladder is there and its drawing is not, without any script.
      await page.route(`**${path}`, async route => {
        const whole = await (await route.fetch()).text()
        const until = whole.search(/<div[^>]*class="[^"]*\bmiddle"/)
        expect(until).toBeGreaterThan(0)
        await route.fulfill({
          contentType: 'text/html; charset=utf-8',
          body: whole.slice(0, until).replace(/<script.*?<\/script>/gs, ''),
        })
      })
      await page.goto(`${process.env.HARVEK_BASE}${path}`)
      const before = await tops(page)
      await page.unroute(`**${path}`)
      await open(page, path)
      expect([tag, stage, await tops(page)]).toEqual([tag, stage, before])
    }
  })

  test('stages stay in reach and begin at their top; a reading chosen far down has its field in sight', async ({
    page,
  }) => {
    await open(page, `/openings/${demoOpening('D2')}/measure`)
    const row = page.locator('[data-slot]').last()
    await row.scrollIntoViewIfNeeded()
    await row.tap()
    await expect(field(page).or(page.locator('.answers')).first()).toBeInViewport({ ratio: 1 })
    await page.evaluate(() => scrollTo(0, 5000))
    await expect(page.getByRole('navigation', { name: 'Stages' })).toBeInViewport({ ratio: 1 })
    await stage(page, 'Fit')
    await ready(page)
    await expect(middle(page)).toBeInViewport()
    await expect(page.getByRole('heading', { name: 'Step by step' })).toBeInViewport()
  })

  test('what is read next has its field clear of the bar, whatever stands above it', async ({ page }) => {
    // All read, nothing read yet after the fitting, a door that stays, and a lock.
    for (const [tag, one] of [
      ['A1', 'measure'],
      ['A5', 'seal'],
      ['C4', 'seal'],
      ['C3', 'measure'],
    ] as const) {
      await open(page, `/openings/${demoOpening(tag)}/${one}`)
      const asked = (await field(page).or(page.locator('[aria-label="Reading now"] .answers')).first().boundingBox())!
      const bar = (await page.getByRole('complementary', { name: 'What is stored' }).boundingBox())!
      expect([tag, one, asked.y + asked.height <= bar.y]).toEqual([tag, one, true])
    }
  })

  test('a line of the drawing is tapped where its figure has no room, enlarged by two fingers too', async ({
    page,
  }) => {
    await open(page, `/openings/${demoOpening('A3')}/measure`)
    const drawing = page.locator('svg[data-scene="elevation"]')
    const tap = async (id: string) => {
      const line = (await page.locator(`g[data-id="${id}"]`).first().boundingBox())!
      // Clear of the middle, where widths and diagonals cross it.
      await page.touchscreen.tap(line.x + line.width / 2, line.y + line.height * 0.6)
      await expect(page.locator(`[data-slot="${id}"]`)).toHaveAttribute('aria-current', 'true')
    }
    await expect(page.locator('[data-id="trim-off/heights.left"] text')).toHaveCount(0)
    await tap('trim-off/heights.left')
    const box = (await drawing.boundingBox())!
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2]
    const session = await page.context().newCDPSession(page)
    const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', apart: number | null) =>
      session.send('Input.dispatchTouchEvent', {
        type,
        touchPoints: apart === null ? [] : [-1, 1].map((side, id) => ({ x: x + side * apart, y, id })),
      })
    await touch('touchStart', 15)
    for (let apart = 16; apart <= 24; apart++) await touch('touchMove', apart)
    await touch('touchEnd', null)
    await expect(drawing.locator('> g')).toHaveAttribute('transform', /scale\(1\.6/)
    expect(await page.evaluate(() => visualViewport?.scale)).toBe(1)
    await tap('trim-off/heights.right')
  })

  test('turned in the middle of an entry nothing is lost, and lying on its side the keypad is whole beside the drawing', async ({
    page,
  }) => {
    await newOpening(page, `Turned ${Date.now()}`, 'Chart room', 'The leaf itself')
    await page.getByRole('button', { name: 'Keypad' }).tap()
    const key = (name: string) =>
      page.getByRole('group', { name: 'Keypad' }).getByRole('button', { name, exact: true }).tap()
    await key('3')
    await key('6')
    await page.setViewportSize({ width: 844, height: 390 })
    await expect(field(page)).toHaveValue('36')
    for (const name of ['7', 'take', 'strong'])
      await expect(
        page.getByRole('group', { name: 'Keypad' }).getByRole('button', { name, exact: true }),
      ).toBeInViewport({ ratio: 1 })
    await key('1/8')
    await page.setViewportSize({ width: 390, height: 664 })
    await expect(field(page)).toHaveValue('36 1/8')
    await key('take')
    await expect(page.locator('[data-slot="core/widths.bottom"]')).toContainText('36')
    await allStored(page)
  })
})

test('a word of the trade says what it means where it stands, with its picture; the book has those of the page and all others', async ({
  page,
}) => {
  await open(page, `/openings/${demoOpening('A1')}/measure`)
  await page.locator('[data-slot="floor.finished"]').click()
  const term = page.locator('.how .term', { hasText: 'sub-sill' })
  await term.click()
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByRole('status')).toHaveText(GLOSSARY['sub-sill']!.says)
  await expect(dialog.locator('svg [data-id="sub-sill"]')).toHaveCount(1)
  await dialog
    .getByRole('list', { name: 'On this page' })
    .getByRole('button', { name: 'threshold', exact: true })
    .click()
  await expect(dialog.getByRole('status')).toHaveText(GLOSSARY.threshold!.says)
  await expectAccessible(page)
  await page.keyboard.press('Escape')
  await expect(dialog).toHaveCount(0)
  await page.getByRole('button', { name: 'Words of the trade' }).press('Enter')
  const all = await dialog.locator('ul[aria-label] button').count()
  expect(all).toBe(Object.keys(GLOSSARY).length)
  await page.keyboard.press('Escape')

  // In the name of a question it answers nothing, and is no stop on the way from field to field.
  await stage(page, 'Specify')
  const question = page.getByRole('radiogroup', { name: 'Hinges, seen from outside' })
  const before = await question.getByRole('radio', { checked: true }).getAttribute('value')
  await question.locator('.term').click()
  await expect(dialog.getByRole('status')).toHaveText(GLOSSARY.hinge!.says)
  await page.keyboard.press('Escape')
  expect(await question.locator('.term').evaluate((one: HTMLElement) => one.tabIndex)).toBe(-1)
  expect(await question.getByRole('radio', { checked: true }).getAttribute('value')).toBe(before)

  // A field is still what its name is of.
  await open(page, '/catalogue')
  await page.getByText('Enter one unit by hand').click()
  const jamb = page.getByLabel('Jamb, if said', { exact: true })
  await jamb.fill('4 9/16')
  await page
    .locator('label', { hasText: /^Jamb, if said/ })
    .locator('.term')
    .click()
  await expect(dialog.getByRole('status')).toHaveText(GLOSSARY.jamb!.says)
  await page.keyboard.press('Escape')
  await expect(jamb).toHaveValue('4 9/16')
})

test('the first walk goes through an opening from stage to stage, goes on after a reload, is left at any moment, and is not offered again', async ({
  page,
}) => {
  await open(page, '/')
  const offer = page.getByRole('complementary', { name: 'First walk' })
  await offer.getByRole('link').click()
  const card = page.getByRole('region', { name: 'First walk' })
  await expect(card).toContainText('1 of 9')
  await expect(page.locator('.middle[data-walked]')).toHaveCount(1)
  for (let i = 0; i < 3; i++) await card.getByRole('button', { name: 'Go on' }).click()
  await expect(page).toHaveURL(/diagnose$/)
  await expectAccessible(page)
  await page.reload()
  await expect(card).toContainText('4 of 9')
  await card.getByRole('button', { name: 'Back to the stop before' }).click()
  await expect(page).toHaveURL(/measure$/)
  await page.keyboard.press('Escape')
  await expect(card).toHaveCount(0)
  await open(page, '/')
  await expect(offer).toBeHidden()
  // A door that stays has no stops where nothing is done.
  await page.evaluate(() => localStorage.setItem('harvek-walk', '0'))
  await open(page, `/openings/${demoOpening('C4')}/measure`)
  await expect(card).toContainText(/1 of [678]/)
})
