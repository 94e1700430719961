import { fact, reading } from '../test/fixtures'
import { judgeUnchecked, uncheckedReadings } from './unchecked'

const AT = (hour: number) => ({ takenAt: `2026-11-27T0${hour}:00:00.000Z` })
const learnt = (text: string, more = {}) =>
  reading('wall.left', text, {
    id: '01900000-0000-7000-8000-00000000aa01',
    unchecked: true,
    takenBy: 'Jory',
    ...AT(1),
    ...more,
  })
const slots = (all: Parameters<typeof uncheckedReadings>[0], answers: Parameters<typeof uncheckedReadings>[1] = []) =>
  uncheckedReadings(all, answers).map(one => one.text)
const signed = (id: string, more = {}) => ({ ...fact('wall.left' as never, id), kind: 'signed' as const, ...more })

describe('a reading of somebody who learns', () => {
  it('counts as unchecked, and is asked for before anything is ordered', () => {
    expect(slots([learnt('4 1/2')])).toEqual(['4 1/2'])
    expect(judgeUnchecked([learnt('4 1/2')], [])).toMatchObject([
      { code: 'reading-by-trainee', place: 'wall.left', severity: 'correct', facts: { by: 'Jory' } },
    ])
  })
  it('counts once somebody else read the same place, earlier or later', () => {
    for (const hour of [0, 2])
      expect(
        slots([
          learnt('4 1/2'),
          reading('wall.left', '4 9/16', { id: '01900000-0000-7000-8000-00000000aa02', ...AT(hour) }),
        ]),
      ).toEqual([])
  })
  it('counts once somebody signed it; struck, the signature holds no longer', () => {
    const one = learnt('4 1/2')
    const mark = signed(one.id)
    expect(slots([one], [mark])).toEqual([])
    const struck = { ...signed(mark.id, AT(3)), kind: 'withdrawn' as const, id: '01900000-0000-7000-8000-00000000aa09' }
    expect(slots([one], [mark, struck])).toEqual(['4 1/2'])
  })
  it('is not helped by another of theirs: the later one is the one to check', () => {
    const again = learnt('4 5/8', { id: '01900000-0000-7000-8000-00000000aa03', ...AT(4) })
    expect(slots([learnt('4 1/2'), again])).toEqual(['4 5/8'])
  })
  it('of another place or occasion checks nothing', () => {
    const others = [
      reading('wall.right', '4 1/2', { id: '01900000-0000-7000-8000-00000000aa04' }),
      reading('wall.left', '4 1/2', { id: '01900000-0000-7000-8000-00000000aa05', occasion: 'set' }),
    ]
    expect(slots([learnt('4 1/2'), ...others])).toEqual(['4 1/2'])
  })
})
