import DxfParser from 'dxf-parser'
import { XMLParser } from 'fast-xml-parser'
import { elevation } from '@/core/drawing/elevation'
import { lowerScene } from '@/core/drawing/lower-scene'
import { POINT_NAMES } from '@/core/opening/opening'
import { done, randomFrom, readings, records, TRUE_OPENING, trade, unit, wholeFrom } from '@/core/test/fixtures'
import { formatLength } from '@/core/units/format-length'
import { inches, ticks } from '@/core/units/length'
import { writeDxf } from './write-dxf'
import { exactMm, writeSvg } from './write-svg'

const TEXT = inches(1)
const OPTIONS = { textHeight: TEXT, step: '1/16', word: (code: string) => code, openText: '' } as const

/** An opening whose readings wander a little, with a unit that goes in. */
function seeded(seed: number): ReturnType<typeof done> {
  const random = randomFrom(seed)
  const texts = Object.fromEntries(
    Object.entries(TRUE_OPENING).map(([slot, text]) => {
      if (!/lean|bow|fall|crown/.test(slot)) return [slot, text]
      return [slot, formatLength(ticks(wholeFrom(random, -4, 4) * 2540), '1/64')]
    }),
  )
  const base = records(texts, { chosen: { unit: unit().id, reason: '' }, hinges: random() < 0.5 ? 'left' : 'right' })
  return done(
    { ...base, readings: readings(texts) },
    trade([unit({ width: inches(36, wholeFrom(random, 0, 31), 32) })]),
  )
}

/** What must come back: every adjusted point, and the corners of every pack, in ticks. */
function expected(result: ReturnType<typeof done>): ReadonlyMap<string, readonly (readonly [number, number])[]> {
  const points = POINT_NAMES.map((name): [string, [number, number][]] => [
    `point.${name}`,
    [[result.hole!.points[name].x, result.hole!.points[name].y]],
  ])
  const marks = elevation(result, 'fit').marks.flatMap(mark =>
    mark.kind === 'path' && mark.role === 'shim'
      ? [[mark.id, mark.points.map(p => [p.x, p.y])] as [string, [number, number][]]]
      : [],
  )
  return new Map([...points, ...marks])
}

const inTicks = (mm: number) => mm * 3200

function expectAll(
  want: ReturnType<typeof expected>,
  got: ReadonlyMap<string, readonly (readonly [number, number])[]>,
): void {
  expect([...got.keys()].sort()).toEqual([...want.keys()].sort())
  for (const [id, corners] of want) {
    corners.forEach(([x, y], i) => {
      const [gotX, gotY] = got.get(id)![i]!
      expect(Math.max(Math.abs(gotX - x), Math.abs(gotY - y))).toBeLessThanOrEqual(1)
    })
  }
}

function fromSvg(text: string) {
  const { svg } = new XMLParser({
    ignoreAttributes: false,
    attributeNamePrefix: '',
    isArray: name => ['circle', 'polygon'].includes(name),
  }).parse(text)
  const found = new Map<string, [number, number][]>()
  for (const one of svg.circle)
    if (one['data-role'] === 'point') found.set(one['data-id'], [[inTicks(Number(one.cx)), -inTicks(Number(one.cy))]])
  for (const one of svg.polygon) {
    if (one['data-role'] === 'shim')
      found.set(
        one['data-id'],
        one.points.split(' ').map((pair: string) => {
          const [x, y] = pair.split(',').map(Number)
          return [inTicks(x!), -inTicks(y!)]
        }),
      )
  }
  return found
}

function fromDxf(text: string) {
  const { entities } = new DxfParser().parseSync(text)!
  const found = new Map<string, [number, number][]>()
  for (const one of entities as unknown as {
    type: string
    layer: string
    position?: { x: number; y: number }
    vertices?: { x: number; y: number }[]
  }[]) {
    const id = one.layer.replaceAll('-', '.')
    if (one.type === 'POINT') found.set(id, [[inTicks(one.position!.x), inTicks(one.position!.y)]])
    if (one.type === 'LWPOLYLINE' && id.startsWith('shim.'))
      found.set(
        id,
        one.vertices!.map(v => [inTicks(v.x), inTicks(v.y)]),
      )
  }
  return found
}

describe('a drawing taken along gives back every point and every pack within one tick', () => {
  it.each(Array.from({ length: 50 }, (_, i) => i + 1))('opening %p', seed => {
    const result = seeded(seed)
    const want = expected(result)
    expect(want.size).toBe(14)
    const scene = elevation(result, 'fit')
    const marks = lowerScene(scene, OPTIONS)
    expectAll(want, fromSvg(writeSvg(scene, marks, TEXT)))
    expectAll(want, fromDxf(writeDxf(marks, TEXT)))
  })
})

describe('millimetres', () => {
  it.each([
    [1, '0.0003125'],
    [3200, '1'],
    [-1600, '-0.5'],
    [0, '0'],
    [-0, '0'],
    [2_956_560, '923.925'],
  ])('%p ticks are %s', (n, text) => expect(exactMm(n)).toBe(text))
})

it('a name can’t break out of the SVG', () => {
  const scene = elevation(seeded(1), 'fit')
  const svg = writeSvg(
    scene,
    [
      {
        kind: 'text',
        role: 'label',
        id: '"><script>',
        certainty: 'sure',
        x: 0,
        y: 0,
        text: '<b>&',
        turnDeg: 0,
        anchor: 'start',
      },
    ],
    TEXT,
  )
  expect(svg).not.toContain('<script>')
  expect(svg).toContain('&lt;b&gt;&amp;')
})
