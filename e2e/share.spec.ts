import { type Browser, expect, type Page, test } from '@playwright/test'
import { allStored, base, demoOpening, expectAccessible, open, pdfText, stage } from './test/harvek'

// A customer chooses and signs by a link of their own, on a browser that knows nobody; once it is ended it shows nothing.

const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true }

/** A browser that was never here. */
async function clean(browser: Browser, more: object = {}): Promise<Page> {
  return (await browser.newContext({ ...more, serviceWorkers: 'block' })).newPage()
}

async function makeLink(page: Page): Promise<string> {
  await page.getByText(/^Let the customer/).click()
  await page.getByRole('button', { name: 'Make a link' }).click()
  return page.locator('input[data-link]').inputValue()
}

/** Draws a name into the field. */
async function draw(page: Page): Promise<void> {
  const pad = page.getByRole('img', { name: 'Sign here' })
  await pad.scrollIntoViewIfNeeded()
  const box = (await pad.boundingBox())!
  await page.mouse.move(box.x + 30, box.y + 60)
  await page.mouse.down()
  for (let i = 1; i <= 12; i++) await page.mouse.move(box.x + 30 + i * 14, box.y + 60 + (i % 2) * 25)
  await page.mouse.up()
}

test('a customer chooses a door in their own opening on a phone, signs, and after it is ended nobody sees it', async ({
  page,
  browser,
}) => {
  await open(page, `/openings/${demoOpening('C5')}/order`)
  await page.locator('[data-article]').first().waitFor()
  const link = await makeLink(page)
  expect(link).toMatch(/\/s\/[\w-]{43}$/)

  const customer = await clean(browser, PHONE)
  await customer.goto(link)
  await customer.locator('[data-choice]').first().waitFor()
  expect(await customer.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBe(0)
  await expectAccessible(customer)
  const first = customer.locator('[data-choice]').first()
  const article = (await first.getAttribute('data-choice'))!

  // Nothing is signed that is not whole, and what was typed stays.
  const act = () => customer.locator('form button[type="submit"]').click()
  await act()
  await expect(customer.getByText('Choose one of them first.')).toBeVisible()
  await first.getByRole('button', { name: `Choose ${article}` }).click()
  const colours = first.getByRole('group', { name: /^Colour of/ }).getByRole('button')
  const colour = (await colours.count()) > 0 ? ((await colours.nth(1).textContent()) ?? '') : ''
  if (colour) await colours.nth(1).click()
  await customer.getByLabel('Your name').fill('W')
  await act()
  await expect(customer.locator('form [role="alert"]')).toHaveText(/Type your name/)
  await customer.getByLabel('Your name').fill('Piers <b>Lomax</b>')
  await act()
  await expect(customer.locator('form [role="alert"]')).toHaveText(/Sign in the field/)
  await draw(customer)
  await customer.getByLabel(/^Why this one/).fill('=1+1, and the light.')
  await act()
  await expect(customer.locator('[data-signed]')).toContainText(article)
  await expect(customer.locator('[data-signed]')).toContainText('Piers <b>Lomax</b>')
  await customer.reload()
  await expect(customer.locator('[data-signed]')).toContainText('=1+1, and the light.')
  await expect(customer.getByRole('button', { name: /^Choose/ })).toHaveCount(0)

  // A second window with the same link can’t sign again.
  const token = link.split('/').at(-1)!
  const again = await page.request.post(`${base()}/api/shared/${token}`, {
    data: { name: 'Somebody', choice: 'repair', colour: '', reason: '', strokes: [], typedStands: true },
  })
  expect([409, 422]).toContain(again.status())

  // The firm sees it where it orders, takes it, and can’t order another without saying why.
  await page.reload()
  const note = page.getByRole('region', { name: 'What was signed' })
  await expect(note).toContainText('Piers <b>Lomax</b> signed for')
  if (colour) await expect(note).toContainText(colour)
  await note.getByRole('button', { name: 'Take what was signed' }).click()
  await allStored(page)
  await expect(note.getByRole('button')).toHaveCount(0)

  // Its paper says the same; the trainee sees neither prices nor the paper.
  const text = await pdfText(page, `/api/shared/${token}/paper.pdf`)
  for (const part of [article, 'Piers <b>Lomax</b>', 'In all', 'by the link']) expect(text).toContain(part)

  await page.getByText(/^Let the customer/).click()
  await page.getByRole('button', { name: 'End its link' }).click()
  await expect(page.locator('[data-share][data-open="false"]').first()).toContainText(/its link is ended/)
  await customer.reload()
  await expect(customer.getByRole('heading')).toHaveText('This link opens nothing')
  await expect(customer.locator('body')).not.toContainText(/Larkspur|Sandmartin|Lomax/)
  expect((await page.request.get(`${base()}/api/shared/${token}/paper.pdf`)).status()).toBe(404)
  await customer.context().close()
})

test('a link nobody made opens nothing, and says no more', async ({ page }) => {
  for (const path of ['/s/nothing', `/s/${'a'.repeat(43)}`, '/s/..%2f..', `/s/${'x'.repeat(3000)}`]) {
    await page.goto(`${base()}${path}`)
    await expect(page.locator('body')).not.toContainText(/Larkspur|Sandmartin/)
  }
  const body = { name: 'Somebody', choice: 'record', colour: '', reason: '', strokes: [], typedStands: true }
  const answer = await page.request.post(`${base()}/api/shared/${'a'.repeat(43)}`, { data: body })
  expect([answer.status(), (await answer.json()).code]).toEqual([404, 'no-link'])
})

test('nobody of the firm can note a customer’s choice themselves', async ({ page }) => {
  const forged = {
    id: '01900000-0000-7000-8000-00000000f0f0',
    kind: 'choice',
    code: 'record',
    result: 'signed',
    value: null,
    text: '',
    by: 'Wanda Selby',
    at: '2026-11-27T10:00:00.000Z',
  }
  const answer = await page.request.post(`${base()}/api/openings/${demoOpening('A4')}/log`, { data: [forged] })
  expect([answer.status(), (await answer.json()).code]).toEqual([422, 'not-taken'])
})

test('a door is tested on a phone place by place; one that fails is cured and tested again; the record is signed there', async ({
  browser,
}) => {
  test.slow()
  const page = await clean(browser, PHONE)
  // A door that stays, all sealed: what is left is to prove it.
  const id = demoOpening('D10')
  await open(page, `/openings/${id}/handover`)
  await expect(page.getByText(/tests open$/)).toBeVisible()
  await page.getByText('Let the customer read and sign').click()
  await expect(page.getByText(/^Not yet: \d+ tests are open\.$/)).toBeVisible()
  await expect(page.getByRole('button', { name: 'Make a link' })).toBeDisabled()

  // What wants a figure has no other way, and odd input is said and kept.
  const latches = page.locator('[data-test="latches"]')
  await expect(latches.getByRole('button', { name: /^Passed/ })).toHaveCount(0)
  await latches.getByRole('textbox').first().fill('soft')
  await latches.getByRole('button', { name: 'Take: Closes and latches' }).click()
  await expect(latches.getByRole('alert')).toContainText('“soft” is no number')
  await latches.getByRole('textbox').first().fill('75')
  await latches.getByRole('button', { name: 'Take: Closes and latches' }).click()
  await expect(latches).toHaveAttribute('data-result', 'failed')
  await expect(page.getByText(/Test failed: Closes and latches: 75/)).toBeVisible()
  await expect(page.getByText('Choose a lighter seal.')).toBeVisible()
  await latches.getByRole('textbox').first().fill('40')
  await latches.getByRole('button', { name: 'Take: Closes and latches' }).click()
  await expect(latches).toHaveAttribute('data-result', 'passed')

  // The strip is read at three heights: in range, and yet not alike, is a twist.
  const contact = page.locator('[data-test="contact"]')
  const touch = async (at: number, width: string) => {
    const part = contact.locator('[data-part]').nth(at)
    await part.getByRole('textbox').first().fill(width)
    await part.getByRole('button', { name: /^Take:/ }).click()
  }
  await touch(0, '3/8')
  await touch(1, '1/2')
  await touch(2, '3/8')
  await expect(page.getByText(/more at one height than at another/)).toBeVisible()
  await contact.getByRole('button', { name: /^Test again/ }).click()
  await touch(1, '7/16')
  await expect(contact).toHaveAttribute('data-result', 'passed')

  // What the door is otherwise asked is looked at.
  for (const test of ['bill', 'no-light', 'hose']) {
    const item = page.locator(`[data-test="${test}"]`)
    if ((await item.count()) > 0 && (await item.getAttribute('data-result')) === 'open')
      await item
        .getByRole('button', { name: /^Passed/ })
        .first()
        .click()
  }
  const air = page.locator('[data-test="air"] [data-part]')
  for (let i = 0; i < (await air.count()); i++)
    await air
      .nth(i)
      .getByRole('button', { name: /^still/i })
      .first()
      .click()
  await expect(page.getByText('Ready to hand over')).toBeVisible()
  await allStored(page)
  await expectAccessible(page)

  // Signed on this very device, beside whoever is there.
  await page.getByText('Handed over with').click()
  await page.getByRole('textbox', { name: 'Keys' }).fill('2 keys')
  await page.getByRole('button', { name: 'Note: Keys' }).click()
  await allStored(page)
  await page.getByRole('button', { name: 'Make a link' }).click()
  const here = await page.getByRole('link', { name: 'Sign here, on this device' }).getAttribute('href')
  await open2(page, here!)
  await expect(page.getByRole('heading', { name: 'Tests' })).toBeVisible()
  await expect(page.getByText('2 keys')).toBeVisible()
  await expectAccessible(page)
  await page.getByLabel('Your name').fill('Orla Fenn')
  await page.getByLabel('My typed name stands for my signature').check()
  await page.getByRole('button', { name: /I have read it/ }).click()
  await expect(page.locator('[data-signed]')).toContainText('Orla Fenn')
  await expect(page.locator('[data-signed]')).toContainText(/beside \w+/)

  const record = await pdfText(page, `/api/openings/${id}/record.pdf`)
  for (const part of ['Orla Fenn', '2 keys', 'Weatherstrip contact, middle', '40 N', 'Larkspur'])
    expect(record).toContain(part)
  await page.context().close()
})

/** A page that is not the firm’s own says nothing of being ready. */
async function open2(page: Page, path: string): Promise<void> {
  await page.goto(`${base()}${path}`)
  await page.locator('main').waitFor()
}

test('a call-back finds its cause from the file, is cured and stands on the door’s line of time', async ({ page }) => {
  const id = demoOpening('A5')
  await open(page, '/due')
  await expectAccessible(page)
  await page.getByRole('region', { name: 'Call-backs' }).getByRole('link').first().click()
  await page.getByText('Draft, mostly low at the latch').first().waitFor()
  const call = page.locator('[data-call="draft-low"]')
  const first = () => call.locator('[data-cause]').first()
  await expect(first()).toContainText(/at hand-over, near its limit/)
  await expect(first()).toHaveAttribute('data-cause', 'strike-off')

  // Read again there: out of what is wanted weighs more than anything that was near it.
  await call.getByText('Read the margins again').click()
  const strike = call.locator('.margins input').nth(5)
  await strike.fill('0x')
  await page.keyboard.press('Enter')
  await expect(call.getByRole('alert')).toBeVisible()
  await strike.fill('1/4')
  await page.keyboard.press('Enter')
  await expect(call).toContainText('now, out of what is wanted')
  await allStored(page)
  await first()
    .getByRole('button', { name: /^It is this/ })
    .click()
  await call.getByLabel('What was done').fill('Strike moved in.')
  await call.getByRole('button', { name: 'Cured' }).click()
  await call.getByRole('button', { name: 'It is over' }).click()
  await expect(page.locator('[data-call-over]').first()).toContainText('Strike moved in.')

  // What is due is noted as done, and the whole of it stands on one line.
  await page.getByRole('button', { name: 'Done: Sealant looked at' }).click()
  await allStored(page)
  await page.getByText(/^The door’s line of time/).click()
  const line = page.getByRole('list', { name: 'Line of time' })
  for (const part of [
    'Called back: draft',
    'Cured: Strike moved in.',
    'Sealant looked at',
    '1 reading read at a call-back',
    'Ordered: H-',
  ])
    await expect(line).toContainText(part)
  await stage(page, 'Fit')
  await page.reload()
  await open(page, `/openings/${id}/handover`)
  await expect(page.locator('[data-call]')).toHaveCount(0)
  await open(page, '/due')
  await expect(page.getByRole('region', { name: 'Call-backs' })).toHaveCount(0)

  await open(page, '/figures')
  await expectAccessible(page)
  const causes = page.locator('[data-figure="calls-by-cause"]')
  await causes.getByText(/^As a table/).click()
  await expect(causes.getByRole('row', { name: /Strike or keeper stands wrong 3/ })).toBeVisible()
  const csv = await (await page.request.get(`${base()}/api/figures/calls-by-cause.csv`)).text()
  expect(csv).toContain('Strike or keeper stands wrong,3')
  const ics = await (await page.request.get(`${base()}/api/due.ics`)).text()
  expect(ics.match(/BEGIN:VEVENT/g)!.length).toBeGreaterThan(10)
})

test('what is noted without signal of a call-back is kept and stored once', async ({ browser }) => {
  const page = await clean(browser)
  const id = demoOpening('E5')
  await open(page, `/openings/${id}/handover`)
  await page.getByText('The customer calls').click()
  await page.context().setOffline(true)
  await page.getByRole('textbox', { name: 'What they say' }).fill('Rattles in the wind')
  await page.getByRole('button', { name: 'Rattles', exact: true }).click()
  await expect(page.locator('[data-call="rattles"]')).toContainText('Rattles in the wind')
  await page.context().setOffline(false)
  await allStored(page)
  await page.reload()
  await expect(page.locator('[data-call="rattles"]')).toHaveCount(1)
  await page.context().close()
})
