import { moveWords, REVEAL_NAMES } from '@/words/tuning'
import { LENGTHS, length } from '../test/fixtures'
import { ADJUSTERS, predictReveals, REVEALS, type Reveals } from '../tuning/reveals'
import { inches, type Length } from '../units/length'
import { type Hanging, marginSlots, oneHanging, pairHanging } from './hanging'
import { oddMargins } from './odd-margins'
import type { ShimPoint } from './plan-shims'
import { byHand, tuneLeaves } from './tune-leaves'
import { meansOf, type TuneGiven, tuneMargins } from './tune-margins'

const HANGING: Hanging = {
  id: 'one',
  meets: false,
  isPassive: false,
  screws: null,
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
    Object.entries(marginSlots({ ...HANGING, hinges })).flatMap(([name, slot]) =>
      gaps[slot] ? [[name, length(gaps[slot])]] : [],
    ),
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
    const hung = { leaf: HANGING.leaf, hinges: { bottom: inches(9), inner: [inches(40)], top: inches(72) } }
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
    const unknown = { leaf: null, hingePlaces: null }
    const wishes = { hinges: 'left', labelMinutes: 20 } as const
    expect(oneHanging({ further: unknown, material: 'timber', wishes, screws: null })).toEqual([])
    expect(pairHanging({ further: unknown, material: 'timber', wishes, screws: null }, 'left', inches(20))).toEqual([])
    expect(tuneMargins(given(EVEN, { hanging: { ...HANGING, isLabelledTimber: true } })).target).toBe(length('3/32'))
  })
  it('are worked out on two hinges to five, not on one or six', () => {
    const on = (...all: readonly number[]) =>
      tuneMargins(given(EVEN, { hanging: { ...HANGING, hingeMiddles: all.map(one => inches(one)) } })).why
    expect([on(72, 9), on(72, 50, 30, 9), on(72, 56, 40, 24, 9)]).toEqual([null, null, null])
    expect([on(40), on(72, 60, 48, 36, 24, 9)]).toEqual(['hinges', 'hinges'])
  })
  it('on four hinges move the two between by packs of their own, each where it stands', () => {
    const four = { ...HANGING, hingeMiddles: [72, 51, 30, 9].map(one => inches(one)) }
    const points = [...POINTS, ...[2, 3].map(i => ({ ...POINTS[0]!, place: `hinge.${i}` }))]
    const off = { 'gap.left.top': '1/16', 'gap.left.middle': '1/16', 'gap.left.bottom': '1/16' }
    const wide = { 'gap.right.top': '3/16', 'gap.right.middle': '3/16', 'gap.right.bottom': '3/16' }
    const by = (more: Partial<Parameters<typeof given>[1]>) =>
      tuneMargins(given({ ...EVEN, ...off, ...wide }, { hanging: four, points, ...more }))
    const cards = by({ means: 'cards', aim: 'middle' }).tuned!
    expect(cards.moves.map(one => one.adjuster)).toEqual(['card.top', 'card.2', 'card.3', 'card.bottom'])
    expect(cards.worstMiss).toBe(0)
    const { tuned, step } = by({ means: 'all', aim: 'middle' })
    expect(tuned!.worstMiss).toBe(0)
    const hung = { leaf: four.leaf, hinges: { bottom: inches(9), inner: [inches(51), inches(30)], top: inches(72) } }
    expect(Math.abs(predictReveals(hung, {}, tuned!.moves, step).bind!)).toBeLessThanOrEqual(inches(0, 1, 64) + 1)
    const said = cards.moves.map(move => moveWords(move, step, '1/64'))
    expect(said[1]).toMatch(/second hinge from the top\.$/)
    expect(said[2]).toMatch(/third hinge from the top\.$/)
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

describe('set screws', () => {
  const SCREWED: Hanging = { ...HANGING, screws: { advance: length('1/16'), alike: true } }
  const by = (gaps: Readonly<Record<string, string>>, hanging: Hanging) =>
    tuneMargins(given({ ...EVEN, ...gaps }, { hanging, means: 'screws' }))
  it('are a means only where the sheet tells of them', () =>
    expect([meansOf(HANGING), meansOf(SCREWED)]).toEqual([
      ['all', 'cards', 'packs'],
      ['all', 'cards', 'packs', 'screws'],
    ]))
  it('turned alike carry the whole leaf over, by eighths of a turn', () => {
    const off = { 'gap.left.top': '1/16', 'gap.left.middle': '1/16', 'gap.left.bottom': '1/16' }
    const wide = { 'gap.right.top': '3/16', 'gap.right.middle': '3/16', 'gap.right.bottom': '3/16' }
    const { tuned, step } = by({ ...off, ...wide }, SCREWED)
    expect(step).toBe(inches(0, 1, 128))
    expect(tuned!.worstMiss).toBe(0)
    expect(tuned!.moves.map(one => one.adjuster)).toEqual(['card.top', 'card.middle', 'card.bottom'])
    expect(new Set(tuned!.moves.map(one => one.steps)).size).toBe(1)
    expect(moveWords(tuned!.moves[0]!, step, '1/64', 'screws')).toMatch(
      /^Turn the set screws of the top hinge .* of a turn out/,
    )
  })
  it('turned each by itself also take a taper out; alike they can’t', () => {
    const taper = {
      'gap.left.top': '1/16',
      'gap.left.bottom': '3/16',
      'gap.right.top': '3/16',
      'gap.right.bottom': '1/16',
    }
    const alike = by(taper, SCREWED).tuned!
    const apart = by(taper, { ...SCREWED, screws: { advance: length('1/16'), alike: false } }).tuned!
    expect(apart.worstMiss).toBeLessThan(inches(0, 1, 128))
    expect(alike.worstMiss).toBeGreaterThan(inches(0, 1, 64))
  })
  it.each([
    [8, '1 turn'],
    [3, '3/8 of a turn'],
    [12, '1 1/2 turns'],
    [2, '1/4 of a turn'],
  ])('%d eighths are %s', (steps, words) =>
    expect(moveWords({ adjuster: 'card.top', steps }, inches(0, 1, 128), '0.1', 'screws')).toContain(` ${words} `),
  )
})

describe('margins no straight leaf can have', () => {
  const most = length('3/8')
  it.each<[string, Readonly<Record<string, string>>, readonly string[]]>([
    ['a middle far off its ends', { 'gap.left.middle': '9/16' }, ['hinge.middle']],
    ['as far as may be', { 'gap.left.middle': '1/2' }, []],
    [
      'head and bottom open to one end',
      { 'gap.head.left': '7/8', 'gap.bottom.left': '1/2', 'gap.bottom.right': '1/8' },
      ['head.strike', 'sill.strike'],
    ],
    ['a middle far off the one end that was read', { 'gap.left.middle': '1', 'gap.left.bottom': '' }, ['hinge.middle']],
    ['a racked frame', { 'gap.head.left': '7/8', 'gap.bottom.left': '1/8', 'gap.bottom.right': '7/8' }, []],
  ])('%s', (_, gaps, odd) => {
    expect(oddMargins(marginsOf({ ...EVEN, ...gaps }, 'left'), most)).toEqual(odd)
    const plan = tuneMargins(given({ ...EVEN, ...gaps }))
    expect(plan.why).toBe(odd.length ? 'odd' : null)
  })
})

describe('two leaves that meet', () => {
  const pair = (['right', 'left'] as const).map(
    (side): Hanging => ({ ...HANGING, id: side, hinges: side, meets: true, isPassive: side === 'right' }),
  )
  const points = ['left', 'right'].flatMap(side =>
    ['top', 'middle', 'bottom'].map(one => point(`hinge.${side}.${one}`, length('1/4'))),
  )
  const state = (name: string, text: string) => ({ name, now: length(text) }) as never
  const tuned = (passive: Readonly<Record<string, string>>, active: Readonly<Record<string, string>>) =>
    tuneLeaves({
      hung: [passive, active].map((own, i) => ({
        hanging: pair[i]!,
        margins: { states: Object.entries(own).map(one => state(...one)), moves: [], isStale: false },
      })),
      aim: 'band',
      means: 'all',
      points,
      headGap: length('1/4'),
      lengths: LENGTHS,
    })
  const even = { 'hinge.top': '1/8', 'hinge.middle': '1/8', 'hinge.bottom': '1/8' }
  const met = { 'strike.top': '1/8', 'strike.middle': '1/8', 'strike.bottom': '1/8' }
  it('are read at the meeting edge once, as the active leaf’s strike side', () => {
    expect(marginSlots(pair[0]!)).not.toHaveProperty('strike.top')
    expect(marginSlots(pair[1]!)).toMatchObject({
      'strike.top': 'gap.meeting.top',
      'head.strike': 'gap.head.meeting-left',
      'sill.strike': 'gap.bottom.meeting-left',
    })
  })
  it('that are even want nothing moved', () =>
    expect(tuned(even, { ...even, ...met }).map(one => one.plan.tuned!.moves)).toEqual([[], []]))
  it('the passive leaf first; the active one meets it where it then is', () => {
    const [passive, active] = tuned(
      { 'hinge.top': '1/32', 'hinge.middle': '1/32', 'hinge.bottom': '1/32' },
      { ...even, 'strike.top': '7/32', 'strike.middle': '7/32', 'strike.bottom': '7/32' },
    )
    expect(passive!.plan.tuned!.moves.length).toBeGreaterThan(0)
    const towards = (passive!.plan.tuned!.moves[0]!.steps * 1) / 32
    expect(towards).toBeGreaterThan(0)
    expect(active!.margins['strike.top']).toBeLessThan(length('7/32'))
    expect(active!.plan.tuned!.worstMiss).toBe(0)
  })
  it('stand flush: the active leaf’s head is wanted as the passive one’s', () => {
    const head = { 'head.hinge': '1/8', 'head.strike': '1/8' }
    const [, active] = tuned({ ...even, ...head }, { ...even, ...met, 'head.hinge': '1/4', 'head.strike': '1/4' })
    expect(active!.plan.tuned!.reveals['head.strike']).toBeLessThan(length('1/4'))
  })
  it('no strike leg and no foot is moved; packs stand behind their own hinges', () => {
    const [passive, active] = tuned(
      { 'hinge.top': '1/4', 'hinge.middle': '1/4', 'hinge.bottom': '1/4' },
      { ...even, 'strike.top': '1/16', 'strike.middle': '1/8', 'strike.bottom': '3/16' },
    )
    for (const { plan } of [passive!, active!])
      for (const { adjuster } of plan.tuned!.moves) expect(adjuster).toMatch(/^(card|pack)\./)
  })
  it('is tried by hand first, with the margin that shows it most', () => {
    const [passive] = tuned(
      { 'hinge.top': '1/32', 'hinge.middle': '1/8', 'hinge.bottom': '1/8', 'head.hinge': '1/8', 'head.strike': '1/4' },
      {},
    )
    const tried = byHand(passive!)!
    expect(tried.comesTo).not.toBe(passive!.margins[tried.name])
    expect(byHand(tuned(even, {})[0]!)).toBeNull()
  })
})
