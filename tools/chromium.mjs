// @ts-check
import { existsSync } from 'node:fs'

const SHELL = '/usr/bin/chromium-headless-shell'

/** Debian's Chromium, headless and quiet: no sandbox since it may run as root, no talk with the outside. */
export const CHROMIUM = {
  // Looked for when it is started: it may have been installed just before.
  get executablePath() {
    return existsSync(SHELL) ? SHELL : '/usr/bin/chromium'
  },
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    // Letters as wide as a window shows them: without one they are set to whole pixels.
    '--font-render-hinting=none',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
    // No second page made ready behind each one: it takes a sixth of the time of two cores.
    '--disable-features=SpareRendererForSitePerProcess,BackForwardCache,Translate,MediaRouter,OptimizationHints,PaintHolding',
  ],
}
