import { expect, type Locator, type Page } from '@playwright/test'

/** What is read at a step so that it holds: by what stands beside the field. */
function figureFor(label: string): string {
  if (label.includes('°C')) return '14'
  if (label.startsWith('Read, N')) return '22'
  if (label.startsWith('Read, s')) return '6'
  return label.includes('at least') ? '7/16 in' : '0'
}

/** Does the step that fills the screen: reads its figure where it has one, and says once more that what can't be undone is done. */
export async function doStep(dialog: Locator): Promise<string> {
  const done = dialog.getByRole('button', { name: /^Done: / })
  const name = ((await done.getAttribute('aria-label')) ?? '').replace('Done: ', '')
  const field = dialog.getByLabel(`Read at: ${name}`)
  if (await field.count()) await field.fill(figureFor((await field.locator('xpath=..').textContent()) ?? ''))
  await done.click()
  // What can't be undone is asked once more; else the step is gone, and its button with it.
  const isAsked = dialog.getByRole('button', { name: `Done: ${name}` }).getByText('Yes, done', { exact: true })
  const next = dialog.getByRole('heading', { name, exact: true })
  await expect.poll(async () => (await isAsked.count()) + Number((await next.count()) === 0)).toBeGreaterThan(0)
  if (await isAsked.count()) await done.click()
  await expect(dialog.getByRole('heading', { name, exact: true })).toHaveCount(0)
  return name
}

/** Is led through the day until nothing is left to do now; gives the steps in the order in which they were done. */
export async function leadThrough(page: Page, until?: string): Promise<readonly string[]> {
  // What hangs is a fault to be named, not to be waited for.
  page.setDefaultTimeout(10_000)
  await page.getByRole('button', { name: /^Lead me/ }).click()
  const dialog = page.getByRole('dialog')
  await dialog.getByRole('heading').first().waitFor()
  const names: string[] = []
  for (let i = 0; i < 80; i++) {
    if (!(await dialog.getByRole('button', { name: /^Done: / }).count())) return names
    if (until && (await dialog.getByRole('heading', { name: until, exact: true }).count())) return names
    names.push(await doStep(dialog))
  }
  throw new Error(`no end after ${names.join(', ')}`)
}
