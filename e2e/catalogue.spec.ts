import { expect, test } from '@playwright/test'
import sharp from 'sharp'
import { allStored, base, demoOpening, expectAccessible, field, open, stage } from './test/harvek'

const HEAD = 'Item,Description,Frame width,Frame height,Made of,Net price,Lead time,In stock,Slab width,Slab height'
const LIST = [
  HEAD,
  'Q-1,Quay entry,37 1/2,81 3/4,timber,"612.00",5,yes,36,80',
  'Q-2,Quay entry,,81 3/4,timber,612.00,5,yes,36,80',
  'Q-3,Quay entry,37 1/2,81 3/4,timber,about 600,5,yes,36,80',
  'Q-1,Quay entry again,37 1/2,81 3/4,timber,700.00,5,yes,36,80',
  'Q-4,Quay entry,33 1/2,81 3/4,timber,590.00,6,no,32,80',
].join('\n')

test('a maker’s list: columns matched, bad rows named with row and column, the rest taken', async ({ page }) => {
  await open(page, '/catalogue')
  await page.getByText('Take in a maker’s list').click()
  await page.getByLabel('Whose list, if the file does not say').fill('Quayside')
  const chooser = page.waitForEvent('filechooser')
  await page.getByRole('button', { name: 'Choose a CSV file' }).click()
  await (await chooser).setFiles({ name: 'quay.csv', mimeType: 'text/csv', buffer: Buffer.from(LIST) })
  await expect(page.getByRole('heading', { name: 'quay.csv: 2 can be taken, 3 can’t' })).toBeVisible()
  await expect(page.locator('[data-rejected="3"]')).toContainText('Frame width')
  await expect(page.locator('[data-rejected="4"]')).toContainText('“about 600” is not a price')
  await expect(page.locator('[data-rejected="5"]')).toContainText('“Q-1” is there 2 times')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Take the 2 into the catalogue' }).click()
  await expect(page.getByText('2 units of quay.csv are in the catalogue; 3 rows were left out.')).toBeVisible()
  await page.getByLabel('Find a unit').fill('quayside q-4')
  await expect(page.getByText(/^1 of \d+ units$/)).toBeVisible()
  await expect(page.getByRole('row', { name: /Q-4/ })).toContainText('33 1/2 in')
})

test('a unit is entered by hand: only what its kind has is asked, what is wrong is named, what is there stays', async ({
  page,
}) => {
  await open(page, '/catalogue')
  await page.getByText('Enter one unit by hand').click()
  const form = page.locator('details', { hasText: 'Enter one unit by hand' })
  await expect(form.getByLabel('Throat')).toHaveCount(0)
  await form.getByRole('combobox', { name: 'Kind', exact: true }).selectOption('Steel frame and leaf')
  await expect(form.getByLabel('Throat')).toBeVisible()
  for (const [name, typed] of [
    ['Article', 'QH-1'],
    ['Maker', 'Quayside'],
    ['Name', 'Frame by hand'],
    ['Width', '39 1/2'],
    ['Height', 'tall'],
    ['Jamb, if said', '6'],
    ['Throat that takes the wall', '5'],
    ['Leaf bottom above the sub-sill, if said', '3/4'],
    ['Price', '512.50'],
    ['Days to delivery', '9'],
  ] as const)
    await form.getByLabel(name, { exact: true }).fill(typed)
  const take = form.getByRole('button', { name: 'Take it into the catalogue' })
  await take.click()
  await expect(form.getByRole('alert')).toHaveText(/^Height: “tall” can’t be read as a length/)
  await expect(form.getByLabel('Height', { exact: true })).toHaveAttribute('aria-invalid', 'true')
  await expectAccessible(page)
  await form.getByLabel('Height', { exact: true }).fill('85 1/2')
  await take.click()
  await expect(form.getByText('QH-1 is in the catalogue.')).toBeVisible()
  await page.getByLabel('Find a unit').fill('quayside qh-1')
  await expect(page.getByRole('row', { name: /QH-1/ })).toContainText('85 1/2 in')
  const again = await page.request.post(`${base()}/api/catalogue/units`, {
    data: {
      unit: 'in',
      cells: {
        article: 'QH-1',
        maker: 'Quayside',
        name: 'x',
        kind: 'interior',
        width: '30',
        height: '80',
        material: 'timber',
        price: '1',
        days: '1',
      },
    },
  })
  expect(again.status()).toBe(409)
  expect((await again.json()).message).toContain('Quayside has QH-1 in the catalogue already')
})

const SEAL_HEAD =
  'article,name,type,edges,closes,gap from,largest gap,against,force n a metre,leakage m3/h a metre at 50 pa,bar,price a metre,years,minutes,needs kerf'
const SEAL_LIST = [
  SEAL_HEAD,
  'G-1,Grey foam,foam,head; latch; hinge,stop,1/32,1/2,draft; insects; light,4,1.5,200,0.02,9,1,no',
  'G-2,Grey foam,rope,head,stop,1/32,1/2,draft,4,1.5,200,0.02,9,1,no',
  'G-3,Grey foam,foam,head,stop,1/2,1/4,draft,4,1.5,200,0.02,9,1,no',
].join('\n')

test('the firm’s own seals: a list looked at and taken, one by hand, chosen on a door, taken off and missed', async ({
  page,
}) => {
  await open(page, '/firm')
  const seals = page.getByRole('region', { name: 'Seals', exact: true })
  await seals.getByText('Take in a list of seals').click()
  const chooser = page.waitForEvent('filechooser')
  await seals.getByRole('button', { name: 'Choose a CSV file' }).click()
  await (await chooser).setFiles({ name: 'grey.csv', mimeType: 'text/csv', buffer: Buffer.from(SEAL_LIST) })
  await expect(seals.getByRole('heading', { name: 'grey.csv: 1 can be taken, 2 can’t' })).toBeVisible()
  await expect(seals.locator('[data-rejected="3"]')).toContainText('“rope”: one of')
  await expect(seals.locator('[data-rejected="4"]')).toContainText('the largest gap is below the smallest')
  await expectAccessible(page)
  await seals.getByRole('button', { name: 'Take the 1 into the firm’s list' }).click()
  await expect(seals.getByText('1 seals of grey.csv are in the list; 2 rows were left out.')).toBeVisible()

  await seals.getByText('Enter one seal by hand').click()
  const form = seals.locator('details', { hasText: 'Enter one seal by hand' })
  for (const [name, typed] of [
    ['Article', 'G-9'],
    ['Name', 'Long fin'],
    ['Gap from', '1/8'],
    ['Gap to', 'far'],
    ['Push, N a metre', '3'],
    ['Leakage pressed, m³/h a metre at 50 Pa', '2'],
    ['Length of a bar', '48'],
    ['Price a piece, if said', '7.50'],
    ['Lasts, years', '6'],
    ['Minutes to fit', '12'],
  ] as const)
    await form.getByLabel(name, { exact: true }).fill(typed)
  await form.getByRole('combobox', { name: 'Kind of seal', exact: true }).selectOption('fin')
  await form.getByRole('group', { name: 'Goes on', exact: true }).getByLabel('bottom').check()
  await form.getByRole('group', { name: 'Keeps out', exact: true }).getByLabel('draft').check()
  await form.getByRole('button', { name: 'Take it into the list' }).click()
  await expect(form.getByRole('alert')).toHaveText(/^Gap to: “far” can’t be read as a length/)
  await form.getByLabel('Gap to', { exact: true }).fill('5/8')
  await form.getByRole('button', { name: 'Take it into the list' }).click()
  await expect(seals.locator('[data-article="G-9"]')).toContainText('fin, gaps from 1/8 to 5/8 in, $7.50 a piece')

  await page.reload()
  await expect(seals.locator('[data-article]')).toHaveCount(2)
  const csv = await (await page.request.get(`${base()}/api/firm/seals.csv`)).text()
  expect(csv.split('\n')[1]).toMatch(/^G-1,Grey foam,foam,head; latch; hinge/)

  await open(page, `/openings/${demoOpening('C4')}/seal`)
  await expect(page.locator('[data-side="head"]').getByText('Grey foam').first()).toBeVisible()

  await open(page, '/firm')
  await seals.getByRole('button', { name: 'Take Grey foam off the list' }).click()
  await seals.getByRole('button', { name: 'Take Long fin off the list' }).click()
  await expect(seals.getByText('None of its own yet')).toBeVisible()
  const left = async () => (await (await page.request.get(`${base()}/api/firm`)).json()).data.seals.own.length
  await expect.poll(left).toBe(0)
  await page.reload()
  await expect(seals.locator('[data-article]')).toHaveCount(0)
})

test('the catalogue is found, narrowed and sorted, by keyboard too', async ({ page }) => {
  await open(page, '/catalogue')
  await page.getByLabel('Kind of door').selectOption('storm')
  await expect(page.getByText(/^7 of \d+ units$/)).toBeVisible()
  const header = page.getByRole('columnheader', { name: /Price/ })
  await header.click()
  await expect(header).toHaveAttribute('aria-sort', 'ascending')
  await expect(page.getByRole('row').nth(1)).toContainText('CL-710')
  await page.keyboard.press('Enter')
  await expect(header).toHaveAttribute('aria-sort', 'descending')
  await expect(page.getByRole('row').nth(1)).toContainText('HG-703')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('ArrowDown')
  await expect(page.getByRole('row').nth(2)).toContainText('NS-721')
  await page.getByLabel('Find a unit').fill('no such thing')
  await expect(page.getByText('No unit has these words in it.').first()).toBeVisible()
})

test('what the firm counts in stands on every page, at once and after a reload', async ({ page }) => {
  await open(page, '/firm')
  const counted = page.getByRole('combobox', { name: /^Counts in/ })
  await counted.selectOption('EUR')
  await expect(page.getByLabel('An hour of work, €')).toBeVisible()
  await page.getByRole('link', { name: 'Catalogue' }).click()
  await expect(page.getByRole('row').nth(2)).toContainText('€')
  await open(page, `/openings/${demoOpening('C1')}/order`)
  await expect(page.locator('[data-article="TW-800"]').first()).toContainText('€')
  await expect(page.locator('main')).not.toContainText('$')
  await open(page, '/firm')
  await expect(counted).toHaveValue('EUR')
  await counted.selectOption('USD')
  await expect(page.getByLabel('An hour of work, $')).toBeVisible()
  await expect.poll(async () => (await (await page.request.get(`${base()}/api/firm`)).json()).data.currency).toBe('USD')
})

test('numbers stand as the firm writes them: amounts, millimetres and weights', async ({ page }) => {
  await open(page, '/firm')
  const written = page.getByRole('radiogroup', { name: 'Writes numbers' })
  await written.getByText('1.234,50').click()
  await expect(page.getByLabel('An hour of work, $')).toBeVisible()
  await allStored(page)
  await open(page, `/openings/${demoOpening('C1')}/order`)
  await expect(page.locator('[data-article="TW-800"]').first()).toContainText(/\d,\d\d\u00a0\$/)
  await open(page, `/openings/${demoOpening('C1')}/diagnose`)
  const said = page.getByRole('region', { name: 'Findings' })
  await expect(said).toContainText(/\d,\d mm/)
  await expect(said).not.toContainText(/\d\.\d mm/)
  // What is typed with a comma or a point is understood the same.
  await open(page, `/openings/${demoOpening('C1')}/measure`)
  for (const text of ['924,5', '924.5']) {
    await field(page).fill(text)
    await expect(page.locator('.understood')).toContainText('924,5')
  }
  await field(page).fill('')
  await open(page, '/firm')
  await written.getByText('1,234.50').click()
  await expect
    .poll(async () => (await (await page.request.get(`${base()}/api/firm`)).json()).data.numbers)
    .toBe('point')
})

test('the firm’s logo stands on its papers until it is taken off; no other file is taken for one', async ({ page }) => {
  const paper = async () =>
    (await (await page.request.get(`${base()}/api/openings/${demoOpening('A1')}/measure.pdf`)).body()).includes(
      '/DCTDecode',
    )
  expect(await paper()).toBe(false)
  await open(page, '/firm')
  const choose = async (buffer: Buffer) => {
    const choosing = page.waitForEvent('filechooser')
    await page.getByRole('button', { name: /logo$/ }).click()
    await (await choosing).setFiles({ name: 'logo.png', mimeType: 'image/png', buffer })
  }
  await choose(Buffer.from('a text with the wrong name'))
  await expect(page.getByText('This is no JPEG, PNG or WebP picture')).toBeVisible()
  const wide = { width: 900, height: 200, channels: 4 as const, background: { r: 31, g: 79, b: 163, alpha: 0.5 } }
  await choose(await sharp({ create: wide }).png().toBuffer())
  const logo = page.getByRole('img', { name: 'The firm’s logo' })
  await expect(logo).toBeVisible()
  expect(await paper()).toBe(true)
  await page.reload()
  await expect(logo).toBeVisible()
  await page.getByRole('button', { name: 'Take it off' }).click()
  await expect(logo).toHaveCount(0)
  expect(await paper()).toBe(false)
})

test('a rate of the firm’s own changes what is offered, and an empty field goes back', async ({ page }) => {
  await open(page, '/firm')
  await expectAccessible(page)
  const rate = page.getByLabel('An hour of work, $')
  const totals = async () => {
    const answer = await page.request.get(`${base()}/api/firm`)
    return (await answer.json()).data.rates.centsPerHour
  }
  await rate.fill('sixty')
  await rate.press('Enter')
  await expect(rate).toHaveAttribute('aria-invalid', 'true')
  await rate.fill('65,50')
  await rate.press('Enter')
  await expect.poll(totals).toBe(6550)
  await rate.fill('650')
  await rate.press('Enter')
  await expect.poll(totals).toBe(65_000)
  await open(page, `/openings/${demoOpening('C1')}/order`)
  await expect(page.locator('[data-article]').first()).toHaveAttribute('data-article', 'TW-801')
  await open(page, '/firm')
  await rate.fill('')
  await rate.press('Enter')
  await expect.poll(totals).toBeUndefined()
  await open(page, `/openings/${demoOpening('C1')}/order`)
  await expect(page.locator('[data-article]').first()).toHaveAttribute('data-article', 'TW-800')
})

test('a practice chosen for an opening says what it changes there; the firm’s stands above it', async ({ page }) => {
  await open(page, `/openings/${demoOpening('A3')}/specify`)
  const practice = page.locator('[data-school="rough-opening"]')
  await expect(practice.getByRole('combobox')).toHaveValue('')
  await practice.getByRole('combobox').selectOption('three-quarters')
  await expect(practice).toContainText('Instead of + 1/2 in: Width 33 3/4 in, not 34 in')
  await page.locator('body').press('Control+z')
  await expect(practice.getByRole('combobox')).toHaveValue('')
  await stage(page, 'Order')
})

test('where nothing fits, a maker is asked for one made to size; its answer is entered, goes in, and is chosen', async ({
  page,
}) => {
  await open(page, `/openings/${demoOpening('C3')}/order`)
  await expect(page.getByText('None of the catalogue goes in as it is wanted.')).toBeVisible()
  await page.getByText('Ask a maker for one made to size').click()
  await page.getByText('The request as text').click()
  await expect(page.getByRole('textbox', { name: 'The request as text' })).toHaveValue(/Backset: 50 mm/)
  await page.getByText('Enter what the maker answers').click()
  const fields = {
    Maker: 'Holmgate',
    Article: `M-50-${Date.now()}`,
    Width: '25 mm',
    Height: '235 mm',
    Price: '96',
    'Days to delivery': '21',
    'Leaf thickness from': '35 mm',
    'Leaf thickness to': '45 mm',
  }
  for (const [name, text] of Object.entries(fields)) await page.getByLabel(name, { exact: true }).fill(text)
  await expect(page.getByLabel('Lock backset', { exact: true })).toHaveValue('50.0 mm')
  await expect(page.getByRole('combobox', { name: /^Lock function/ })).toHaveValue('privacy')
  await page.getByRole('button', { name: 'Take it into the catalogue' }).click()
  await expect(page.getByText(`${fields.Article} is in the catalogue.`)).toBeVisible()
  await page
    .getByRole('button', { name: `Choose ${fields.Article}` })
    .first()
    .click()
  await expect(page.getByRole('heading', { name: `${fields.Article} chosen` })).toBeVisible()
})
