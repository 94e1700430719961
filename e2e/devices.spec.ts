import { expect, type Page, test } from '@playwright/test'
import { control, tell } from './test/control'
import { allStored, base, field, newOpening, open } from './test/harvek'

const row = (page: Page, device: string) => page.locator(`[data-device="${device}"]`)
const now = (page: Page) => page.locator('section[aria-label="Reading now"] h2')
type Stored = {
  readonly slot: string
  readonly instrument: string
  readonly deviation: number | null
  readonly device: string
  readonly value: number
}

async function stored(page: Page): Promise<readonly Stored[]> {
  const id = new URL(page.url()).pathname.split('/')[2]
  return (await (await page.request.get(`${base()}/api/openings/${id}/readings.json`)).json()).readings
}

test('a laser that jitters, repeats, switches units, drops out and is killed leaves one row for each value that was taken', async ({
  page,
}) => {
  await newOpening(page, `Laser ${Date.now()}`, 'Rigging loft', 'The leaf itself')
  await tell('laser', { unit: 'mm', jitter: 0, repeat: 1 })
  await tell('laser', { measure: 111.1 })
  await page.getByRole('button', { name: 'Pair Laser' }).click()
  await expect(row(page, 'laser')).toHaveAttribute('data-state', 'listening')
  await expect(row(page, 'laser')).toContainText('±1.0 mm')
  await expect(field(page)).toHaveValue('')

  await tell('laser', { measure: 914.4 })
  await expect(field(page)).toHaveValue('914.4 mm')
  await expect(page.getByText('From the laser; Enter takes it.')).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(now(page)).toHaveText('Width, middle')

  await tell('laser', { repeat: 6, measure: 914.0 })
  await expect(field(page)).toHaveValue('914.0 mm')
  await page.keyboard.press('Enter')
  await expect(now(page)).toHaveText('Width, top')
  await tell('laser', { repeat: 1 })
  await expect(field(page)).toHaveValue('')

  await tell('laser', { unit: 'in', measure: 914.4 })
  await expect(field(page)).toHaveValue('36.000 in')
  await control('kill-laser')
  await expect(row(page, 'laser')).toHaveAttribute('data-state', 'lost')
  await expect(page.getByRole('alert').filter({ hasText: 'is lost' })).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(now(page)).toHaveText('Height, left')
  await page.keyboard.type('80 1/8')
  await page.keyboard.press('Enter')
  await expect(now(page)).toHaveText('Height, right')

  await control('restart-laser')
  await expect(row(page, 'laser')).toHaveAttribute('data-state', 'listening', { timeout: 15_000 })
  await expect(field(page)).toHaveValue('')
  await tell('laser', { jitter: 1.5, measure: 2035.2 })
  await expect(field(page)).toHaveValue(/^203[3-7]\.\d mm$/)
  await page.keyboard.press('Enter')
  await tell('laser', { garble: true })
  await expect(row(page, 'laser')).toContainText('sent something that is no reading')
  await tell('laser', { jitter: 0, dropOut: 3 })
  await expect(row(page, 'laser')).toHaveAttribute('data-state', 'lost')
  await expect(row(page, 'laser')).toHaveAttribute('data-state', 'listening', { timeout: 15_000 })
  await allStored(page)

  const rows = await stored(page)
  expect(rows.map(one => [one.slot, one.instrument, one.deviation])).toEqual([
    ['core/widths.bottom', 'laser', 3200],
    ['core/widths.middle', 'laser', 3200],
    ['core/widths.top', 'laser', 3200],
    ['core/heights.left', 'tape', null],
    ['core/heights.right', 'laser', 3200],
  ])
  expect(rows[0]!.device).toBe('Stand-in laser SL-0117: 914.4 mm')
  expect(rows[2]!.value).toBe(36 * 81_280)
})

test('a digital level lands as the gap at the end of the level that is held, with its side', async ({ page }) => {
  await newOpening(page, `Level ${Date.now()}`, 'Anchor store', 'Rebate to rebate')
  await page.locator('[data-slot="pocket/lean.left"]').click()
  await page.getByRole('button', { name: 'Pair Digital level' }).click()
  await expect(row(page, 'level')).toHaveAttribute('data-state', 'listening')
  await tell('level', { unit: 'mm/m', measure: -2 })
  await expect(field(page)).toHaveValue('-3.66 mm')
  await expect(page.locator('section[aria-label="Reading now"]')).toContainText('top left')
  await page.keyboard.press('Enter')
  await expect(now(page)).toHaveText('Lean, right side')
  await page.locator('[data-slot="pocket/widths.top"]').click()
  await tell('level', { measure: 1 })
  await expect(page.getByRole('status').filter({ hasText: 'which is not a length' })).toBeVisible()
  await expect(field(page)).toHaveValue('')
  await allStored(page)
  expect(await stored(page)).toMatchObject([{ slot: 'pocket/lean.left', instrument: 'level', text: '-3.66 mm' }])
})

test('a device that is not there says so', async ({ page }) => {
  expect((await page.request.post(`${base()}/api/devices/theodolite/pair`)).status()).toBe(404)
  await control('kill-laser')
  await newOpening(page, `No laser ${Date.now()}`, 'Coal hole', 'The leaf itself')
  await page.getByRole('button', { name: 'Pair Laser' }).click()
  await expect(page.getByText('The device does not answer. Switch it on and try again.')).toBeVisible()
  await control('restart-laser')
})

test('through the server, where no device is on this machine: ten tabs hear it by one stream, and all go on working', async ({
  context,
}) => {
  await context.route(`${process.env.HARVEK_LASER}/**`, route => route.abort())
  const first = await context.newPage()
  await newOpening(first, `Ten tabs ${Date.now()}`, 'Tar house', 'The leaf itself')
  await tell('laser', { unit: 'mm', jitter: 0, repeat: 1 })
  await first.getByRole('button', { name: 'Pair Laser' }).click()
  await expect(row(first, 'laser')).toHaveAttribute('data-state', 'listening')
  const path = new URL(first.url()).pathname
  const tabs = [first]
  for (let i = 1; i < 10; i++) {
    const tab = await context.newPage()
    await open(tab, path)
    tabs.push(tab)
  }
  const last = tabs.at(-1)!
  await expect(row(last, 'laser')).not.toHaveAttribute('data-state', 'not-paired')
  await tell('laser', { measure: 914.4 })
  await expect(field(last)).toHaveValue('914.4 mm')
  await last.keyboard.press('Enter')
  await allStored(last)
  // The tab that listened is gone: the next one listens.
  await first.close()
  await expect(async () => {
    await tell('laser', { measure: 914.0 })
    await expect(field(last)).toHaveValue('914.0 mm', { timeout: 1500 })
  }).toPass({ timeout: 15_000 })
})
