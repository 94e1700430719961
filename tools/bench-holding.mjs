// How a drawing follows the hand on a phone: pinched, dragged, and folded by its grip.
import { chromium } from '@playwright/test'
import { CHROMIUM } from './chromium.mjs'
import { median } from './median.mjs'

/** Milliseconds in a browser four times slowed down, medians of thirty: from a move of two fingers, of one, or of the finger on the grip, to the
 * frame it is painted in. `floor`: the same with nothing moved. `worst` is the longest of all.
 * @param {string} address @returns {Promise<{ floor: number, pinch: number, drag: number, pull: number, worst: number }>} */
export async function heldMs(address) {
  const browser = await chromium.launch(CHROMIUM)
  try {
    const page = await browser.newPage({ viewport: { width: 390, height: 664 }, hasTouch: true, isMobile: true })
    await page.goto(address)
    await page.locator('html[data-hydrated]').waitFor()
    await page.locator('.elevation svg text').first().waitFor()
    await page.waitForTimeout(1500)
    const session = await page.context().newCDPSession(page)
    await session.send('Emulation.setCPUThrottlingRate', { rate: 4 })
    const times = await page.evaluate(async () => {
      /** @param {Element} on @param {string} type @param {number} id @param {number} x @param {number} y */
      const send = (on, type, id, x, y) =>
        on.dispatchEvent(
          new PointerEvent(type, { pointerId: id, clientX: x, clientY: y, bubbles: true, pointerType: 'touch' }),
        )
      const painted = () => new Promise(resolve => requestAnimationFrame(() => setTimeout(resolve, 0)))
      /** @param {(i: number) => void} move @returns {Promise<number[]>} */
      const timed = async move => {
        const all = []
        for (let i = 1; i <= 30; i++) {
          const start = performance.now()
          move(i)
          await painted()
          all.push(performance.now() - start)
        }
        return all
      }
      const floor = await timed(() => {})
      const drawing = /** @type {Element} */ (document.querySelector('.elevation svg'))
      const { left, top, width, height } = drawing.getBoundingClientRect()
      const [x, y] = [left + width / 2, top + height / 2]
      send(drawing, 'pointerdown', 1, x - 10, y)
      send(drawing, 'pointerdown', 2, x + 10, y)
      const pinch = await timed(i => {
        send(drawing, 'pointermove', 1, x - 10 - i, y)
        send(drawing, 'pointermove', 2, x + 10 + i, y)
      })
      send(drawing, 'pointerup', 2, x + 40, y)
      const drag = await timed(i => send(drawing, 'pointermove', 1, x - 40 + i, y + i))
      send(drawing, 'pointerup', 1, x, y)
      if (!drawing.querySelector('g[transform]')) throw new Error('the drawing was not enlarged')
      const middle = /** @type {HTMLElement} */ (document.querySelector('.middle'))
      const grip = /** @type {HTMLElement} */ (document.querySelector('.grip'))
      grip.setPointerCapture = () => {}
      const at = grip.getBoundingClientRect()
      send(grip, 'pointerdown', 3, at.left, at.top)
      const pull = await timed(i => send(grip, 'pointermove', 3, at.left, at.top - 4 * i))
      if (!middle.style.clipPath) throw new Error('the drawing was not folded')
      send(grip, 'pointerup', 3, at.left, at.top - 120)
      return { floor, pinch, drag, pull }
    })
    return {
      floor: median(times.floor),
      pinch: median(times.pinch),
      drag: median(times.drag),
      pull: median(times.pull),
      worst: Math.max(...times.pinch, ...times.drag, ...times.pull),
    }
  } finally {
    await browser.close()
  }
}
