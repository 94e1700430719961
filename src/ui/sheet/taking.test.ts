import { instrumentFor } from '@/core/survey/instrument'
import { SLOTS } from '@/core/survey/slots'
import { length } from '@/core/test/fixtures'
import { inches } from '@/core/units/length'
import { directionId, directionOf, withDirection } from './direction'
import { LEVELS, readingFrom, usualLevel } from './instrument'

describe('a direction that was tapped', () => {
  const lean = 'trim-off/lean.left' as const
  it.each([
    [lean, 'minus', '1/16', '-1/16', '-1/16'],
    [lean, 'plus', '1/16', '1/16', '1/16'],
    [lean, null, '1/16', '1/16', '1/16'],
    [lean, 'minus', '-1/16', '-1/16', '-1/16'],
    [lean, 'minus', '0', '0', '0'],
    ['trim-off/widths.top', 'minus', '36', '36', '36'],
  ] as const)('%s %s “%s” is “%s”', (slot, direction, text, said, value) =>
    expect(withDirection(slot, direction, { value: length(text), text })).toEqual({ text: said, value: length(value) }),
  )
  it('leaves one that was said', () => {
    const typed = { value: length('-1/16'), text: 'minus a sixteenth' }
    expect(withDirection(lean, 'minus', typed)).toEqual(typed)
  })
  it('reads back from its text as its value', () => {
    const { text, value } = withDirection(lean, 'minus', { value: length('1/16'), text: 'a sixteenth' })
    expect(length(text)).toBe(value)
  })
  it('has an id on the drawing', () =>
    expect([directionOf(directionId('minus')), directionOf(directionId('plus')), directionOf('wall.left')]).toEqual([
      'minus',
      'plus',
      null,
    ]))
})

describe('a reading that is taken', () => {
  const taking = {
    value: inches(36),
    text: '36',
    graduation: '1/16',
    levelLength: inches(72),
    reader: 'Ida',
    occasion: 'survey',
  } as const
  it('has an id of its own each time, and who took it', () => {
    const [a, b] = [
      readingFrom({ ...taking, slot: 'wall.left', from: null }),
      readingFrom({ ...taking, slot: 'wall.left', from: null }),
    ]
    expect(a.id).not.toBe(b.id)
    expect(a.takenBy).toBe('Ida')
  })
  it('keeps a level’s length only where a level is held', () =>
    expect(
      (['wall.left', 'trim-off/lean.left'] as const).map(
        slot => readingFrom({ ...taking, slot, from: null }).levelLength,
      ),
    ).toEqual([null, inches(72)]))
  it('from a device keeps what the device said, and how exact it is', () => {
    const from = {
      text: '924.3 mm',
      value: inches(36),
      deviation: length('1 mm'),
      instrument: 'laser',
      device: 'L 1: 924.3 mm',
    } as const
    expect(readingFrom({ ...taking, slot: 'wall.left', from })).toMatchObject({
      instrument: 'laser',
      deviation: length('1 mm'),
      device: 'L 1: 924.3 mm',
    })
  })
  it('is usually taken with what one would take', () => {
    expect(
      (['trim-off/lean.left', 'trim-off/bow.left', 'gap.head.left', 'backset', 'leaf.width', 'wall.left'] as const).map(
        instrumentFor,
      ),
    ).toEqual(['level', 'straightedge', 'gauge', 'rule', 'tape', 'tape'])
    for (const slot of SLOTS)
      for (const unit of ['in', 'mm'] as const) expect(LEVELS[unit]).toContain(usualLevel(slot, unit))
  })
})
