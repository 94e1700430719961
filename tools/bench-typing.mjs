// @ts-check
// How long a typed figure, and a unit that is moved, take to stand on the drawing, in the browser.
import { chromium } from '@playwright/test'
import { CHROMIUM } from './chromium.mjs'
import { median } from './median.mjs'

/** Types a key, or a whole text where one is given, and tells the milliseconds to the next frame. @param {import('@playwright/test').Locator} at @param {string} [text] */
const key = (at, text) =>
  at.evaluate(async (input, typed) => {
    const start = performance.now()
    if (typed === undefined) input.dispatchEvent(new KeyboardEvent('keydown', { key: 'Enter', bubbles: true }))
    else {
      Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set?.call(input, typed)
      input.dispatchEvent(new Event('input', { bubbles: true }))
    }
    await new Promise(resolve => requestAnimationFrame(() => setTimeout(resolve, 0)))
    return performance.now() - start
  }, text)
/** What the browser takes for a plain field and figure. @param {import('@playwright/test').Page} page @returns {Promise<number>} */
const plain = page =>
  page.evaluate(async () => {
    const input = document.createElement('input')
    const figure = document.querySelector('svg text')?.cloneNode(true)
    if (!figure) return Number.NaN
    document.querySelector('.ladder')?.prepend(input)
    document.querySelector('.middle svg')?.append(figure)
    const frame = () => new Promise(resolve => requestAnimationFrame(() => setTimeout(resolve, 0)))
    await frame()
    const start = performance.now()
    input.value = '38 1/16'
    figure.textContent = '38 1/16'
    await frame()
    const took = performance.now() - start
    input.remove()
    figure.parentNode?.removeChild(figure)
    return took
  })

/** Milliseconds in a browser four times slowed down, medians of fifteen: from a key to the drawing painted with the figure that stands
 * typed, from Enter to the drawing worked out anew, and from a key that nothing listens to, to the next frame. `floor` is a plain field
 * and a plain figure of the same page changed by hand, with nothing listening: what the browser itself takes to paint the two.
 * `next`: how often the figure stood in the very next frame, of fifteen.
 * @param {string} address @returns {Promise<{ typed: number, taken: number, bare: number, floor: number, next: number }>} */
export async function typedMs(address) {
  const browser = await chromium.launch(CHROMIUM)
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await page.goto(address)
    await page.locator('html[data-hydrated]').waitFor()
    const session = await page.context().newCDPSession(page)
    await session.send('Emulation.setCPUThrottlingRate', { rate: 4 })
    const field = page.locator('section[aria-label="Reading now"] input[enterkeyhint]')
    /** @type {{ typed: number[], taken: number[], bare: number[], floor: number[] }} */
    const times = { typed: [], taken: [], bare: [], floor: [] }
    let next = 0
    for (let i = 0; i < 15; i++) {
      times.floor.push(await plain(page))
      await page.locator('[data-slot="trim-off/widths.top"]').click()
      times.typed.push(await key(field, i % 2 ? '38' : '38 1/16'))
      const drawn = await page.locator('[data-id="trim-off/widths.top"] text').allTextContents()
      if (drawn.includes(i % 2 ? '38' : '38 1/16')) next++
      times.taken.push(await key(field))
      await page.waitForTimeout(300)
      times.bare.push(await key(page.locator('body')))
    }
    return {
      typed: median(times.typed),
      taken: median(times.taken),
      bare: median(times.bare),
      floor: median(times.floor),
      next,
    }
  } finally {
    await browser.close()
  }
}

/** One step of the bar that moves the unit, as a finger moves it; milliseconds to the next frame, and whether the packs stand anew in it.
 * @param {import('@playwright/test').Locator} bar @returns {Promise<{ ms: number, stands: boolean }>} */
const step = bar =>
  bar.evaluate(async input => {
    const { value, max, min, step: by } = /** @type {HTMLInputElement} */ (input)
    const packs = () => document.querySelector('[data-shim] .gap')?.textContent
    const before = packs()
    const start = performance.now()
    const to = Number(value) + Number(by)
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set
    set?.call(input, String(to > Number(max) ? min : to))
    input.dispatchEvent(new Event('input', { bubbles: true }))
    await new Promise(resolve => requestAnimationFrame(() => setTimeout(resolve, 0)))
    return { ms: performance.now() - start, stands: packs() !== before }
  })
/** What the browser takes to paint the same texts and lines anew, with nothing listening. @param {import('@playwright/test').Page} page @returns {Promise<number>} */
const repainted = page =>
  page.evaluate(async () => {
    const texts = [...document.querySelectorAll('[data-shim] .gap, .middle svg text')]
    const lines = [...document.querySelectorAll('.middle svg polygon, .middle svg polyline')]
    const start = performance.now()
    for (const one of texts) one.append('\u200a')
    for (const one of lines) one.setAttribute('points', `${one.getAttribute('points')} `)
    await new Promise(resolve => requestAnimationFrame(() => setTimeout(resolve, 0)))
    return performance.now() - start
  })

/** Milliseconds in a browser slowed down by `rate`, medians of twenty: from a step of the unit to drawing, packs and findings painted anew,
 * and what the browser itself takes to paint as much. `next`: how often they stood in the very next frame, of twenty.
 * @param {string} address @param {number} rate @returns {Promise<{ moved: number, floor: number, next: number }>} */
export async function movedMs(address, rate) {
  const browser = await chromium.launch(CHROMIUM)
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } })
    await page.goto(address)
    await page.locator('html[data-hydrated]').waitFor()
    const bar = page.getByRole('slider', { name: 'Moved' })
    await bar.focus()
    const session = await page.context().newCDPSession(page)
    await session.send('Emulation.setCPUThrottlingRate', { rate })
    const steps = []
    for (let i = 0; i < 25; i++) {
      steps.push(await step(bar))
      await page.waitForTimeout(100)
    }
    const warm = steps.slice(5)
    const floor = []
    for (let i = 0; i < 15; i++) floor.push(await repainted(page))
    return {
      moved: median(warm.map(one => one.ms)),
      floor: median(floor),
      next: warm.filter(one => one.stands).length,
    }
  } finally {
    await browser.close()
  }
}
