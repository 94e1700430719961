import { defineConfig } from '@playwright/test'
import { CHROMIUM } from './tools/chromium.mjs'

/** Stories that take the database, the application, a device or the supplier's desk away, or change what all see: one at a time. */
const specs = (...names: string[]) => names.map(name => `${name}.spec.ts`)
const ALONE_A = specs('catalogue', 'devices', 'papers')
const ALONE_B = specs('order', 'receive', 'trouble')

export default defineConfig({
  testDir: 'e2e',
  projects: [
    { name: 'beside', testMatch: '*.spec.ts', testIgnore: [...ALONE_A, ...ALONE_B] },
    { name: 'alone-a', testMatch: ALONE_A },
    { name: 'alone-b', testMatch: ALONE_B },
  ],
  fullyParallel: false,
  workers: 1,
  // No story is to say how fast a machine is, nor one whose neighbours take half of it: what hangs ends all the same.
  timeout: 300_000,
  expect: { timeout: 30_000 },
  // A browser that hangs is started anew, once; what it was is listed as flaky. What is wrong is wrong twice.
  retries: 1,
  reporter: [['list']],
  globalSetup: './e2e/test/start.ts',
  use: {
    viewport: { width: 1280, height: 800 },
    locale: 'en-GB',
    timezoneId: 'UTC',
    screenshot: 'only-on-failure',
    // The stories that go without signal let it in.
    serviceWorkers: 'block',
    launchOptions: CHROMIUM,
  },
})
