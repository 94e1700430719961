import { MOVE_MINUTES } from '../../trade/moves'
import { GAUGE_PLACES, HUNG } from '../practice/hanging'
import { length } from '../test/fixtures'
import { minutesOf } from '../tuning/move-minutes'
import { ADJUSTERS } from '../tuning/reveals'
import { type HangingDrawn, hangingScene } from './hanging-scene'
import type { Mark } from './scene'

type Reading = Extract<Mark, { kind: 'reading' }>
const marks = (noted: HangingDrawn['read'] = {}, more: Partial<HangingDrawn> = {}) => {
  const { marks: all, ...box } = hangingScene({ hung: HUNG, hinges: 'left', read: noted, ...more })
  const readings = all.filter((one): one is Reading => one.kind === 'reading')
  return { all, readings, box }
}

describe('a hung leaf with its margins', () => {
  it('has a mark to point at for every place a gauge goes, and no other', () =>
    expect(
      marks()
        .readings.map(one => one.id)
        .sort(),
    ).toEqual([...GAUGE_PLACES].sort()))
  it.each(GAUGE_PLACES)('shows what was noted at %s, there alone', place => {
    const { readings } = marks({ [place]: length('1/8') })
    expect(readings.filter(one => one.value !== null).map(one => [one.id, one.value])).toEqual([[place, length('1/8')]])
    expect(readings.find(one => one.id === place)!.certainty).toBe('sure')
    expect(readings.filter(one => one.certainty === 'sure')).toHaveLength(1)
  })
  it('lies whole within its box, the hinge side on the left', () => {
    const { readings, box } = marks()
    for (const { from, to } of readings)
      for (const at of [from, to]) {
        expect(at.x).toBeGreaterThan(box.from.x)
        expect(at.x).toBeLessThan(box.to.x)
        expect(at.y).toBeGreaterThan(box.from.y)
        expect(at.y).toBeLessThan(box.to.y)
      }
    const at = (id: string) => readings.find(one => one.id === id)!
    expect(at('hinge.top').to.x).toBeLessThanOrEqual(0)
    expect(at('strike.top').from.x).toBe(HUNG.leaf.width)
    expect(at('head.hinge').from.x).toBeLessThan(at('head.strike').from.x)
    expect(at('sill.hinge').to.y).toBe(0)
  })
  it('with its hinges on the right stands the other way round, its figures at their own side', () => {
    const { readings, all } = marks({ 'hinge.top': length('3/16') }, { hinges: 'right' })
    const at = (id: string) => readings.find(one => one.id === id)!
    expect(at('hinge.top').from.x).toBeGreaterThan(at('strike.top').from.x)
    expect(at('hinge.top').value).toBe(length('3/16'))
    expect(all.filter(one => one.kind === 'dot').map(one => one.at.x)).toEqual([36, 36, 36].map(x => length(String(x))))
  })
  it('shows what is expected beside what was read where it differs, and only the margins that are read of it', () => {
    const expected = { 'hinge.top': length('1/8'), 'strike.top': length('1/8') }
    const { readings } = marks(
      { 'hinge.top': length('3/16'), 'strike.top': length('1/8') },
      { expected, names: ['hinge.top', 'strike.top'] },
    )
    expect(readings.map(one => [one.id, one.after])).toEqual([
      ['hinge.top', length('1/8')],
      ['strike.top', null],
    ])
  })
  it('stands on as many hinges as it has', () =>
    expect(
      marks()
        .all.filter(one => one.kind === 'dot')
        .map(one => one.id),
    ).toEqual(['hinge-0', 'hinge-1', 'hinge-2']))
})

describe('how long moves take', () => {
  it('is known of everything that can be moved', () => {
    for (const adjuster of ADJUSTERS) expect(minutesOf([{ adjuster, steps: 1 }], MOVE_MINUTES)).toBeGreaterThan(0)
  })
  it('is less for a set screw than for a card', () => {
    const card = [{ adjuster: 'card.top' as const, steps: 1 }]
    expect(minutesOf(card, MOVE_MINUTES, true)).toBeLessThan(minutesOf(card, MOVE_MINUTES))
  })
  it('does not depend on how far, and adds up', () => {
    const card = (steps: number) => [{ adjuster: 'card.top' as const, steps }]
    expect(minutesOf(card(5), MOVE_MINUTES)).toBe(minutesOf(card(-1), MOVE_MINUTES))
    expect(minutesOf([...card(1), ...card(2)], MOVE_MINUTES)).toBe(2 * minutesOf(card(1), MOVE_MINUTES))
    expect(minutesOf([], MOVE_MINUTES)).toBe(0)
  })
})
