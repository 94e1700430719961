import { readdirSync, readFileSync, statSync } from 'node:fs'
import { dirname, join, relative, resolve } from 'node:path'
import { FAMILIES, UNIT_KINDS } from '@/core/base/kinds'

const SRC = join(process.cwd(), 'src')
const CORE_ORDER = [
  'outcome',
  'units',
  'base',
  'access',
  'geometry',
  'physics',
  'tuning',
  'survey',
  'opening',
  'practice',
  'specification',
  'diagnosis',
  'seal-stock',
  'catalogue',
  'log',
  'order',
  'fit',
  'seal',
  'handover',
  'after',
  'plan',
  'exchange',
  'drawing',
  'doors',
  'sharing',
  'new-edits',
  'edits',
  'terms',
  'work-parts',
  'work-given',
  'ask-work',
  'work',
  'taking',
  'draw',
  'offer-shown',
  'school-effects',
  'sheet',
  'progress',
  'after-work',
  'after-figures',
  'opening-tasks',
  'glance',
  'summary',
  'records',
  'job-file',
  'call-trade',
  'calls-input',
  'opening-call',
  'calls',
]
/** Which rooms each room outside the core may import. */
const MAY: Readonly<Record<string, readonly string[]>> = {
  trade: ['core'],
  words: ['core'],
  papers: ['core', 'words'],
  writers: ['core', 'words', 'papers'],
  store: ['core'],
  readers: ['core', 'words'],
  devices: ['core'],
  compute: ['core', 'trade', 'words', 'readers'],
  bench: ['core', 'trade', 'words', 'readers', 'server', 'compute'],
  server: ['core', 'trade', 'words', 'papers', 'writers', 'readers', 'store', 'devices'],
  ui: ['core', 'trade', 'words', 'devices'],
  app: ['core', 'words', 'papers', 'writers', 'readers', 'store', 'server', 'ui', 'devices'],
}
/** Packages with one door. */
const ONLY: Readonly<Record<string, RegExp>> = {
  'chart.js': /^ui\/parts\/\w*Chart\.tsx$/,
  'react-chartjs-2': /^ui\/parts\/\w*Chart\.tsx$/,
  'drizzle-orm': /^store\//,
  mysql2: /^store\//,
  pdfkit: /^writers\//,
  'ical-generator': /^writers\//,
  qrcode: /^writers\//,
  signature_pad: /^ui\/sharing\/SignBox\.tsx$/,
  sharp: /^server\//,
  pino: /^server\/log\.ts$/,
  'p-limit': /^server\/(limits|turn)\.ts$/,
  'lru-cache': /^server\/(kept|kept-pages|plan-text)\.ts$/,
  'content-disposition': /^server\/download\.ts$/,
  'rate-limiter-flexible': /^server\/limits\.ts$/,
  dexie: /^ui\/outbox\/kept\.ts$/,
  serwist: /^sw\//,
  'eventsource-parser': /^devices\//,
  '@tarikjabiri/dxf': /^writers\//,
  // Who acts is looked up once for a page.
  react: /^(ui|app)\/|^server\/session\.ts$/,
  'next/link': /^ui\/parts\/Link\.tsx$/,
  next: /^(ui|app|server)\/|^instrumentation\.ts$/,
}

const walk = (folder: string): readonly string[] =>
  readdirSync(folder).flatMap(name =>
    statSync(join(folder, name)).isDirectory() ? walk(join(folder, name)) : join(folder, name),
  )
const sources = walk(SRC).filter(path => /\.tsx?$/.test(path) && !/\.test\.ts$|\/test\//.test(path))
const nameOf = (path: string) => relative(SRC, path)
const paths: ReadonlySet<string> = new Set(sources)
const names: ReadonlySet<string> = new Set(sources.map(nameOf))
type Import = { readonly file: string; readonly target: string; readonly typeOnly: boolean }

const imports: readonly Import[] = sources.flatMap(path =>
  [...readFileSync(path, 'utf8').matchAll(/^(?:import|export)\s+(type\s)?[^'"]*?from\s+['"]([^'"]+)['"]/gm)].map(
    ([, type, from]) => ({ file: nameOf(path), target: targetOf(path, from!), typeOnly: type !== undefined }),
  ),
)

function targetOf(path: string, from: string): string {
  const base = from.startsWith('@/')
    ? join(SRC, from.slice(2))
    : from.startsWith('.')
      ? resolve(dirname(path), from)
      : null
  if (base === null) return from
  return nameOf([`${base}.ts`, `${base}.tsx`].find(one => paths.has(one)) ?? base)
}

const room = (name: string) => name.split('/')[0]!
const coreRoom = (name: string) => (name.split('/')[1] ?? '').replace(/\.ts$/, '')

describe('who may import whom', () => {
  it('the core imports only itself, zod, the calendar, and what stands before it', () => {
    const wrong = imports.filter(({ file, target }) => {
      if (room(file) !== 'core') return false
      if (['zod', 'date-fns', '@date-fns/tz', 'suncalc'].includes(target)) return false
      if (room(target) !== 'core') return true
      return CORE_ORDER.indexOf(coreRoom(target)) > CORE_ORDER.indexOf(coreRoom(file))
    })
    expect(wrong).toEqual([])
  })
  it('every room of the core has its place in the order', () =>
    expect(
      [
        ...new Set(
          sources
            .map(nameOf)
            .filter(name => room(name) === 'core')
            .map(coreRoom),
        ),
      ].filter(name => !CORE_ORDER.includes(name)),
    ).toEqual([]))
  it('the other rooms keep to their doors', () => {
    const wrong = imports.filter(({ file, target, typeOnly }) => {
      const allowed = MAY[room(file)]
      const inside = names.has(target)
      return (
        allowed &&
        inside &&
        room(target) !== room(file) &&
        !allowed.includes(room(target)) &&
        !(typeOnly && room(file) === 'ui' && room(target) === 'server')
      )
    })
    expect(wrong).toEqual([])
  })
  it.each(Object.keys(ONLY))('%s is imported only where it belongs', name =>
    expect(
      imports.filter(
        ({ file, target }) => (target === name || target.startsWith(`${name}/`)) && !ONLY[name]!.test(file),
      ),
    ).toEqual([]),
  )
  it('what the browser runs carries no parser of records', () => {
    const reached = new Set<string>()
    const follow = (name: string): void => {
      if (reached.has(name)) return
      reached.add(name)
      for (const one of imports) if (one.file === name && !one.typeOnly) follow(one.target)
    }
    for (const path of sources) if (room(nameOf(path)) === 'ui') follow(nameOf(path))
    expect(reached.has('zod')).toBe(false)
  })
  it.each([
    ['files', (name: string) => name],
    ['rooms of the core and of the interface', (name: string) => name.split('/').slice(0, 2).join('/')],
  ])('no %s go in a circle, by their types neither', (_, of) => {
    const edges = new Map<string, string[]>()
    for (const { file, target } of imports)
      if (of(file) !== of(target)) edges.set(of(file), [...(edges.get(of(file)) ?? []), of(target)])
    const state = new Map<string, 'open' | 'closed'>()
    const circles: string[] = []
    const visit = (name: string): void => {
      state.set(name, 'open')
      for (const next of edges.get(name) ?? []) {
        if (state.get(next) === 'open') circles.push(`${name} → ${next}`)
        else if (!state.has(next)) visit(next)
      }
      state.set(name, 'closed')
    }
    for (const path of sources) if (!state.has(of(nameOf(path)))) visit(of(nameOf(path)))
    expect(circles).toEqual([])
  })
  it('what kind a door is, is asked in one room: nowhere else a kind is named to decide by', () => {
    const named = new RegExp(
      `(?<!stormKind )[=!]== '(${[...FAMILIES, ...UNIT_KINDS].join('|')})'|case '(${[...FAMILIES, ...UNIT_KINDS].join('|')})':`,
    )
    const wrong = sources.filter(
      path =>
        named.test(readFileSync(path, 'utf8')) &&
        !/^core\/(doors|records|base\/kinds)|^words\/|^bench\//.test(nameOf(path)),
    )
    expect(wrong.map(nameOf)).toEqual([])
  })
})
