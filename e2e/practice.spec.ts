import { expect, test } from '@playwright/test'
import { formatLength } from '../src/core/units/format-length'
import { isLength, ticks } from '../src/core/units/length'
import { base, expectAccessible, field, open } from './test/harvek'

test('a made-up opening is read by its scales and scored; how large it is, nothing tells before', async ({ page }) => {
  const replies: string[] = []
  page.on('response', async response => {
    if (/practice/.test(response.url()) && !/score/.test(response.url()))
      replies.push((await response.body().catch(() => Buffer.alloc(0))).toString('latin1'))
  })
  await open(page, '/practice')
  await page.getByText('Width, bottom', { exact: true }).click()
  await expect(page.getByAltText('The scale, to be read by eye')).toBeVisible()
  await page.getByRole('radio', { name: 'the stud' }).first().click({ force: true })
  await field(page)
    .or(page.getByLabel('Width, bottom', { exact: true }))
    .first()
    .fill('12')
  await page.keyboard.press('Enter')
  await page.getByText('Width, bottom ✓').click()
  await expect(page.getByText('Read 1 time already.')).toBeVisible()
  await page.waitForLoadState('networkidle')
  await expect.poll(() => replies.length).toBeGreaterThan(2)

  const scored = page.waitForResponse(/score/)
  await page.getByRole('button', { name: 'Score it' }).click()
  const { readings } = await (await scored).json()
  await expect(page.getByRole('region', { name: 'Score' })).toContainText('of 100')
  await expect(page.locator('tr[data-mark="misread"]')).toContainText('Width, bottom')
  await expect(page.locator('tr[data-mark="left-out"]').first()).toBeVisible()
  for (const { truth } of readings as { truth: number }[]) {
    if (Math.abs(truth) < 81_280 || !isLength(truth)) continue
    const exact = formatLength(ticks(truth), '1/64')
    for (const reply of replies) {
      expect(reply).not.toContain(String(truth))
      // A whole number of inches may stand anywhere for something else.
      if (exact.includes('/')) expect(reply).not.toContain(exact)
    }
  }
  await page.getByRole('button', { name: 'Another opening' }).click()
  await expect(page.getByRole('button', { name: 'Score it' })).toBeVisible()
})

test('two looks at one reading show the same scale, another grip another one', async ({ request }) => {
  const look = async (hook: string) =>
    (
      await request.get(
        `${base()}/api/practice/01900000-0000-7000-8000-000000000001/look?name=widths.top&hook=${hook}&stretch=on&level=72`,
      )
    ).body()
  const [once, twice, other] = [await look('on'), await look('on'), await look('before')]
  expect(once.equals(twice)).toBe(true)
  expect(once.equals(other)).toBe(false)
  expect(once.subarray(1, 4).toString()).toBe('PNG')
  expect((await request.get(`${base()}/api/practice/x/look?name=roof`)).status()).toBe(400)
  const wrong = await request.post(`${base()}/api/practice/01900000-0000-7000-8000-000000000001/score`, {
    data: { attempts: [{ name: 'roof', value: 1, level: null }] },
  })
  expect(wrong.status()).toBe(400)
})

test('a leaf that hangs with faults is read by its gauge, moved, shut and scored; what is wrong, nothing tells before', async ({
  page,
}) => {
  const replies: string[] = []
  page.on('response', async response => {
    if (/hanging\/(feel|look)/.test(response.url()))
      replies.push((await response.body().catch(() => Buffer.alloc(0))).toString('latin1'))
  })
  await open(page, '/practice/hanging')
  await expectAccessible(page)
  await expect(page.locator('[data-felt]')).toContainText('It ')
  await page.locator('section[aria-label="Reading now"] input').fill('3/32')
  await page.keyboard.press('Enter')
  await expect(page.getByLabel('Gauge at')).toHaveValue('strike.middle')
  await page.getByLabel('What is moved').selectOption('card.top')
  await page.getByRole('button', { name: 'More' }).click()
  await expect(page.getByText('Put 1/16 in of card behind the top hinge.')).toBeVisible()
  await page.getByRole('button', { name: 'Make this move' }).click()
  await expect(page.locator('[data-made="1"]')).toContainText('Put 1/16 in of card')
  await expect.poll(() => replies.length).toBeGreaterThan(3)
  for (const reply of replies) expect(reply).not.toMatch(/faults|start|\d{4,}.*strike/)
  const scored = page.waitForResponse(/hanging\/score/)
  await page.getByRole('button', { name: 'Score it' }).click()
  const { least } = await (await scored).json()
  await expect(page.getByRole('region', { name: 'Score' })).toContainText('of 100')
  await expect(page.locator('tr[data-worth]')).toHaveCount(1)
  await expect(page.locator('[data-least]')).toHaveAttribute('data-least', String(least.length))
  await page.getByRole('button', { name: 'Another leaf' }).click()
  await expect(page.locator('[data-made="0"]')).toHaveCount(1)
  const bad = { data: { grade: '9', moves: [] } }
  const id = '01900000-0000-7000-8000-000000000001'
  expect((await page.request.post(`${base()}/api/practice/${id}/hanging/feel`, bad)).status()).toBe(400)
  expect((await page.request.get(`${base()}/api/practice/${id}/hanging/look?at=roof&grade=1&moves=[]`)).status()).toBe(
    400,
  )
  expect(
    (await page.request.post(`${base()}/api/practice/x/hanging/score`, { data: { grade: '1', moves: [] } })).status(),
  ).toBe(400)
})
