import { expect, type Page, test } from '@playwright/test'
import { tellDesk } from './test/control'
import { leadThrough } from './test/fitting'
import { open, pdfText, stage } from './test/harvek'
import { openingLike } from './test/opening-like'
import { goOnAll, HONEST, releaseAndFollow, standing } from './test/ordering'

test.beforeEach(() => tellDesk(HONEST).then(() => undefined))

/** Whether it is settled by what was found on site. */
const isFound = async (unsaid: Promise<string | null>): Promise<boolean> =>
  ((await unsaid) ?? '').startsWith('as found')

/** Settles what the unit's sheet leaves open: the first that is offered. */
async function settleAll(page: Page): Promise<void> {
  const settle = page.locator('section', { has: page.getByRole('heading', { name: 'To settle', exact: true }) })
  for (const select of await settle.locator('select').all())
    if ((await select.inputValue()) === '' && !(await isFound(select.locator('option').first().textContent())))
      await select.selectOption({ index: 1 })
  for (const input of await settle.locator('input').all())
    if ((await input.inputValue()) === '' && !(await isFound(input.getAttribute('placeholder')))) {
      await input.fill('as the sample')
      await input.blur()
    }
}

/** Walks round the delivered unit and finds everything as it was ordered. */
async function findAllRight(page: Page): Promise<void> {
  const line = page.getByRole('region', { name: 'Line 1' })
  const now = line.getByRole('region', { name: 'Looked at now' })
  const places = line.locator('[data-place]')
  for (const place of await places.all()) {
    await place.click()
    const ordered = ((await now.locator('.ordered').textContent()) ?? '').replace(/^ordered /, '').replace('⁄', '/')
    const field = now.getByRole('textbox')
    if (await field.count()) {
      if (ordered === '') continue
      await field.fill(ordered.replace(/^≈ /, ''))
      await page.keyboard.press('Enter')
    } else if (ordered) await now.getByRole('button', { name: ordered, exact: true }).click()
    else await now.getByRole('button', { name: 'Right', exact: true }).click()
  }
}

// Each way of setting is led through once here, the hinged unit on the phone; every list is held by a table of its own.
const KINDS: readonly (readonly [tag: string, kind: string, ends: string, led: readonly string[]])[] = [
  ['A1', 'hinged outside', 'It waits', []],
  ['C5', 'pair', 'It waits', ['Print the bolts', 'One screw at the meeting point', 'Strike on the astragal']],
  ['C6', 'sidelights', 'It waits', []],
  ['A6', 'storm', 'All steps are done', ['Drill for the handle', 'Closer']],
  ['C1', 'slider', 'It waits', ['Level the sill', 'Level the panel on its rollers', 'Keeper']],
  ['B2', 'steel leaf', 'All steps are done', []],
  ['B3', 'steel frame', 'All steps are done', ['Strike leg in, at an angle', 'Tension screws', 'All anchors']],
  ['C2', 'inside', 'All steps are done', []],
  ['C3', 'lock set', 'All steps are done', ['Bore for the bolt', 'Dust box']],
]

/** Those that are gone through on a phone, by touch. */
const ON_A_PHONE = ['A6', 'C5']
const PHONE = { viewport: { width: 390, height: 664 }, hasTouch: true, isMobile: true } as const

for (const [tag, kind, ends, led] of KINDS)
  test.describe(ON_A_PHONE.includes(tag) ? 'on a phone' : 'on a laptop', () => {
    test.use(ON_A_PHONE.includes(tag) ? PHONE : {})
    test(`${kind}: looked at, ordered, acknowledged, received as it was ordered, and set`, async ({ page }) => {
      test.slow()
      const { id } = await openingLike(page, tag)
      await open(page, `/openings/${id}/measure`)
      await page.getByText(/^The first look/).click()
      await page.getByRole('checkbox', { name: 'Draft' }).check()
      await expect(page.getByText(/^The first look: \d+ said/)).toBeVisible()

      await stage(page, 'Order')
      const choose = page.locator('[data-article]').getByRole('button', { name: /^Choose / })
      await choose.first().click()
      // What is to be settled of it stands beside it.
      await expect(page.getByRole('heading', { name: / chosen$/ })).toBeVisible()
      await settleAll(page)
      await goOnAll(page, 'agreed with the customer')
      const release = page.getByRole('button', { name: 'Release the order' })
      await expect(
        release,
        await page
          .locator('[data-severity="stop"]')
          .allTextContents()
          .then(all => all.join(' | ')),
      ).toBeEnabled()
      await releaseAndFollow(page)
      await page.getByRole('button', { name: 'Try now' }).click()
      await expect(standing(page)).toHaveText('Acknowledged')
      const order = page.url().split('/').at(-1)
      const sheet = await pdfText(page, `/api/orders/${order}/sheet.pdf`)
      expect(sheet).not.toMatch(/\$|agreed price/i)

      await page.getByRole('button', { name: /^Receive / }).click()
      await findAllRight(page)
      await expect(page.locator('[data-found="receipt-as-ordered"]')).toBeVisible()
      await page.getByRole('button', { name: 'Accepted: store it' }).click()
      await expect(standing(page)).toHaveText('Received')
      await open(page, `/openings/${id}/fit`)
      await expect(page.getByText('was not looked at')).toHaveCount(0)
      if (led.length) {
        const steps = await leadThrough(page)
        for (const name of led) expect(steps).toContain(name)
        const dialog = page.getByRole('dialog')
        await expect(dialog.getByRole('heading', { name: ends, exact: true })).toBeVisible()
        // Where nothing of its kind is sealed, the tests follow.
        if (ends === 'All steps are done')
          await expect(
            dialog.getByRole('button', { name: tag === 'C3' ? 'Hand over' : 'Seal', exact: true }),
          ).toBeVisible()
      }
      expect(await pdfText(page, `/api/openings/${id}/fit.pdf`)).toContain(`Fit card: ${tag}`)
    })
  })
