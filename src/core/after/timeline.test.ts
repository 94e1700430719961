import { eventWords } from '@/words/after'
import { entry, reading } from '../test/fixtures'
import { callBacks, callCode } from './call-backs'
import { timelineOf } from './timeline'

const T = (day: number, hour = 9) => Date.UTC(2026, 2, day, hour)
const iso = (day: number, hour = 9) => new Date(T(day, hour)).toISOString()
const dayOf = (at: string) => at.slice(0, 10)
const lines = (more: Partial<Parameters<typeof timelineOf>[0]>) =>
  timelineOf({ openingId: 'o1', readings: [], log: [], orders: [], receipts: [], ...more }, dayOf)
const read = (slot: string, day: number, takenBy: string, more: object = {}) =>
  reading(slot, '36', { takenAt: iso(day), takenBy, ...more })
const order = (more: object = {}) =>
  ({
    id: 'r1',
    number: 'H-1',
    revision: 1,
    releasedAt: iso(2),
    releasedBy: 'Ida',
    withdrawn: null,
    lines: [{ opening: { id: 'o1' } }],
    ...more,
  }) as never

describe('a door’s line of time', () => {
  it('is one, the oldest first, whatever it is of', () => {
    const log = [
      entry('step', 'tip-in', 'done', T(5)),
      entry('test', 'plumb', 'passed', T(6)),
      entry('choice', 'record', 'signed', T(7)),
      entry('upkeep', 'sealant', 'done', T(8)),
      entry('call', callCode('k1', 'sags'), 'opened', T(9)),
    ]
    const kinds = lines({
      readings: [read('trim-off/widths.top', 1, 'Ida')],
      orders: [order()],
      log: log.toReversed(),
    }).map(one => one.kind)
    expect(kinds).toEqual(['read', 'ordered', 'worked', 'tested', 'signed', 'upkeep', 'call'])
  })
  it('has what one person read on one day in one line, and how much of it again', () => {
    const readings = [
      read('sill.depth', 1, 'Ida'),
      read('floor.finished', 1, 'Ida'),
      read('sill.depth', 1, 'Bram'),
      read('sill.depth', 3, 'Ida'),
      read('sill.depth', 3, 'Ida', { occasion: 'call-back' }),
    ]
    expect(lines({ readings }).map(one => one.kind === 'read' && [one.by, one.occasion, one.count, one.again])).toEqual(
      [
        ['Ida', 'survey', 2, 0],
        ['Bram', 'survey', 1, 1],
        ['Ida', 'survey', 1, 1],
        ['Ida', 'call-back', 1, 0],
      ],
    )
  })
  it('counts what was done, not right and left out; and leaves other openings out', () => {
    const log = [
      entry('step', 'a', 'done', T(1)),
      entry('step', 'b', 'failed', T(1, 10)),
      entry('step', 'c', 'waived', T(1, 11)),
    ]
    expect(lines({ log })).toMatchObject([{ kind: 'worked', done: 1, notRight: 1, waived: 1, at: iso(1) }])
    expect(lines({ orders: [order({ lines: [{ opening: { id: 'other' } }] })] })).toEqual([])
  })
  it('has a withdrawn order twice', () =>
    expect(lines({ orders: [order({ withdrawn: { at: iso(3), by: 'Ida' } })] }).map(one => one.kind)).toEqual([
      'ordered',
      'withdrawn',
    ]))
  it('is said in words, each line its own', () => {
    const log = [
      entry('call', callCode('k1', 'sags'), 'opened', T(1), { text: 'It hangs.' }),
      entry('call', callCode('k1', 'top-hinge-loose'), 'found', T(2)),
      entry('call', callCode('k1', 'cure'), 'cured', T(3), { text: 'Screwed.' }),
      entry('call', callCode('k1'), 'closed', T(4)),
      entry('upkeep', 'seal-life/left/kerf', 'done', T(5)),
    ]
    expect(lines({ log }).map(one => eventWords(one, callBacks(log)))).toEqual([
      'Called back: sags, “It hangs.”',
      'Found: top hinge has let go',
      'Cured: Screwed.',
      'Call-back over: sags',
      'Seal renewed: Left side',
    ])
  })
})
