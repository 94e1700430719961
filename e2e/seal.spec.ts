import { AxeBuilder } from '@axe-core/playwright'
import { expect, type Page, test } from '@playwright/test'
import Papa from 'papaparse'
import sharp from 'sharp'
import { leadThrough } from './test/fitting'
import { allStored, base, demoJob, demoOpening, open, pdfText, ready } from './test/harvek'

/** Takes a photo of an edge. */
async function photograph(page: Page, edge: string): Promise<void> {
  const buffer = await sharp({ create: { width: 60, height: 40, channels: 3, background: '#888888' } })
    .jpeg()
    .toBuffer()
  const choosing = page.waitForEvent('filechooser')
  await page
    .getByRole('list', { name: 'To be shown' })
    .getByRole('button', { name: new RegExp(`${edge}$`) })
    .click()
  await (await choosing).setFiles({ name: 'edge.jpg', mimeType: 'image/jpeg', buffer })
}

test.describe('on the phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true, isMobile: true })

  test('an old door is sealed against draft and read again to prove it', async ({ page }) => {
    const C4 = demoOpening('C4')
    await open(page, `/openings/${C4}/seal`)
    await page.getByRole('button', { name: /^At the stop, head, left: a bill slides$/ }).click()
    await expect(page.getByText('21 of 33 read')).toBeVisible()
    const findings = page.getByRole('button', { name: /Findings|Found|Seals/ }).first()
    if (await findings.isVisible()) await findings.click()
    await expect(page.locator('[data-side="head"] [data-seal]')).toHaveCount(1)
    await photograph(page, 'Head')
    await expect(page.getByText('Head, before', { exact: true })).toBeVisible()
    // Nothing is sealed before the hinges are tight, the margins even and the door was tried.
    await page.getByRole('button', { name: /^Lead me/ }).click()
    await expect(page.getByText('comes next, after: Margins even, Operation test.')).toBeVisible()
    await page.getByRole('dialog').getByRole('button', { name: 'Fit' }).click()
    expect(await leadThrough(page)).toContain('Operation test')
    await page.getByRole('dialog').getByRole('button', { name: 'Seal' }).click()
    const toDo = page.getByText(/^0 of \d+ steps done$/)
    await expect(toDo).toBeVisible()
    const steps = Number(/of (\d+)/.exec((await toDo.textContent())!)![1])
    expect(steps).toBeGreaterThan(7)
    expect(await leadThrough(page)).toHaveLength(steps)
    await page.getByRole('button', { name: 'Close' }).click()
    await page.reload()
    await ready(page)
    await expect(page.getByText(`${steps} of ${steps} steps done`)).toBeVisible()
    await expect(page.getByRole('button', { name: /^Not fitted: / })).toHaveCount(4)
    await page.getByText('Sealed: to prove').click()
    for (const place of ['head, centre', 'left side, middle', 'right side, middle', 'bottom, centre']) {
      await page
        .getByRole('button', { name: new RegExp(`^. Gap, ${place}|Gap, ${place}`) })
        .first()
        .click()
      await page.getByRole('button', { name: `Gap, ${place}: shut tight` }).click()
    }
    await expect
      .poll(async () => {
        const { readings } = await (await page.request.get(`${base()}/api/openings/${C4}/rows`)).json()
        return readings.filter((one: { occasion: string }) => one.occasion === 'sealed').length
      })
      .toBe(4)
    await expect(page.locator('[data-proof]')).toHaveCount(4)
    await photograph(page, 'Head')
    await expect(page.getByText('Head, sealed', { exact: true })).toBeVisible()
    await allStored(page)
    const record = await pdfText(page, `/api/openings/${C4}/record.pdf`)
    for (const part of ['Read again once sealed', 'Seals and draft', 'Head, before: ', 'Head, sealed: '])
      expect(record).toContain(part)
  })
})

test('two old leaves that stay: what was tried at their joints says what to raise and what to read', async ({
  page,
}) => {
  const C7 = demoOpening('C7')
  await open(page, `/openings/${C7}/seal`)
  const now = page.locator('section[aria-label="Reading now"]')
  const answer = async (question: string, code: string) => {
    await page.locator(`[data-slot="fact.${question}"]`).click()
    await now.getByRole('button', { name: code, exact: true }).click()
    await expect(page.locator(`[data-slot="fact.${question}"]`)).toHaveAttribute('data-storing', 'stored')
  }
  await expect(page.locator('[data-slot="fact.bill-1"]')).toHaveCount(0)
  await answer('threshold', 'adjustable cap')
  await expect(page.locator('[data-slot^="fact.bill-"]')).toHaveCount(5)
  await answer('bill-1', 'drags')
  await answer('bill-2', 'slides')
  await answer('bill-4', 'held')
  await answer('air-middle', 'still')
  await page.reload()
  await ready(page)
  for (const said of [
    'Threshold cap too low at screw 2',
    'Threshold cap too high at screw 4',
    'Meeting edge: smoke stands still before an open gap',
  ])
    await expect(page.getByText(said)).toBeVisible()
  // Nothing is ordered or set: what it is made to do before it is sealed is its own.
  await page.getByRole('button', { name: 'Fit', exact: true }).click()
  await expect(page.getByText('Passive leaf stands firm').first()).toBeVisible()
})

test('a music room is sealed for sound to a target, along the plans none beats', async ({ page }) => {
  await open(page, `/openings/${demoOpening('C2')}/seal`)
  await expect(page.locator('[data-sound-words]')).toContainText('Your 38 dB leaf with these gaps is a')
  await page.getByText('How well, and by which rules').click()
  const sound = page.getByLabel('Sound: Rw at least, dB')
  await sound.fill('99')
  await sound.press('Enter')
  await expect(page.getByText('A whole number from 5 to 70 is needed')).toBeVisible()
  await sound.fill('60')
  await sound.press('Enter')
  await expect(page.getByText('No plan reaches what is wanted')).toBeVisible()
  await sound.fill('33')
  await sound.press('Enter')
  await expect(page.getByText('No plan reaches what is wanted')).toHaveCount(0)
  await page.getByText('Other plans: cost against draft').click()
  await expect(page.locator('[data-plans]')).toContainText('plans that no other beats')
  await page.getByLabel('Walk along, the cheapest first').fill('3')
  await page.getByRole('button', { name: 'Take this plan' }).click()
  await expect(page.getByRole('button', { name: 'All as planned' })).toBeVisible()
  await page.getByRole('button', { name: 'All as planned' }).click()
  await expect(page.getByRole('button', { name: 'All as planned' })).toHaveCount(0)
  expect((await new AxeBuilder({ page }).analyze()).violations.map(one => one.id)).toEqual([])
})

test('a labelled door is judged by its worst gap and looked over; nothing is cut', async ({ page }) => {
  await open(page, `/openings/${demoOpening('B4')}/seal`)
  await expect(page.locator('[data-fire="false"]')).toBeVisible()
  await expect(page.locator('[data-verdict="beyond"]').first()).toBeVisible()
  await expect(page.getByText('Nothing is cut.').first()).toBeVisible()
  await page.getByRole('button', { name: 'In order: Latches by itself', exact: true }).click()
  await expect(page.locator('[data-look="latches"] .stands')).toContainText('✓')
})

test('the cut list of a visit on paper is the nesting', async ({ page }) => {
  const csv = await (await page.request.get(`${base()}/api/jobs/${demoJob('C')}/cuts.csv`)).text()
  const { data } = Papa.parse<Record<string, string>>(csv.trim(), { header: true })
  const paper = await pdfText(page, `/api/jobs/${demoJob('C')}/cuts.pdf`)
  expect(new Set(data.map(row => row.opening)).size).toBeGreaterThanOrEqual(3)
  for (const { number, bar, opening } of data)
    expect(paper).toMatch(new RegExp(`^\\s*${number}\\s+${bar || 'drill'}\\s+${opening} `, 'm'))
  const bars = new Set(data.filter(row => row.bar).map(row => `${row.seal} ${row.bar}`))
  const counts = [...paper.matchAll(/: (\d+) bars? of /g)].map(found => Number(found[1]))
  expect(counts.reduce((sum, one) => sum + one, 0)).toBe(bars.size)
})

test('a cut list that is carried out is cut once, by whoever says so, and its off-cuts are in the van', async ({
  page,
}) => {
  const rowsOf = async () => {
    const csv = await (await page.request.get(`${base()}/api/jobs/${demoJob('C')}/cuts.csv`)).text()
    return Papa.parse<Record<string, string>>(csv.trim(), { header: true }).data
  }
  const before = (await rowsOf()).filter(row => row.bar)
  const seals = new Set(before.map(row => `${row.opening} ${row.edge} ${row.seal}`)).size
  expect(seals).toBeGreaterThan(2)
  const ask = () => page.request.post(`${base()}/api/jobs/${demoJob('C')}/cuts`)
  const done = await Promise.all([ask(), ask(), ask()].map(async one => (await one).json()))
  expect(done.map(one => one.seals).sort((a, b) => a - b)).toEqual([0, 0, seals])
  expect((await rowsOf()).filter(row => row.bar)).toEqual([])
  const { undo, kept } = done.find(one => one.seals > 0)
  const takeBack = () => page.request.delete(`${base()}/api/jobs/${demoJob('C')}/cuts`, { data: undo })
  const back = await Promise.all([takeBack(), takeBack()].map(async one => (await one).json()))
  expect(back.map(one => one.seals).sort((a, b) => a - b)).toEqual([0, seals])
  expect((await rowsOf()).filter(row => row.bar)).toEqual(before)

  await open(page, `/jobs/${demoJob('C')}`)
  const carryOut = async () => {
    await page.getByRole('button', { name: 'It is all cut: off-cuts into the van' }).click()
    await page.getByRole('button', { name: 'Yes, every piece is cut' }).click()
  }
  await carryOut()
  await page.getByRole('button', { name: 'Take it back' }).click()
  await expect(page.getByText(`Taken back: ${seals} seals are to be cut`)).toBeVisible()
  await carryOut()
  await expect(page.getByText(`${seals} seals are cut`)).toBeVisible()
  await carryOut()
  await expect(page.getByText('Nothing was left to be cut.')).toBeVisible()

  await open(page, '/firm')
  const offCuts = page.getByRole('region', { name: 'In the van' }).locator('[data-off-cut]')
  await expect(offCuts).toHaveCount(kept)
  expect(kept).toBeGreaterThan(0)
  await offCuts.first().getByRole('button').click()
  await expect(offCuts).toHaveCount(kept - 1)
  await allStored(page)
  await page.reload()
  await expect(offCuts).toHaveCount(kept - 1)
})
