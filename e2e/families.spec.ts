import { expect, type Page, test } from '@playwright/test'
import type { Family } from '../src/core/base/kinds'
import { STAGES } from '../src/core/base/stages'
import { DOORS } from '../src/core/doors/doors'
import { choicesOf, isFactSlot } from '../src/core/survey/facts'
import { ladderFor } from '../src/core/survey/survey-of'
import type { Way } from '../src/core/survey/ways'
import { FAMILY_NAMES, WAY_NAMES } from '../src/words/kinds'
import { slotName } from '../src/words/walk'
import {
  allStored,
  asked,
  demoOpening,
  expectRead,
  field,
  newOpening,
  newOpeningByHand,
  open,
  pdfText,
  walk,
} from './test/harvek'
import { openingLike } from './test/opening-like'
import { readings } from './test/readings'

const CASES: readonly (readonly [Family, Way])[] = [
  ['hinged-outside', 'trim-off'],
  ['pair', 'pocket'],
  ['sidelights', 'outside-face'],
  ['storm', 'brickmould'],
  ['slider', 'masonry'],
  ['steel-leaf', 'core'],
  ['steel-frame', 'trim-off'],
  ['interior', 'pocket'],
  ['lock-set', 'lock-edge'],
  ['seal-only', 'core'],
]

// By keyboard those that ask most differently; all of them by keypad below.
const BY_KEYBOARD: readonly Family[] = ['hinged-outside', 'storm', 'slider', 'lock-set']
for (const [family, way] of CASES.filter(([one]) => BY_KEYBOARD.includes(one))) {
  test(`${FAMILY_NAMES[family].name}, by ${WAY_NAMES[way].name.toLowerCase()}: measured by keyboard from the first reading to the last`, async ({
    page,
  }) => {
    const questions = ladderFor(DOORS[family].survey, way)
    const isOnly = DOORS[family].survey.ways.length === 1
    await newOpeningByHand(
      page,
      `${family} ${Date.now()}`,
      'Door of its kind',
      isOnly ? null : WAY_NAMES[way].name,
      'Inches',
      FAMILY_NAMES[family].name,
    )
    const height = await page.locator('section[aria-label="Reading now"]').evaluate(one => one.clientHeight)
    const started = Date.now()
    await walk(page, questions, readings(way))
    await allStored(page)
    console.log(
      `  ${questions.length} questions answered and stored in ${((Date.now() - started) / 1000).toFixed(1)} s`,
    )
    await expect(page.getByText(`${questions.length} of ${questions.length} read`)).toBeVisible()
    await expect(page.getByText('disagrees with the rest')).toHaveCount(0)
    await expect(page.getByRole('button', { name: 'Measure', exact: true })).toHaveAttribute('data-done', 'true')

    await page.reload()
    await page.locator('html[data-hydrated]').waitFor()
    await expect(page.getByText(`${questions.length} of ${questions.length} read`)).toBeVisible()
    await page.locator(`[data-slot="${questions[0]}"]`).click()
    expect(await page.locator('section[aria-label="Reading now"]').evaluate(one => one.clientHeight)).toBe(height)
  })
}

test('a reload in the middle, while nothing can be stored: what was typed is still there, and is stored after', async ({
  page,
}) => {
  const questions = ladderFor(DOORS.interior.survey, 'pocket')
  await newOpening(page, `Reload ${Date.now()}`, 'Pantry', 'Rebate to rebate', 'Inches', FAMILY_NAMES.interior.name)
  const path = new URL(page.url()).pathname.split('/')[2]!
  await walk(page, questions.slice(0, 4), readings('pocket'))
  await allStored(page)
  await page.route('**/api/sync', route => route.abort())
  await walk(page, questions.slice(0, 6), readings('pocket'), 4)
  await expect(page.locator(`[data-slot="${questions[5]}"]`)).toHaveAttribute('data-storing', 'kept')
  await page.keyboard.type('82 3/')
  const stored = await page.request.get(`/api/openings/${path}/readings.json`.replace(/^/, process.env.HARVEK_BASE!))
  expect((await stored.json()).readings).toHaveLength(4)

  await page.reload()
  await page.locator('html[data-hydrated]').waitFor()
  await expect(page.locator(`[data-slot="${questions[5]}"]`)).toHaveAttribute('data-storing', 'kept')
  await expect(field(page)).toHaveValue('82 3/')
  await page.unroute('**/api/sync')
  // It may go by itself just before it is told to.
  await page
    .getByRole('button', { name: 'Send now' })
    .click({ timeout: 4000 })
    .catch(() => undefined)
  await allStored(page)
  await field(page).focus()
  await page.keyboard.press('End')
  await page.keyboard.type('8')
  await page.keyboard.press('Enter')
  await allStored(page)
  const after = await page.request.get(`${process.env.HARVEK_BASE}/api/openings/${path}/readings.json`)
  const rows: { slot: string; text: string }[] = (await after.json()).readings
  expect(rows.map(one => one.slot)).toEqual(questions.slice(0, 7))
  expect(rows.at(-1)!.text).toBe('82 3/8')
})

test('a reading is skipped with its reason, undone, and asked by what it decides', async ({ page }) => {
  await newOpening(page, `Skip ${Date.now()}`, 'Cooperage', 'Stud to stud')
  await page.getByRole('button', { name: 'Skip …' }).click()
  await page.getByLabel('Note to the skipped reading').fill('flooring laid over it')
  await page.getByRole('button', { name: 'can’t be reached' }).click()
  await expect(page.getByText('Fall of the sill was skipped: can’t be reached')).toBeVisible()
  await expect(page.getByText('“flooring laid over it” Taken as level and flat until it is read.')).toBeVisible()
  await page.getByRole('button', { name: 'Undo Fall of the sill' }).click()
  await expect(page.getByText('was skipped')).toHaveCount(0)
  await field(page).focus()
  await page.keyboard.press('ArrowUp')
  const now = page.locator('section[aria-label="Reading now"] h2')
  await page.locator('[data-slot="trim-off/widths.bottom"]').click()
  for (const text of ['38', '38', '38', '90', '90', '90']) {
    await page.keyboard.type(text)
    await page.keyboard.press('Enter')
  }
  await page.keyboard.press('Control+z')
  await expectRead(page, 5, 'trim-off')
  await page.locator('[data-slot="trim-off/heights.right"]').click()
  await page.keyboard.type('90')
  await page.keyboard.press('Enter')
  await allStored(page)
  await page.getByRole('button', { name: 'As one walks' }).click()
  await expect(page.locator('ol[aria-label="Readings by what they decide"] li').first()).toContainText(
    'Lean, left side',
  )
  await page.locator('ol[aria-label="Readings by what they decide"] li button').first().click()
  await expect(now).toHaveText('Lean, left side')
  await page.locator('[data-id="direction.minus"] rect').last().click()
  await page.keyboard.type('1/8')
  await expect(page.locator('section[aria-label="Reading now"]')).toContainText('top left')
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-slot="trim-off/lean.left"]')).toContainText('1/8')
  await allStored(page)
  await page.reload()
  await page.locator('html[data-hydrated]').waitFor()
  await expect(page.locator('[data-slot="trim-off/lean.left"] .value')).toContainText('−')
})

test('two ways and two people stand beside each other; words that mean two lengths are asked about', async ({
  page,
}) => {
  await newOpening(page, `Second ${Date.now()}`, 'Sail store', 'The leaf itself')
  await field(page).focus()
  await page.keyboard.type('twenty one sixteenths')
  const choices = page.getByRole('group', { name: 'Which is meant' })
  await expect(choices.getByRole('button')).toHaveCount(2)
  await page.keyboard.press('Enter')
  await expect(page.getByRole('status').filter({ hasText: 'can mean' })).toBeVisible()
  await expectRead(page, 0, 'core')
  await choices.getByRole('button').nth(0).click()
  await expect(page.getByRole('status').filter({ hasText: 'unusual for a door' })).toBeVisible()
  await field(page).fill('36')
  await page.keyboard.press('Enter')
  await expect(page.locator('[data-slot="core/widths.bottom"] .value')).toHaveText('36')
  await page.getByText('Bram Oake', { exact: true }).click()
  await page.locator('[data-slot="core/widths.bottom"]').click()
  await field(page).fill('36 1/4')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Width, bottom: two readings differ by 1/4 in')).toBeVisible()
  await page.getByText('Ida Marlow', { exact: true }).last().click()
})

test.describe('by keypad on a phone', () => {
  test.use({ viewport: { width: 390, height: 664 }, hasTouch: true, isMobile: true })
  for (const [family, way] of CASES)
    test(`${FAMILY_NAMES[family].name} is surveyed in at most three taps a question, and nothing is scrolled`, async ({
      page,
    }) => {
      const questions = ladderFor(DOORS[family].survey, way)
      const isOnly = DOORS[family].survey.ways.length === 1
      const name = FAMILY_NAMES[family].name
      await newOpening(page, `Keypad ${Date.now()}`, 'Front door', isOnly ? null : WAY_NAMES[way].name, 'Inches', name)
      const now = page.locator('section[aria-label="Reading now"]')
      let taps = 0
      // Where it stands, without anything scrolled to it: a finger that finds it whole, and nothing over it.
      const tap = async (where: string, key: string | null = null) => {
        const [x, y] = await now.evaluate(
          async (section, [where, key]) => {
            const place = () => {
              const all = [...section.querySelectorAll<HTMLElement>(where!)]
              const one = all.find(it => key === null || (it.getAttribute('aria-label') ?? it.textContent) === key)
              const { left, right, top, bottom } = one?.getBoundingClientRect() ?? new DOMRect(-9)
              const [x, y] = [(left + right) / 2, (top + bottom) / 2]
              const isWhole = left >= 0 && top >= 0 && right <= innerWidth && bottom <= innerHeight
              return isWhole && one?.contains(document.elementFromPoint(x, y)) ? [x, y] : null
            }
            for (let i = 0; i < 300 && !place(); i++) await new Promise(requestAnimationFrame)
            return place() ?? [-1, -1]
          },
          [where, key],
        )
        expect([where, key, x! > 0 && y! > 0]).toEqual([where, key, true])
        await page.touchscreen.tap(x!, y!)
        taps++
      }
      const typed = readings(way)
      let isPadOpen = false
      for (const question of questions) {
        await asked(page, slotName(question))
        await expect(now.locator('h2')).toBeInViewport({ ratio: 1 })
        if (isFactSlot(question) && choicesOf(question).length > 0) await tap('.answers button')
        else if (isFactSlot(question)) {
          await now.getByRole('textbox').fill('80')
          await tap('button', 'Take')
        } else {
          if (!isPadOpen) await tap('button', 'Keypad')
          isPadOpen = true
          for (const key of keysFor(typed[question] ?? '2 3/4'))
            await tap('[role="group"][aria-label="Keypad"] button', key)
          await tap('button', 'take')
        }
      }
      await allStored(page)
      expect(await page.evaluate(() => [scrollY, document.querySelector('.ladder')!.scrollTop])).toEqual([0, 0])
      console.log(`  ${name}: ${questions.length} questions answered by ${taps} taps`)
      expect(taps).toBeLessThanOrEqual(family === 'hinged-outside' ? 80 : 3 * questions.length)
      await page.getByRole('button', { name: 'List' }).tap()
      await expect(page.getByText(`${questions.length} of ${questions.length} read`)).toBeVisible()
    })
})

/** The keys of the keypad for a length as it is written on a sheet. */
function keysFor(text: string): readonly string[] {
  const [, sign = '', whole = '', fraction = ''] = /^(-?)(\d*)\s*(\d+\/\d+)?$/.exec(SAID[text] ?? text)!
  return [...(sign ? ['Change sign'] : []), ...whole, ...(fraction ? [fraction] : [])]
}
const SAID: Readonly<Record<string, string>> = {
  'forty and a sixteenth': '40 1/16',
  '6\' 10"': '82',
  '91.25': '91 1/4',
  '114 mm': '4 1/2',
  '1/32': '1/16',
  '-1/32': '-1/16',
}

const IN_INCHES = /\d in (?!100)|\d in$|\binch/m
const IN_MILLIMETRES = /\d mm\b|millimet/

/** Everything a page says, folded or not, in its choices and its fields. */
async function saidOn(page: Page): Promise<string> {
  const closed = page.locator('main details:not([open]) > summary').first()
  while (await closed.count()) await closed.click()
  return page.locator('main').evaluate(main => {
    // A letter to a maker says every length in both units.
    for (const letter of main.querySelectorAll('textarea')) letter.remove()
    return [
      (main as HTMLElement).textContent,
      ...[...main.querySelectorAll('option')].map(option => option.textContent),
      ...[...main.querySelectorAll('input')].map(input => input.placeholder),
    ].join('\n')
  })
}

function expectWithout(other: RegExp, where: string, said: string): void {
  const at = said.search(other)
  expect([where, other.exec(said)?.[0], said.slice(Math.max(0, at - 40), at + 20)]).toEqual([
    where,
    undefined,
    expect.any(String),
  ])
}

for (const [tag, other] of [
  ['A1', IN_MILLIMETRES],
  ['C1', IN_INCHES],
] as const)
  test(`${tag}: everything stands in the unit of its job, whatever the stage`, async ({ page }) => {
    for (const one of STAGES) {
      await open(page, `/openings/${demoOpening(tag)}/${one}`)
      expectWithout(other, one, await saidOn(page))
    }
  })

test('a job that was in inches and is turned to millimetres says none on any page, and on its papers only in brackets', async ({
  page,
}) => {
  const { id, job } = await openingLike(page, 'A1')
  await open(page, `/jobs/${job}`)
  await page.getByRole('radiogroup', { name: 'Lengths of this job' }).getByText('mm', { exact: true }).click()
  await allStored(page)
  await page.reload()
  await page.locator('html[data-hydrated]').waitFor()
  await expect(page.getByRole('radio', { name: 'mm', exact: true })).toBeChecked()
  for (const one of STAGES) {
    await open(page, `/openings/${id}/${one}`)
    expectWithout(IN_INCHES, one, await saidOn(page))
  }
  const papers = [`/api/openings/${id}/measure.pdf`, `/api/openings/${id}/fit.pdf`, `/api/openings/${id}/record.pdf`]
  for (const path of papers) {
    const text = await pdfText(page, path)
    // What was typed stands as it was typed; what is beside in brackets is the other unit on purpose.
    const bare = text.replace(/\([^()]*\)/g, '').replace(/\b3068.*$/m, '')
    expect([path, /\d (?:\d+\/\d+ )?in\b(?! \d)/.exec(bare)?.[0]]).toEqual([path, undefined])
  }
})
