import { moveWords, REVEAL_NAMES } from '@/words/tuning'
import { LENGTHS, length } from '../test/fixtures'
import { ADJUSTERS, predictReveals, REVEALS, type Reveals } from '../tuning/reveals'
import { inches, type Length } from '../units/length'
import type { ShimPoint } from './plan-shims'
import { type Hanging, hangingOf, marginSlots, type TuneGiven, tuneMargins } from './tune-margins'

const HANGING: Hanging = {
  hinges: 'left',
  leaf: { width: inches(36), height: inches(80) },
  hingeMiddles: [inches(72), inches(40), inches(9)],
  isLabelledTimber: false,
}
const point = (place: string, gap: Length): ShimPoint =>
  ({
    place,
    member: 'left',
    at: inches(1),
    why: 'hinge',
    gap,
    filler: inches(0),
    pack: null,
    issue: null,
    screw: null,
    screwLength: null,
  }) as ShimPoint
const POINTS = [
  ...['top', 'middle', 'bottom'].map(one => point(`hinge.${one}`, length('3/16'))),
  ...['top', 'latch', 'bottom'].map(one => point(`strike.${one}`, length('1/4'))),
]
const EVEN: Readonly<Record<string, string>> = {
  'gap.head.left': '1/8',
  'gap.head.right': '1/8',
  'gap.left.top': '1/8',
  'gap.left.middle': '1/8',
  'gap.left.bottom': '1/8',
  'gap.right.top': '1/8',
  'gap.right.middle': '1/8',
  'gap.right.bottom': '1/8',
}
const marginsOf = (gaps: Readonly<Record<string, string>>, hinges: 'left' | 'right'): Reveals =>
  Object.fromEntries(
    Object.entries(marginSlots(hinges)).flatMap(([name, slot]) => (gaps[slot] ? [[name, length(gaps[slot])]] : [])),
  )
const given = (gaps: Readonly<Record<string, string>>, more: Partial<TuneGiven> = {}): TuneGiven => ({
  margins: marginsOf(gaps, 'left'),
  aim: 'band',
  means: 'all',
  hanging: HANGING,
  points: POINTS,
  headGap: length('1/4'),
  lengths: LENGTHS,
  ...more,
})

describe('the margins of a hung leaf', () => {
  it('are the gaps of its own side: hinges left or right', () => {
    const gaps = { ...EVEN, 'gap.left.top': '1/4', 'gap.head.right': '3/16' }
    expect(marginsOf(gaps, 'left')).toMatchObject({ 'hinge.top': length('1/4'), 'head.strike': length('3/16') })
    expect(marginsOf(gaps, 'right')).toMatchObject({ 'strike.top': length('1/4'), 'head.hinge': length('3/16') })
  })
  it('that are even want no move', () =>
    expect(tuneMargins(given(EVEN))).toMatchObject({ why: null, tuned: { moves: [], worstMiss: 0 } }))
  it('want nothing said before any of them was read', () =>
    expect(tuneMargins(given({ 'gap.bottom.left': '1/2' }))).toMatchObject({ tuned: null, why: 'not-read' }))
  it('are evened out by what is there, and stand as was said', () => {
    const plan = tuneMargins(given({ ...EVEN, 'gap.right.top': '1/32', 'gap.head.right': '1/32' }))
    const tuned = plan.tuned!
    expect(tuned.moves.length).toBeGreaterThan(0)
    const hung = { leaf: HANGING.leaf, hinges: { bottom: inches(9), middle: inches(40), top: inches(72) } }
    expect(predictReveals(hung, plan.margins, tuned.moves, plan.step).reveals).toEqual(tuned.reveals)
    for (const { adjuster, steps } of tuned.moves) {
      if (adjuster.startsWith('card')) expect(steps).toBeGreaterThan(0)
      if (adjuster.startsWith('pack')) expect(steps).toBeGreaterThanOrEqual(-6)
      if (adjuster.startsWith('strike')) expect(steps).toBeGreaterThanOrEqual(-8)
    }
  })
  it('never ask for a thinner pack than there is', () => {
    const bare = POINTS.map(one => ({ ...one, gap: inches(0) }))
    const plan = tuneMargins(given({ ...EVEN, 'gap.right.middle': '1/32' }, { points: bare, headGap: inches(0) }))
    for (const { adjuster, steps } of plan.tuned!.moves) expect([adjuster, steps >= 0]).toEqual([adjuster, true])
  })
  it('at head and sill are wanted alike at both ends, whatever the hinge end reads', () => {
    const sill = { 'gap.bottom.left': '3/8', 'gap.bottom.right': '3/8' }
    expect(tuneMargins(given({ ...EVEN, 'gap.head.left': '3/16', 'gap.head.right': '3/16', ...sill }))).toMatchObject({
      tuned: { moves: [], worstMiss: 0, leafLow: length('1/16') },
    })
    expect(tuneMargins(given({ ...EVEN, 'gap.bottom.right': '3/8' }))).toMatchObject({ tuned: { worstMiss: 0 } })
  })
  it('of a labelled timber leaf are narrower: an eighth is its most', () => {
    const hanging = hangingOf({ leaf: null, hingePlaces: null }, 'timber', { hinges: 'left', labelMinutes: 20 })
    expect(hanging).toBeNull()
    expect(tuneMargins(given(EVEN, { hanging: { ...HANGING, isLabelledTimber: true } })).target).toBe(length('3/32'))
  })
  it('on four hinges are not worked out, on two they are', () => {
    const on = (...hingeMiddles: Length[]) => tuneMargins(given(EVEN, { hanging: { ...HANGING, hingeMiddles } })).why
    expect([on(inches(72), inches(9)), on(inches(72), inches(50), inches(30), inches(9)), on(inches(40))]).toEqual([
      null,
      'hinges',
      'hinges',
    ])
  })
})

it('every move is one sentence with its amount, in the job’s unit; every margin has a name', () => {
  for (const adjuster of ADJUSTERS)
    for (const steps of [2, -1]) {
      expect(moveWords({ adjuster, steps }, inches(0, 1, 32), '1/64')).toMatch(
        steps > 0 ? /^[A-Z].* 1\/16 in .*\.$|1\/16 in\.$/ : /1\/32 in/,
      )
      expect(moveWords({ adjuster, steps }, inches(0, 1, 32), '0.1')).toMatch(/ mm/)
    }
  expect(new Set(REVEALS.map(name => REVEAL_NAMES[name])).size).toBe(REVEALS.length)
})
