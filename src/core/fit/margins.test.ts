import { entry, LENGTHS, length, reading } from '../test/fixtures'
import type { Reveals } from '../tuning/reveals'
import { inches, ticks } from '../units/length'
import type { Hanging } from './hanging'
import { causesOf, type MarginCause } from './margin-causes'
import { judgeMargins, marginLogs, moveCode, movesMade } from './margin-log'

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
const at = (minute: number) => new Date(Date.UTC(2026, 0, 12, 9, minute)).toISOString()
const gap = (slot: Parameters<typeof reading>[0], text: string, minute: number, more = {}) =>
  reading(slot, text, { occasion: 'tuned', takenAt: at(minute), ...more })
const move = (code: string, text: string, minute: number) =>
  entry('move', code, 'moved', Date.UTC(2026, 0, 12, 9, minute), { value: { length: length(text) } })
const standing = { hangings: [HANGING], surveyIsOldLeaf: true }
const marginLog = (...given: Parameters<typeof marginLogs>) => marginLogs(...given)[0]!

describe('what was read and moved of a hung leaf', () => {
  it('is the latest reading of each margin; an old leaf’s gap is none', () => {
    const log = marginLog(
      standing,
      [
        gap('gap.left.top', '1/8', 1),
        gap('gap.left.top', '3/16', 5),
        gap('gap.left.bottom', '1/4', 2, { occasion: 'survey' }),
      ],
      [],
    )
    expect(log.states).toEqual([expect.objectContaining({ name: 'hinge.top', read: length('3/16'), expected: null })])
    const now = marginLog(
      { ...standing, surveyIsOldLeaf: false },
      [gap('gap.left.bottom', '1/4', 2, { occasion: 'survey' })],
      [],
    )
    expect(now.states.map(one => one.name)).toEqual(['hinge.bottom'])
  })
  it('after a move is expected where the move put it, until it is read again', () => {
    const readings = [gap('gap.left.top', '1/8', 1), gap('gap.right.top', '1/8', 1)]
    const cards = [move('card.top', '1/32', 3), move('card.middle', '1/32', 4), move('card.bottom', '1/32', 4)]
    const { states, isStale, moves } = marginLog(standing, readings, cards)
    expect(moves.map(one => [one.adjuster, one.amount])).toEqual([
      ['card.top', length('1/32')],
      ['card.middle', length('1/32')],
      ['card.bottom', length('1/32')],
    ])
    expect([isStale, states.map(one => one.now)]).toEqual([true, [length('5/32'), length('3/32')]])
    expect(judgeMargins({ states, isStale, moves }, LENGTHS).map(one => one.code)).toEqual(['margins-stale'])
  })
  it.each([
    ['gap.left.top', '1/8', 'hinge-moved'],
    ['gap.right.top', '1/8', 'strike-gave'],
  ] as const)('read again at %s as %s says which assumption failed: %s', (slot, text, what) => {
    const cards = ['card.top', 'card.middle', 'card.bottom'].map(one => move(one, '1/32', 3))
    const first = [gap('gap.left.top', '1/8', 1), gap('gap.right.top', '1/8', 1)]
    const again = first.map(one =>
      gap(one.slot as 'gap.left.top', one.slot === slot ? text : one.slot === 'gap.left.top' ? '5/32' : '3/32', 6),
    )
    const found = judgeMargins(marginLog(standing, [...first, ...again], cards), LENGTHS)
    expect(found).toEqual([
      expect.objectContaining({ code: 'margin-other', place: slot, facts: expect.objectContaining({ what }) }),
    ])
  })
  it('that came out within the gauge’s own exactness is as expected', () => {
    const cards = ['card.top', 'card.middle', 'card.bottom'].map(one => move(one, '1/32', 3))
    const readings = [
      gap('gap.left.top', '1/8', 1),
      { ...gap('gap.left.top', '5/32', 6), value: ticks(length('5/32') + 1270) },
    ]
    expect(judgeMargins(marginLog(standing, readings, cards), LENGTHS)).toEqual([])
  })
  it('of a set screw moves the hinge as a card does', () => {
    const readings = [gap('gap.left.top', '1/8', 1)]
    const turned = ['top', 'middle', 'bottom'].map(one =>
      move(moveCode('one', `card.${one}` as 'card.top', 'screws'), '1/16', 3),
    )
    expect(turned[0]!.code).toBe('screw.top')
    expect(marginLog(standing, readings, turned).states[0]!.now).toBe(length('3/16'))
  })
  it('of two leaves are told apart; what either moves narrows the margin where they meet', () => {
    const pair: readonly Hanging[] = [
      { ...HANGING, id: 'right', hinges: 'right', meets: true, isPassive: true },
      { ...HANGING, id: 'left', hinges: 'left', meets: true },
    ]
    const of = (log: Parameters<typeof marginLogs>[2]) =>
      marginLogs(
        { hangings: pair, surveyIsOldLeaf: true },
        [gap('gap.meeting.top', '1/4', 1), gap('gap.left.top', '1/8', 1), gap('gap.right.top', '1/8', 1)],
        log,
      )
    const cards = (leaf: 'left' | 'right') =>
      (['card.top', 'card.middle', 'card.bottom'] as const).map(one => move(moveCode(leaf, one, 'all'), '1/32', 3))
    const [passive, active] = of(cards('right'))
    expect(passive!.states.map(one => [one.name, one.now])).toEqual([['hinge.top', length('5/32')]])
    expect(active!.states.map(one => [one.name, one.now])).toEqual([
      ['hinge.top', length('1/8')],
      ['strike.top', length('7/32')],
    ])
    expect([passive!.moves.length, active!.moves.length, passive!.isStale, active!.isStale]).toEqual([3, 0, true, true])
    const both = of([...cards('right'), ...cards('left')])
    expect(both[1]!.states.find(one => one.name === 'strike.top')!.now).toBe(length('3/16'))
  })
  it('of another kind of note is no move', () => {
    expect(
      movesMade([
        entry('step', 'card.top', 'done', 1),
        move('no-such', '1/32', 1),
        entry('move', 'card.top', 'moved', 1),
      ]),
    ).toEqual([])
  })
})

const margins = (hinge: readonly string[], strike: readonly string[], ends: readonly string[] = []): Reveals =>
  Object.fromEntries(
    [
      ...hinge.map((text, i) => [`hinge.${['top', 'middle', 'bottom'][i]}`, length(text)] as const),
      ...strike.map((text, i) => [`strike.${['top', 'middle', 'bottom'][i]}`, length(text)] as const),
      ...ends.map((text, i) => [['head.hinge', 'head.strike', 'sill.hinge', 'sill.strike'][i]!, length(text)] as const),
    ].filter(([, value]) => value !== undefined),
  )
const EVEN = ['1/8', '1/8', '1/8']

it.each<[string, Reveals, readonly MarginCause[]]>([
  ['even margins', margins(EVEN, EVEN), []],
  ['tight hinges, a wide strike', margins(['1/32', '1/32', '1/32'], ['1/4', '1/4', '1/4']), ['deep-mortises']],
  ['opposite tapers', margins(['1/16', '1/8', '3/16'], ['3/16', '1/8', '1/16']), ['unequal-hinges']],
  ['even sides, opposite ends', margins(EVEN, EVEN, ['1/16', '3/16', '3/16', '1/16']), ['frame-racked']],
  ['a taper at the strike', margins(EVEN, ['1/16', '1/8', '3/16']), ['legs-apart']],
  ['a pinch in the middle', margins(EVEN, ['1/8', '1/32', '1/8']), ['leg-bowed']],
  ['too few readings', margins(['1/8'], EVEN), []],
])('%s speak for %#', (_, read, causes) => expect(causesOf(read, length('1/8'), length('1/32'))).toEqual(causes))
