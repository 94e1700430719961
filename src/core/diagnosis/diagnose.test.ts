import { point } from '../geometry/point'
import { assumedOpening } from '../opening/model-opening'
import type { AdjustedOpening, OpeningPoints } from '../opening/opening'
import { surveyOf } from '../survey/survey'
import { LENGTHS, readings } from '../test/fixtures'
import { inches, type Length, ticks } from '../units/length'
import { checkCorner } from './check-corner'
import { diagnose } from './diagnose'

const W = inches(38)
const H = inches(82)
const SURE = { x: 100, y: 100 }
const EXACT = { L0: SURE, L1: SURE, L2: SURE, R0: SURE, R1: SURE, R2: SURE, S: SURE, T: SURE }
const opening = (moved: Partial<OpeningPoints>): AdjustedOpening => ({
  ...assumedOpening(W, H, LENGTHS),
  deviations: EXACT,
  points: { ...assumedOpening(W, H, LENGTHS).points, ...moved },
})
const check = (
  code: string,
  moved: Partial<OpeningPoints>,
  texts: { readonly [slot: string]: string } = {},
  place?: string,
) =>
  diagnose(surveyOf('trim-off', readings(texts)), opening(moved), 'sound', LENGTHS).find(
    one => one.code === code && (!place || one.place === place),
  )!

const over = (length: Length) => ticks(length + 1)

describe('the sill', () => {
  it.each([
    ['level', 0, 'fine'],
    ['on the first limit', inches(0, 1, 16), 'fine'],
    ['a tick over it', over(inches(0, 1, 16)), 'watch'],
    ['on the second', inches(0, 1, 8), 'watch'],
    ['a tick over that', over(inches(0, 1, 8)), 'correct'],
  ])('%s', (_, fall, severity) => expect(check('level', { R0: point(W, fall) }).severity).toBe(severity))
  it('names the low end', () => {
    expect(check('level', { R0: point(W, inches(0, 1, 4)) }).facts.low).toBe('left')
    expect(check('level', { R0: point(W, -inches(0, 1, 4)) }).facts.low).toBe('right')
  })
  it('crowned over 1/16 is corrected first', () => {
    expect(check('crown', { S: point(W / 2, inches(0, 1, 16)) }).severity).toBe('watch')
    expect(check('crown', { S: point(W / 2, over(inches(0, 1, 16))) }).severity).toBe('correct')
  })
  it('hollow wants support', () =>
    expect(check('hollow', { S: point(W / 2, -inches(0, 1, 8)) })).toMatchObject({
      severity: 'watch',
      cures: [{ code: 'hollow.support' }],
    }))
})

describe('a lean is judged by what the side gaps take up', () => {
  it.each([
    [inches(0, 1, 8), 'fine'],
    [over(inches(0, 1, 8)), 'watch'],
    [inches(0, 1, 4), 'watch'],
    [over(inches(0, 1, 4)), 'correct'],
  ])('%p ticks: %s', (lean, severity) =>
    expect(check('lean', { L2: point(lean, H) }, {}, 'lean.left').severity).toBe(severity),
  )
  it('says which way', () =>
    expect(check('lean', { R2: point(W - inches(0, 1, 2), H) }, {}, 'lean.right').facts.towards).toBe('left'))
})

describe('a bow', () => {
  it('inward is planed, outward packed', () => {
    expect(check('bow', { L1: point(inches(0, 3, 16), H / 2) }, {}, 'bow.left')).toMatchObject({
      severity: 'watch',
      cures: [{ code: 'bow.plane', amount: inches(0, 3, 16), at: H / 2 }],
      facts: { direction: 'in' },
    })
    expect(check('bow', { L1: point(-inches(0, 3, 16), H / 2) }, {}, 'bow.left')).toMatchObject({
      severity: 'watch',
      cures: [{ code: 'bow.pack', amount: inches(0, 3, 16), at: H / 2 }],
      facts: { direction: 'out' },
    })
  })
})

describe('square', () => {
  const racked = (by: number) => ({ L2: point(by, H), R2: point(W + by, H) })
  it('is fine while the diagonals agree to 1/8', () =>
    expect(check('square', racked(inches(0, 1, 16))).severity).toBe('fine'))
  it('is corrected first beyond 1/4', () =>
    expect(check('square', racked(inches(0, 1, 2)))).toMatchObject({
      severity: 'correct',
      facts: { towards: 'right' },
    }))
  it('tells the rack from both diagonals, not from half their difference', () => {
    const { rack } = check('square', racked(inches(0, 1, 2))).facts as { rack: { length: Length } }
    expect(Math.abs(rack.length - inches(0, 1, 2))).toBeLessThan(200)
  })
})

describe('the diagonals as the tape said them', () => {
  const texts = { 'trim-off/diagonals.risingRight': '91', 'trim-off/diagonals.risingLeft': '90 1/4' }
  it('are said beside the adjusted difference', () =>
    expect(check('square', {}, texts).facts).toMatchObject({ read: { length: inches(0, 3, 4) } }))
  it('are not repeated where they say the same', () => expect(check('square', {}).facts.read).toBeUndefined())
})

describe('the head over the unit', () => {
  const head = (left: Length, right: Length) => check('head-level', { L2: point(0, left), R2: point(38, right) })
  it('is said where it falls over its limit, with the side that lies low', () => {
    expect(head(inches(82), inches(82, 1, 4))).toMatchObject({
      severity: 'watch',
      place: 'fall.head',
      facts: { fall: { length: inches(0, 1, 4) }, low: 'left' },
      cures: [{ code: 'head.taper' }],
    })
    expect(head(inches(82, 1, 4), inches(82)).facts.low).toBe('right')
  })
  it('is passed over within it', () => expect(head(inches(82), inches(82, 1, 16))).toBeUndefined())
})

describe('twist', () => {
  const twist = (texts: { readonly [slot: string]: string }) => check('twist', {}, texts)
  it('is the two sides’ lean through the wall compared, over the full height', () => {
    const found = twist({ 'through.left': '1/8', 'through.right': '-1/8' })
    expect(found.facts.twist).toEqual({ length: ticks(Math.round((inches(0, 1, 4) * 82) / 72)) })
    expect(found).toMatchObject({ severity: 'correct', cures: [{ code: 'twist.move-wall' }] })
  })
  it('is twice the gap between crossed strings', () =>
    expect(twist({ 'strings.gap': '1/8' })).toMatchObject({
      severity: 'watch',
      facts: { twist: { length: inches(0, 1, 4) } },
    }))
  it('is not made up when nothing was read', () => expect(twist({})).toBeUndefined())
  it('by strings is as large whichever is in front', () =>
    expect(twist({ 'strings.gap': '-1/8' }).facts).toEqual(twist({ 'strings.gap': '1/8' }).facts))
  it('says how far the wall leaves each leg', () =>
    expect(twist({ 'through.left': '1/4', 'through.right': '-1/8' }).facts).toMatchObject({
      leftFace: 'in',
      rightFace: 'out',
    }))
  it.each([
    ['1/16', undefined],
    ['-1/16', 'watch'],
    ['1/2', 'watch'],
  ])('by strings of %p beside a level that says 1/8 each way: %p', (strings, severity) => {
    const texts = { 'through.left': '1/16', 'through.right': '-1/16', 'strings.gap': strings }
    expect(check('twist-two-ways', {}, texts)?.severity).toBe(severity)
  })
})

describe('the wall', () => {
  it('is judged by its spread', () => {
    expect(check('wall-spread', {}, { 'wall.left': '4 1/2', 'wall.right': '4 5/8' }).severity).toBe('fine')
    expect(check('wall-spread', {}, { 'wall.left': '4 1/2', 'wall.right': '4 11/16' }).severity).toBe('watch')
  })
})

it('a rotten subfloor stops everything', () =>
  expect(diagnose(surveyOf('trim-off', []), opening({}), 'rotten', LENGTHS)).toContainEqual(
    expect.objectContaining({ code: 'subfloor-rotten', severity: 'stop' }),
  ))

it('a figure whose own doubt reaches the limit is too close to tell', () => {
  const doubtful = { ...opening({ R0: point(W, inches(0, 1, 16)) }), deviations: { ...EXACT, R0: { x: 0, y: 2540 } } }
  expect(
    diagnose(surveyOf('trim-off', []), doubtful, 'sound', LENGTHS).find(one => one.code === 'level')!.facts.certain,
  ).toBe('no')
  expect(check('level', {}).facts.certain).toBe('yes')
})

describe('three, four, five', () => {
  it('is square on 5', () =>
    expect(checkCorner(inches(36), inches(48), inches(60), inches(80))).toMatchObject({
      ok: true,
      value: { runOut: 0 },
    }))
  it('leans more with a longer diagonal', () => {
    const outcome = checkCorner(inches(36), inches(48), inches(60, 1, 4), inches(80))
    expect(outcome.ok && outcome.value.angleDeg).toBeGreaterThan(90.4)
  })
  it.each([
    [36, 48, 90],
    [36, 48, 12],
    [0, 48, 60],
  ])('%p, %p and %p make no corner', (a, b, d) =>
    expect(checkCorner(inches(a), inches(b), inches(d), inches(80))).toMatchObject({
      ok: false,
      issues: [{ code: 'corner.impossible' }],
    }),
  )
})
