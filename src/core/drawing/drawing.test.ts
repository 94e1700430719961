import { STAGES } from '../base/stages'
import { point } from '../geometry/point'
import { assumedOpening } from '../opening/model-opening'
import { done, LENGTHS, records, TRUE_OPENING, trade, unit } from '../test/fixtures'
import { inches, ticks } from '../units/length'
import { elevation } from './elevation'
import { exaggerate, meanFrame } from './exaggerate'
import { swingPlan } from './hand-plan'
import { lowerScene } from './lower-scene'
import { plan } from './plan'
import { dimension, readingMark, type Scene } from './scene'
import { section } from './section'

const OPTIONS = { textHeight: inches(1), step: '1/16', word: (code: string) => code, openText: '–' } as const
const chosen = { chosen: { unit: unit().id, reason: '' } }
const result = done(records(TRUE_OPENING, chosen), trade())
const texts = (scene: Scene) => lowerScene(scene, OPTIONS).flatMap(mark => (mark.kind === 'text' ? [mark.text] : []))
const sceneOf = (...marks: Scene['marks']): Scene => ({ name: 'test', marks, from: point(0, 0), to: point(1, 1) })

describe('a dimension', () => {
  it('says what lies between its ends, and can’t be told otherwise', () =>
    expect(texts(sceneOf(dimension('d', point(0, 0), point(inches(36, 3, 8), 0), inches(2))))).toEqual(['36 3/8']))
  it('stands beside what it measures by its offset', () => {
    const lines = lowerScene(sceneOf(dimension('d', point(0, 0), point(1000, 0), inches(2))), OPTIONS).filter(
      mark => mark.kind === 'line',
    )
    expect(lines).toContainEqual(expect.objectContaining({ x1: 0, y1: inches(2), x2: 1000, y2: inches(2) }))
  })
  it.each([
    [0, -1000],
    [-1000, 0],
    [0, 1000],
    [-700, -700],
  ])('never stands on its head (%p, %p)', (x, y) => {
    const [text] = lowerScene(sceneOf(dimension('d', point(0, 0), point(x, y), ticks(0))), OPTIONS).filter(
      mark => mark.kind === 'text',
    )
    expect(Math.abs(text!.kind === 'text' ? text!.turnDeg : 999)).toBeLessThanOrEqual(91)
  })
})

it('an open reading shows that it is open', () =>
  expect(texts(sceneOf(readingMark('r', point(0, 0), point(0, 9), null, 0.5, 'assumed')))).toEqual(['–']))

describe('the elevation', () => {
  it('while measuring shows every figure that was read', () => {
    const shown = texts(elevation(result, 'measure'))
    expect(shown.filter(text => text === '38')).toHaveLength(3)
    expect(shown.filter(text => text === '82 1/2')).toHaveLength(3)
  })
  it('shows a suspect reading as doubtful', () => {
    const misread = done(records({ ...TRUE_OPENING, 'trim-off/widths.top': '39' }), trade())
    const doubtful = elevation(misread, 'measure').marks.filter(mark => mark.certainty === 'doubtful')
    expect(doubtful.map(mark => mark.id)).toEqual(['trim-off/widths.top'])
  })
  it('is dashed where nothing was measured', () => {
    const bare = done(records({}), trade())
    expect(elevation(bare, 'measure').marks.find(mark => mark.id === 'hole')!.certainty).toBe('assumed')
  })
  it('is drawn for every stage, whatever is known', () => {
    for (const known of [
      result,
      done(records({}), trade([])),
      done(records({ 'core/widths.middle': '36', 'core/heights.left': '80' }), trade()),
    ]) {
      for (const stage of STAGES) expect(elevation(known, stage, 20).marks.length).toBeGreaterThan(5)
    }
  })
  it('fills each gap with its pack, from frame to stud', () => {
    const pack = elevation(result, 'fit').marks.find(mark => mark.id === 'shim.hinge.top' && mark.kind === 'path')
    const xs = pack!.kind === 'path' ? pack!.points.map(p => p.x) : []
    expect(Math.max(...xs) - Math.min(...xs)).toBe(result.shims!.points[0]!.gap)
  })
})

describe('exaggeration', () => {
  const { points } = assumedOpening(inches(38), inches(82), LENGTHS)
  const leaning = { ...points, L2: point(100, inches(82)), R2: point(inches(38) + 100, inches(82)) }
  it('of a true opening changes nothing', () => expect(exaggerate(points, meanFrame(points), 40)).toEqual(points))
  it('of one is the truth', () => expect(exaggerate(leaning, meanFrame(leaning), 1)).toEqual(leaning))
  it('moves each side as many times as far from the frame', () => {
    const frame = { left: 0, right: inches(38), bottom: 0, top: inches(82) }
    expect(exaggerate(leaning, frame, 10).L2.x).toBe(1000)
  })
})

describe('the plan', () => {
  const leafOf = (scene: Scene) => scene.marks.find(mark => mark.id === 'leaf')!
  it.each([
    ['left', 'in', 1, -1],
    ['right', 'in', 1, 1],
    ['left', 'out', -1, -1],
    ['right', 'out', -1, 1],
  ] as const)('hinges %s, swings %s: the open leaf stands on that side, inside above', (hinges, swing, up, side) => {
    const leaf = leafOf(swingPlan(inches(37), hinges, swing))
    const points = leaf.kind === 'path' ? leaf.points : []
    const [midX, midY] = [0, 1].map(i => points.reduce((sum, p) => sum + (i ? p.y : p.x), 0) / 4)
    expect(Math.sign(midY! - inches(2))).toBe(up)
    expect(Math.sign(midX! - inches(18, 1, 2))).toBe(side)
  })
  it('sweeps a quarter circle from shut to open', () => {
    for (const [hinges, swing] of [
      ['left', 'in'],
      ['right', 'in'],
      ['left', 'out'],
      ['right', 'out'],
    ] as const) {
      const arc = swingPlan(inches(37), hinges, swing).marks.find(mark => mark.kind === 'arc')
      expect(arc?.kind === 'arc' && arc.toDeg - arc.fromDeg).toBe(90)
    }
  })
  it('shows the wall as it was read', () =>
    expect(texts(plan(result)).filter(text => text === '4 1/2')).toHaveLength(3))
})

it('the sill section shows floor and clearance', () =>
  expect(texts(section(result))).toEqual(expect.arrayContaining(['1/4', '7/8'])))
