// @ts-check
import { readdirSync, readFileSync, statSync } from 'node:fs'
import { join, relative } from 'node:path'
import { root } from './bundle.mjs'

/** @param {string} folder @returns {string[]} */
const walk = folder =>
  readdirSync(folder).flatMap(name => {
    const path = join(folder, name)
    return statSync(path).isDirectory() ? walk(path) : [path]
  })

/** Bundles the service worker with the list of what it keeps: every file of this build, and the page that shows what was taken along. */
export async function buildWorker() {
  const { build } = await import('esbuild')
  const revision = readFileSync(join(root, '.next/BUILD_ID'), 'utf8').trim()
  const files = walk(join(root, '.next/static'))
    .filter(path => !path.endsWith('.map'))
    // Their names say what is in them: under one name they never change.
    .map(path => ({ url: `/_next/static/${relative(join(root, '.next/static'), path)}`, revision: null }))
  const own = ['/site', '/icon.svg', '/icon-192.png', '/manifest.webmanifest'].map(url => ({ url, revision }))
  await build({
    entryPoints: [join(root, 'src/sw/sw.ts')],
    outfile: join(root, 'public/sw.js'),
    bundle: true,
    minify: true,
    target: 'es2022',
    format: 'iife',
    define: {
      'self.__SW_MANIFEST': JSON.stringify([...files, ...own]),
      'process.env.NODE_ENV': '"production"',
    },
    logLevel: 'warning',
    legalComments: 'none',
  })
}
