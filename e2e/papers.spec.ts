import { randomUUID } from 'node:crypto'
import { expect, test } from '@playwright/test'
import sharp from 'sharp'
import { randomFrom, wholeFrom } from '../src/core/base/random'
import { control } from './test/control'
import { allStored, base, demoOpening, expectRead, field, newOpening, open, openingId, pdfText } from './test/harvek'
import { addPhotoTo, phonePhoto } from './test/photo'

test('photos are taken in without where they were taken, shown small, and go into the PDF if wished', async ({
  page,
}) => {
  await newOpening(page, `Photo ${Date.now()}`, 'Chart room', 'The leaf itself')
  const id = openingId(page.url())
  const choose = async (name: string, buffer: Buffer, mimeType: string) => {
    const choosing = page.waitForEvent('filechooser')
    await page.getByRole('button', { name: 'Choose photos' }).click()
    await (await choosing).setFiles({ name, mimeType, buffer })
  }
  await page.locator('[data-slot="wall.left"]').click()
  await choose('door.jpg', await phonePhoto(), 'image/jpeg')
  const photo = page.locator('[data-photo]')
  await expect(photo).toHaveCount(1)
  await expect(photo).toContainText('Wall, left')
  await choose('door.jpg', Buffer.from('a text with the wrong name'), 'image/jpeg')
  await expect(page.getByText('door.jpg: This is no JPEG, PNG or WebP picture')).toBeVisible()
  await expect(photo).toHaveCount(1)
  const both = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Choose photos' }).click()
  await (await both).setFiles([
    { name: 'text.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture') },
    { name: 'sill.jpg', mimeType: 'image/jpeg', buffer: await phonePhoto() },
  ])
  await expect(photo).toHaveCount(2)
  await expect(page.getByText('text.jpg: This is no JPEG, PNG or WebP picture')).toBeVisible()
  for (const link of ['picture', 'small']) {
    const answer = await page.request.get(
      `${base()}/api/photos/${await photo.first().getAttribute('data-photo')}/${link}`,
    )
    const { exif, format } = await sharp(await answer.body()).metadata()
    expect([exif, format]).toEqual([undefined, 'jpeg'])
  }
  const sizes = []
  for (const query of ['', '?photos=yes'])
    sizes.push((await (await page.request.get(`${base()}/api/openings/${id}/measure.pdf${query}`)).body()).length)
  expect(sizes[1]! - sizes[0]!).toBeGreaterThan(1000)
  await page.reload()
  await expect(photo).toHaveCount(2)
})

test('a photo that is too large or says nothing of itself is refused in a sentence', async ({ request }) => {
  const path = `${base()}/api/openings/${demoOpening('A4')}/photos`
  const query = `id=${randomUUID()}&slot=&by=Ida&at=2026-01-01T00:00:00.000Z`
  const large = await request.post(`${path}?${query}`, { data: Buffer.alloc(21 * 1024 * 1024) })
  expect([large.status(), (await large.json()).message]).toEqual([
    400,
    'This is larger than 20 MB; nothing was stored. Send a smaller photo.',
  ])
  expect((await request.post(path, { data: await phonePhoto() })).status()).toBe(400)
  const again = await addPhotoTo(request, demoOpening('A4'))
  const other = await request.post(`${path}?id=${again}&slot=&by=Ida&at=2026-05-05T00:00:00.000Z`, {
    data: await phonePhoto(),
  })
  expect(other.status()).toBe(409)
})

test('the measure sheet prints every reading with its number, filled or blank', async ({ page }) => {
  const path = `/api/openings/${demoOpening('B2')}/measure.pdf`
  const filled = await pdfText(page, path)
  for (const part of [
    'Measure sheet: B2',
    'Hinge 2',
    '37 1/16 in',
    'non-removable',
    'skipped: not there',
    'seen from outside',
  ])
    expect(filled).toContain(part)
  const blank = await pdfText(page, `${path}?blank=yes`)
  expect(blank).toContain('Hinge 2')
  expect(blank).not.toContain('37 1/16')
  const any = await pdfText(page, '/api/blank-sheet.pdf?family=slider&way=trim-off&unit=mm')
  expect(any).toContain('Siding plane')
  expect((await page.request.get(`${base()}/api/blank-sheet.pdf?family=drawbridge`)).status()).toBe(400)
})

test('readings come in from a file: the good rows are taken, the bad ones say why', async ({ page }) => {
  await newOpening(page, `File ${Date.now()}`, 'Smoke house', 'Rebate to rebate')
  const choose = async (name: string, content: string) => {
    const choosing = page.waitForEvent('filechooser')
    await page.getByRole('button', { name: 'Readings from a file …' }).click()
    await (await choosing).setFiles({ name, mimeType: 'text/csv', buffer: Buffer.from(content) })
  }
  const csv = 'slot,typed\npocket/widths.bottom,36 1/8\npocket/widths.middle,3/10\n"Wall, left",4 1/2\nroof,1\n'
  await choose('survey.csv', csv)
  const list = page.getByRole('region', { name: 'Readings of the file' })
  await expect(list).toContainText('survey.csv: 2 can be taken, 2 not.')
  await expect(list.locator('[data-row="rejected"]').first()).toContainText('a tape has no fractions of 10')
  await expectRead(page, 0, 'pocket')
  await list.getByRole('button', { name: 'Take 2 readings' }).click()
  await allStored(page)
  await expectRead(page, 2, 'pocket')
  const json = await (await page.request.get(`${base()}/api/openings/${openingId(page.url())}/readings.json`)).text()
  expect(JSON.parse(json).readings).toHaveLength(2)
  await choose('again.json', json)
  await expect(list).toContainText('2 can be taken, 0 not.')
  await list.getByRole('button', { name: 'Take 2 readings' }).click()
  await expect(list).toHaveCount(0)
  await choose('odd.csv', 'a;b\n1;2\n')
  await expect(page.getByText('odd.csv: The first line must name the columns')).toBeVisible()
})

test('the same reading sent a thousand times, while the server is killed and started again, is one row', async ({
  page,
}) => {
  await newOpening(page, `Resend ${Date.now()}`, 'Lamp room', 'The leaf itself')
  const path = `${base()}/api/openings/${openingId(page.url())}/readings`
  await field(page).focus()
  await page.keyboard.type('36')
  const first = page.waitForRequest(request => request.url() === `${base()}/api/sync`)
  await page.keyboard.press('Enter')
  const body = JSON.stringify((await first).postDataJSON().items[0].body)
  let answered = 0
  const send = async () => {
    const answer = await fetch(path, { method: 'POST', headers: { 'content-type': 'application/json' }, body }).catch(
      () => null,
    )
    if (answer?.ok) answered++
  }
  for (let round = 0; round < 4; round++) {
    const sending = Array.from({ length: 250 }, (_, i) => new Promise(resolve => setTimeout(resolve, i * 4)).then(send))
    await new Promise(resolve => setTimeout(resolve, 500))
    await control('kill-application')
    await Promise.all(sending)
    await control('restart-application')
  }
  await send()
  expect(answered).toBeGreaterThan(4)
  console.log(`  1,001 times sent, ${answered} answered, four times killed`)
  const rows = await (await fetch(`${base()}/api/openings/${openingId(page.url())}/readings.json`)).json()
  expect(rows.readings).toEqual(JSON.parse(body))
})

test('broken files and pictures sent to their addresses (seeded) are answered in sentences, and nothing is stored half', async ({
  page,
}) => {
  await newOpening(page, `Fuzz ${Date.now()}`, 'Kiln', 'The leaf itself')
  const address = `${base()}/api/openings/${openingId(page.url())}`
  const jpeg = await phonePhoto()
  const csv = 'slot,typed\ncore/widths.bottom,36\ncore/widths.middle,36 1/8\n'
  let kept = 0
  for (let seed = 0; seed < 60; seed++) {
    const random = randomFrom(seed)
    const bytes = Buffer.from(jpeg)
    for (let i = 0; i < 6; i++) bytes[wholeFrom(random, 0, 4000)] = wholeFrom(random, 0, 255)
    const query = `id=${randomUUID()}&slot=&by=Ida&at=2026-01-01T00:00:00.000Z`
    const photo = await page.request.post(`${address}/photos?${query}`, { data: bytes })
    expect([200, 400]).toContain(photo.status())
    if (photo.ok()) kept++
    else expect((await photo.json()).message).toMatch(/nothing was stored/)
    const at = wholeFrom(random, 0, csv.length)
    const text = `${csv.slice(0, at)}${['"', '\0', ',', '{', '\uD800'][seed % 5]}${csv.slice(at + wholeFrom(random, 0, 4))}`
    const checked = await page.request.post(`${address}/readings/check`, { data: { name: 'a.csv', text } })
    expect([200, 400]).toContain(checked.status())
    const rows = await page.request.post(`${address}/readings`, { data: [{ id: randomUUID(), value: text }] })
    expect(rows.status()).toBe(400)
  }
  const sheet = await (await page.request.get(`${address}/readings.json`)).json()
  expect(sheet.readings).toEqual([])
  await page.reload()
  await expect(page.locator('[data-photo]')).toHaveCount(kept)
})

test('an opening is found by any word, with one key', async ({ page }) => {
  await open(page, '/')
  await page.locator('body').press('/')
  await expect(page.getByRole('heading', { name: 'Openings' })).toBeVisible()
  await page.getByLabel('Find an opening').fill('plant only')
  await expect(page.locator('main').getByRole('status')).toHaveText('1 opening')
  await expect(page).toHaveURL(/q=plant%20only/)
  await page.getByRole('link', { name: /Plant room/ }).click()
  await expect(page.getByRole('heading', { name: 'B2 Plant room, leaf only' })).toBeVisible()
  await open(page, '/openings?q=zebra')
  await expect(page.getByText('No opening has “zebra” in it.')).toBeVisible()
})
