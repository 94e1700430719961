import type { Page } from '@playwright/test'

/** What is wrong with where things stand on a page: each a line that says what and where. */
export type Boxes = {
  /** The page is wider than its window. */
  readonly wide: readonly string[]
  /** Text that does not fit its box. */
  readonly cut: readonly string[]
  /** Text under 13 px. */
  readonly small: readonly string[]
  /** What can be tapped and is lower or narrower than a finger. */
  readonly low: readonly string[]
  /** Figures of a drawing that stand on each other. */
  readonly figures: readonly string[]
  /** Text that something else stands on. */
  readonly covered: readonly string[]
}

/** Measures every box of a page as it stands. `isTouched` asks for targets of 44 px. */
export const boxesOf = (page: Page, isTouched: boolean): Promise<Boxes> =>
  page.evaluate(touched => {
    const shown = (one: Element): boolean =>
      one.checkVisibility({ checkOpacity: true, checkVisibilityCSS: true }) && !one.closest('.sr, [aria-hidden="true"]')
    const said = (text: string | null) => (text ?? '').replace(/\s+/g, ' ').trim().slice(0, 48)
    const nameOf = (one: Element) =>
      said(one.textContent) || one.getAttribute('aria-label') || one.getAttribute('name') || one.outerHTML.slice(0, 60)
    const wide = document.documentElement.scrollWidth
    const out = {
      wide: wide > innerWidth ? [`${wide} px`] : [],
      cut: [] as string[],
      small: [] as string[],
      low: [] as string[],
      figures: [] as string[],
      covered: [] as string[],
    }
    const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT)
    for (let node = walker.nextNode(); node; node = walker.nextNode()) {
      const own = node.parentElement
      if (!own || !said(node.textContent) || /^(SCRIPT|STYLE|NOSCRIPT|OPTION|TITLE|TEXTAREA)$/.test(own.tagName))
        continue
      if (!shown(own)) continue
      const range = document.createRange()
      range.selectNodeContents(node)
      // Of a text over several lines, its first.
      const box = range.getClientRects()[0] ?? range.getBoundingClientRect()
      if (box.width < 1 || box.height < 1) continue
      const px = Number.parseFloat(getComputedStyle(own).fontSize)
      // A fraction's figures are set smaller beside a whole number.
      if (px < 12.99 && !own.closest('[data-fraction]')) out.small.push(`${said(node.textContent)}: ${px} px`)
      if (own.closest('svg')) continue
      for (let up: Element | null = own; up && up !== document.body; up = up.parentElement) {
        const style = getComputedStyle(up)
        const edge = up.getBoundingClientRect()
        const isFixed = style.position === 'fixed'
        const hides = (way: string) => way === 'hidden' || way === 'clip'
        if (hides(style.overflowX) && (box.right > edge.right + 1.5 || box.left < edge.left - 1.5))
          out.cut.push(`${said(node.textContent)}: ${Math.round(box.width)} in ${Math.round(edge.width)} px`)
        else if (hides(style.overflowY) && (box.bottom > edge.bottom + 3 || box.top < edge.top - 3))
          out.cut.push(`${said(node.textContent)}: ${Math.round(box.height)} high in ${Math.round(edge.height)} px`)
        if (isFixed || /auto|scroll/.test(style.overflowX + style.overflowY)) break
      }
      const [x, y] = [box.left + box.width / 2, box.top + Math.min(box.height / 2, 8)]
      const top = x > 0 && y > 0 && x < innerWidth && y < innerHeight ? document.elementFromPoint(x, y) : null
      // What is fixed to the window lies over what can be scrolled from under it.
      const isOver = (one: Element): boolean => {
        for (let up: Element | null = one; up; up = up.parentElement)
          if (/fixed|sticky/.test(getComputedStyle(up).position)) return true
        return false
      }
      const isLabel = top instanceof HTMLElement && own.closest('label')?.contains(top)
      if (top && !own.contains(top) && !top.contains(own) && !isLabel && !isOver(top) && !isClipped(own, x, y))
        out.covered.push(`${said(node.textContent)}, by ${nameOf(top)}`)
    }
    function isClipped(own: Element, x: number, y: number): boolean {
      for (let up: Element | null = own; up; up = up.parentElement) {
        const style = getComputedStyle(up)
        if (style.overflowX === 'visible' && style.overflowY === 'visible') continue
        const edge = up.getBoundingClientRect()
        if (x < edge.left || x > edge.right || y < edge.top || y > edge.bottom) return true
      }
      return false
    }
    type At = readonly [number, number]
    /** The corners of what letters fill, as they are turned: without the room their line has above and below. */
    function cornersOf(one: SVGTextElement): readonly At[] {
      const { x, y, width, height } = one.getBBox()
      const by = one.getScreenCTM()
      if (!by) return []
      const [top, bottom] = [y + height * 0.24, y + height * 0.8]
      return [
        [x, top],
        [x + width, top],
        [x + width, bottom],
        [x, bottom],
      ].map(([px, py]) => [by.a * px! + by.c * py! + by.e, by.b * px! + by.d * py! + by.f] as const)
    }
    /** Whether two turned boxes lie on each other: no side of either has one of them wholly behind it. */
    function meet(one: readonly At[], other: readonly At[]): boolean {
      for (const [own, them] of [
        [one, other],
        [other, one],
      ] as const)
        for (const [i, [x, y]] of own.entries()) {
          const [nx, ny] = own[(i + 1) % own.length]!
          const side = ([px, py]: At) => (nx - x) * (py - y) - (ny - y) * (px - x)
          const inner = own.map(side).reduce((a, b) => a + b, 0)
          const length = Math.hypot(nx - x, ny - y) || 1
          if (them.every(at => (side(at) / length) * Math.sign(inner) <= 1)) return false
        }
      return true
    }
    for (const svg of document.querySelectorAll('svg[role="group"], svg[role="img"]')) {
      if (!shown(svg)) continue
      const texts = [...svg.querySelectorAll('text')]
        .map(one => ({ text: said(one.textContent), box: one.getBoundingClientRect(), corners: cornersOf(one) }))
        .filter(one => one.text && one.box.width > 0)
      const edge = svg.getBoundingClientRect()
      for (const [i, { text, box, corners }] of texts.entries()) {
        if (
          box.left < edge.left - 2 ||
          box.right > edge.right + 2 ||
          // Letters are lower than their line.
          box.top < edge.top - box.height / 4 ||
          box.bottom > edge.bottom + box.height / 4
        )
          out.cut.push(`${text}: out of its drawing`)
        for (const other of texts.slice(i + 1)) {
          // Dots and waves only mark a place; they are no figures.
          if (/^[·~]$/.test(text) && /^[·~]$/.test(other.text)) continue
          if (meet(corners, other.corners)) out.figures.push(`${text} on ${other.text}`)
        }
      }
    }
    if (touched)
      for (const one of document.querySelectorAll(
        'button, select, textarea, [role="button"]:not(g), summary, a[href], input:not([type="hidden"], [type="file"], [type="range"])',
      )) {
        if (!shown(one)) continue
        // A link within a sentence is as high as its line; so is a word of the trade, which the glossary's own button shows too.
        if ((one.tagName === 'A' && getComputedStyle(one).display === 'inline') || one.matches('.term')) continue
        const target =
          one instanceof HTMLInputElement && /radio|checkbox/.test(one.type) ? (one.closest('label') ?? one) : one
        const { width, height } = target.getBoundingClientRect()
        if (width > 1 && height > 1 && (height < 43.5 || width < 43.5))
          out.low.push(`${nameOf(target)}: ${Math.round(width)} × ${Math.round(height)}`)
      }
    for (const list of Object.values(out)) list.splice(0, list.length, ...new Set(list))
    return out
  }, isTouched)
