import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { AxeBuilder } from '@axe-core/playwright'
import { type Browser, expect, type Page, test } from '@playwright/test'
import { v7 as uuidV7 } from 'uuid'
import { newJob } from '../src/core/survey/new-job'
import { ensureData, startApplication } from '../tools/application.mjs'
import { freePort, startDatabase } from '../tools/database.mjs'
import { startMail } from '../tools/devices.mjs'
import { allStored, field } from './test/harvek'

// An installation of its own, not the demo's: its first run, its people, its mails.

type Mail = { readonly to: string; readonly subject: string; readonly text: string }

async function install() {
  const folder = mkdtempSync(join(tmpdir(), 'harvek-own-'))
  const database = await startDatabase(folder)
  await ensureData(database.url, false)
  const mail = await startMail(await freePort(), await freePort(), join(folder, 'mails.jsonl'))
  const application = await startApplication(await freePort(), database.url, folder, {
    // A desk that is not there: nothing is ordered here, and mails are carried all the same.
    desk: 'http://127.0.0.1:9',
    smtp: mail.smtp,
    isDemo: false,
  })
  return {
    address: application.address,
    mail,
    mails: async (): Promise<readonly Mail[]> => (await fetch(`${mail.address}/mails`)).json(),
    end: async () => {
      await application.stop()
      await mail.stop()
      await database.stop()
      rmSync(folder, { recursive: true, force: true })
    },
  }
}

let own: Awaited<ReturnType<typeof install>>
test.beforeAll(async () => {
  own = await install()
})
test.afterAll(() => own?.end())

const at = async (page: Page, path: string) => {
  await page.goto(`${own.address}${path}`)
  await page.locator('html[data-hydrated]').waitFor()
}
const someone = async (browser: Browser, size = { width: 1280, height: 800 }) =>
  (await browser.newContext({ viewport: size })).newPage()
/** Fills a form by its labels and sends it. */
const fill = async (page: Page, typed: Readonly<Record<string, string>>, act: string) => {
  for (const [label, text] of Object.entries(typed))
    await page.getByRole('textbox', { name: label }).or(page.getByLabel(label)).first().fill(text)
  await page.getByRole('button', { name: act, exact: true }).click()
}
const home = (page: Page) => page.waitForURL(`${own.address}/`)
/** The link of the last mail to somebody; waits until it is there. */
const linkTo = async (to: string): Promise<string> => {
  const last = async () => (await own.mails()).findLast(one => one.to === to)
  await expect.poll(async () => (await last()) !== undefined, { timeout: 20_000 }).toBe(true)
  return /https?:\S+/.exec((await last())!.text)![0]
}
const invite = async (page: Page, name: string, email: string, role: string) => {
  await at(page, '/people')
  await page.getByRole('combobox', { name: 'As', exact: true }).selectOption(role)
  await fill(page, { Name: name, 'E-mail': email }, 'Send the invitation')
  await expect(page.getByText('The mail is on its way.')).toBeVisible()
}
const OWNER = 'una@quayside.example'
const PASSWORD = 'a long enough one'

test('a firm starts its installation; people are asked by mail, sign in with their role, and leave', async ({
  browser,
}) => {
  const una = await someone(browser)
  await at(una, '/jobs')
  expect(una.url()).toBe(`${own.address}/start`)
  expect((await new AxeBuilder({ page: una }).analyze()).violations).toEqual([])
  await una.getByText('Millimetres').click()
  // The device’s own clock, until another is said.
  await expect(una.getByLabel('Clock')).toHaveValue(/./)
  await una.getByLabel('Clock').selectOption('Europe/Oslo')
  await fill(
    una,
    {
      Firm: 'Quayside Doors',
      Name: 'Una Hask',
      'E-mail': 'Una@Quayside.example',
      'Password, 10 letters at least': PASSWORD,
    },
    'Start',
  )
  await home(una)
  await expect(una.getByRole('link', { name: 'Una Hask, owner of Quayside Doors: profile' })).toBeVisible()
  // No page is out of sight beside a long name.
  for (const width of [1280, 1120]) {
    await una.setViewportSize({ width, height: 800 })
    expect(await una.locator('header nav').evaluate(one => one.scrollWidth - one.clientWidth)).toBe(0)
  }
  await una.setViewportSize({ width: 1280, height: 800 })
  // Where nothing is yet it says what the place is for, and offers the first act.
  for (const [path, says, act] of [
    ['/', /first act is to start a job/, 'Start one.'],
    ['/jobs', /A job is one house and one customer/, null],
    ['/plan', /puts each door’s work on the days of a crew/, 'Add a crew'],
    ['/orders', /Here stands what was ordered/, 'Choose an opening'],
    ['/due', /owed to a door that stands/, 'Choose an opening'],
    ['/openings', /found here by its words/, null],
    ['/catalogue', /as its maker’s sheet says/, null],
  ] as const) {
    await at(una, path)
    await expect(una.getByText(says)).toBeVisible()
    if (act) await expect(una.getByRole('main').getByRole('link', { name: act, exact: true })).toBeVisible()
  }
  // The firm is started once, whoever asks again.
  const again = await una.request.post(`${own.address}/api/start`, {
    data: {
      firm: 'X',
      unit: 'in',
      currency: 'USD',
      paper: 'a4',
      timeZone: null,
      name: 'X',
      email: 'x@x.example',
      password: PASSWORD,
      withDemo: true,
    },
  })
  expect(again.status()).toBe(409)

  // A mail server that is away loses no mail.
  await own.mail.tell({ awaySeconds: 4 })
  await invite(una, 'Pim Dorn', 'pim@quayside.example', 'trainee')
  await expect(una.getByRole('list', { name: 'Asked to join' })).toContainText('Pim Dorn')
  expect(await own.mails()).toEqual([])
  const link = await linkTo('pim@quayside.example')
  expect((await own.mails()).map(one => one.subject)).toEqual(['Quayside Doors asks you to join'])

  const pim = await someone(browser, { width: 390, height: 844 })
  await pim.goto(`${link}x`)
  await expect(pim.getByText('This link is of no invitation.')).toBeVisible()
  await pim.goto(link)
  await pim.locator('html[data-hydrated]').waitFor()
  expect(await pim.evaluate(() => document.documentElement.scrollWidth)).toBe(390)
  await fill(pim, { 'Password, 10 letters at least': 'the password of pim' }, 'Join')
  await home(pim)
  await pim.goto(link)
  await expect(pim.getByText('This invitation was answered already: sign in.')).toBeVisible()

  // What is not theirs is refused and not shown; the firm's pages ask for the role.
  const order = { id: uuidV7(), jobId: uuidV7(), openings: [uuidV7()], supersedes: null }
  const refused = await pim.request.post(`${own.address}/api/orders`, { data: order })
  expect([refused.status(), await refused.json()]).toEqual([
    403,
    { code: 'not-yours', message: 'Only the owner and the office may release and change orders. Nothing was changed.' },
  ])
  await at(pim, '/')
  await expect(pim.getByRole('link', { name: 'People' })).toHaveCount(0)
  expect((await pim.goto(`${own.address}/people`))!.status()).toBe(403)

  // Another role holds at once; whoever is let go is out at once, and an owner always stays.
  await at(una, '/people')
  await una.getByLabel('Role of Pim Dorn').selectOption('office')
  await expect.poll(async () => (await pim.request.get(`${own.address}/api/people/invitations`)).status()).toBe(200)
  await at(pim, '/people')
  const asOwner = await pim.request.post(`${own.address}/api/people/invitations`, {
    data: { email: 'x@y.example', name: 'X', role: 'owner' },
  })
  expect(asOwner.status()).toBe(403)
  const people: { people: { id: string; name: string }[] } = await (
    await pim.request.get(`${own.address}/api/people/invitations`)
  ).json()
  const unas = people.people.find(one => one.name === 'Una Hask')!.id
  expect((await pim.request.delete(`${own.address}/api/people/${unas}`)).status()).toBe(403)
  expect((await una.request.delete(`${own.address}/api/people/${unas}`)).status()).toBe(409)
  await una
    .getByRole('button', { name: 'Let go …: Pim Dorn' })
    .or(una.getByRole('button', { name: /Let go/ }))
    .first()
    .click()
  await una.getByRole('button', { name: /^Let Pim Dorn go/ }).click()
  await expect(una.getByRole('list', { name: 'People of the firm' })).not.toContainText('Pim Dorn')
  expect((await pim.request.get(`${own.address}/api/openings`)).status()).toBe(401)
  await at(pim, '/jobs')
  expect(pim.url()).toBe(`${own.address}/sign-in`)

  // Who changed what is written down, and goes out as a file.
  await at(una, '/firm')
  await una.getByRole('button', { name: 'Who changed what' }).click()
  const told = una.getByRole('region', { name: 'Who changed what' }).getByRole('listitem')
  await expect(told.first()).toContainText('Una Hask let go Pim Dorn')
  await expect(told).toHaveCount(5)
  const csv = await (await una.request.get(`${own.address}/api/audit.csv`)).text()
  for (const part of ['role-given,member', 'Pim Dorn,role,trainee,office', 'joined,member', 'invited,member'])
    expect(csv).toContain(part)
})

/** The firm of these stories, also where one runs by itself. */
const begin = () =>
  fetch(`${own.address}/api/start`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify({
      ...{ firm: 'Quayside Doors', unit: 'mm', currency: 'EUR', paper: 'a4', timeZone: null },
      ...{ name: 'Una Hask', email: OWNER, password: PASSWORD, withDemo: false },
    }),
  })

test('a session that ended keeps what was done; signing out asks while something waits, and it is sent when one is back', async ({
  browser,
}) => {
  await begin()
  const page = await someone(browser)
  const signIn = async () => {
    await at(page, '/sign-in')
    await fill(page, { 'E-mail': OWNER, Password: PASSWORD }, 'Sign in')
    await home(page)
  }
  await signIn()
  const [job, opening] = [uuidV7(), uuidV7()]
  const asked = { id: job, details: { ...newJob('mm'), name: 'Slipway 3' } }
  expect((await page.request.post(`${own.address}/api/jobs`, { data: asked })).status()).toBe(201)
  const door = { id: opening, tag: 'A1', name: 'Tool store', family: 'hinged-outside', way: 'core' }
  expect((await page.request.post(`${own.address}/api/jobs/${job}/openings`, { data: door })).status()).toBe(201)
  const stored = async () => {
    const answer = await page.request.get(`${own.address}/api/openings/${opening}/rows`)
    return (await answer.json()).readings.map((one: { text: string }) => one.text)
  }
  const bar = page.getByRole('complementary', { name: 'What is stored' })
  const type = async (text: string) => {
    await field(page).fill(text)
    await field(page).press('Enter')
  }

  await at(page, `/openings/${opening}/measure`)
  await type('914')
  await allStored(page)
  const cookies = await page.context().cookies()
  await page.context().clearCookies()
  await type('915')
  await expect(bar).toContainText('Nobody is signed in any more: 1 waits on this device.')
  await bar.getByRole('link', { name: 'Sign in' }).click()
  await page.locator('html[data-hydrated]').waitFor()
  await fill(page, { 'E-mail': OWNER, Password: PASSWORD }, 'Sign in')
  await home(page)
  await allStored(page)
  expect((await stored()).sort()).toEqual(['914', '915'])
  expect(cookies.length).toBeGreaterThan(0)

  await page.route('**/api/sync', route => route.abort())
  await at(page, `/openings/${opening}/measure`)
  await type('916')
  await expect(bar).toContainText('1 kept on this device')
  await at(page, '/profile')
  await page.getByRole('button', { name: 'Sign out', exact: true }).click()
  await expect(page.getByText('One thing you did waits on this device and is not stored.')).toBeVisible()
  await page.getByRole('button', { name: 'Sign out all the same' }).click()
  await page.waitForURL(`${own.address}/sign-in`)
  await page.unroute('**/api/sync')
  await signIn()
  await allStored(page)
  expect((await stored()).length).toBe(3)
})

test('a password that was forgotten is chosen anew by mail and ends the old sessions; many wrong ones wait', async ({
  browser,
}) => {
  // By itself too.
  await begin()
  const [phone, desk] = [await someone(browser, { width: 390, height: 844 }), await someone(browser)]
  const signIn = async (page: Page, password: string) => {
    await at(page, '/sign-in')
    await fill(page, { 'E-mail': OWNER, Password: password }, 'Sign in')
  }
  await signIn(phone, PASSWORD)
  await home(phone)
  await at(phone, '/profile')
  await expect(
    phone.getByRole('list', { name: 'Sessions' }).getByRole('button', { name: 'End it' }).first(),
  ).toBeVisible()
  // The one it is seen in is ended by signing out.
  await expect(phone.getByRole('listitem').filter({ hasText: 'Here, now' })).toHaveCount(1)
  await expect(phone.getByRole('listitem').filter({ hasText: 'Here, now' }).getByRole('button')).toHaveCount(0)

  await at(desk, '/forgotten')
  await fill(desk, { 'E-mail': 'nobody@quayside.example' }, 'Send me a link')
  await expect(desk.getByText('If this address signs in here')).toBeVisible()
  await at(desk, '/forgotten')
  await fill(desk, { 'E-mail': OWNER }, 'Send me a link')
  await desk.goto(await linkTo(OWNER))
  await desk.locator('html[data-hydrated]').waitFor()
  await fill(desk, { 'Password, 10 letters at least': 'another long enough' }, 'Take this password')
  await desk.waitForURL(`${own.address}/sign-in`)
  expect((await own.mails()).filter(one => one.to.startsWith('nobody'))).toEqual([])
  // Used once.
  await desk.goto(await linkTo(OWNER))
  await desk.locator('html[data-hydrated]').waitFor()
  await fill(desk, { 'Password, 10 letters at least': 'a third long enough one' }, 'Take this password')
  await expect(desk.getByRole('alert').filter({ hasText: 'link' })).toHaveText(
    'This link was used already, or is older than an hour. Ask for another link where you sign in.',
  )
  // Ended within the half minute a session is remembered.
  await expect
    .poll(async () => (await phone.request.get(`${own.address}/api/openings`)).status(), {
      timeout: 75_000,
      intervals: [2000],
    })
    .toBe(401)

  await signIn(desk, PASSWORD)
  await expect(
    desk.getByText(/^Nobody signs in here with this e-mail and this password\. .*choose another/),
  ).toBeVisible()
  for (let i = 0; i < 8; i++)
    await desk.request.post(`${own.address}/api/auth/sign-in/email`, {
      data: { email: OWNER, password: 'wrong again and again' },
    })
  await signIn(desk, 'another long enough')
  await expect(desk.getByText('Too many tries. Wait a minute, then try again.')).toBeVisible()
})
