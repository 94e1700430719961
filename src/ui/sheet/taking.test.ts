import { instrumentFor } from '@/core/survey/instrument'
import { SLOTS } from '@/core/survey/slots'
import { length, reading } from '@/core/test/fixtures'
import { inches } from '@/core/units/length'
import { keepChange, keepDraft, keepRow, keptChange, keptDraft, keptRows, letGo } from '../store/outbox'
import { directionId, directionOf, withDirection } from './direction'
import { LEVELS, readingFrom, usualLevel } from './instrument'

const OPENING = '01900000-0000-7000-8000-0000000000bb'

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

describe('what the browser keeps until the store has it', () => {
  const store = new Map<string, string>()
  beforeEach(() => {
    store.clear()
    Object.assign(globalThis, {
      localStorage: {
        getItem: (key: string) => store.get(key) ?? null,
        setItem: (key: string, value: string) => store.set(key, value),
        removeItem: (key: string) => store.delete(key),
      },
    })
  })
  const BASE = `/api/openings/${OPENING}`
  const row = reading('wall.left', '4 1/2')
  it('is every row until it is let go, once each, whatever its kind', () => {
    const paths = ['readings', 'answers', 'log', 'receipts', 'decisions']
    for (const path of paths) keepRow(BASE, { path, row: { id: path } })
    keepRow(BASE, { path: 'readings', row })
    keepRow(BASE, { path: 'readings', row })
    expect(keptRows(BASE).map(one => one.row.id)).toEqual([...paths, row.id])
    for (const path of paths) letGo(BASE, path)
    expect(keptRows(BASE)).toEqual([{ path: 'readings', row }])
    letGo(BASE, row.id)
    expect(store.size).toBe(0)
  })
  it('is what stands half typed', () => {
    keepDraft(BASE, { question: 'wall.left', text: '4 1/' })
    expect(keptDraft(BASE)).toEqual({ question: 'wall.left', text: '4 1/' })
    keepDraft(BASE, { question: 'wall.left', text: '' })
    expect([keptDraft(BASE), store.size]).toEqual([null, 0])
  })
  it('is a change that was not answered, with what it began from', () => {
    const pending = { base: { revision: 3, data: { hinges: 'left' } }, wanted: { hinges: 'right' } }
    keepChange(`${BASE}/edits/wishes`, pending)
    expect(keptChange(`${BASE}/edits/wishes`)).toEqual(pending)
    keepChange(`${BASE}/edits/wishes`, null)
    expect(keptChange(`${BASE}/edits/wishes`)).toBeNull()
  })
  it('is nothing of another opening', () => {
    keepRow(BASE, { path: 'readings', row })
    expect(keptRows('/api/openings/other')).toEqual([])
  })
  it.each(['', '{', 'null', '[1,{"row":{}}]', '{"readings":1}'])('is nothing when %p stands there', text => {
    for (const key of ['rows', 'draft', 'pending']) store.set(`harvek-${key}${BASE}`, text)
    expect([keptRows(BASE), keptDraft(BASE), keptChange(BASE)]).toEqual([[], null, null])
  })
  it('is nothing, without a crash, where the browser keeps nothing', () => {
    Object.assign(globalThis, {
      localStorage: {
        getItem: () => {
          throw new Error('no')
        },
      },
    })
    keepRow(BASE, { path: 'readings', row })
    expect(keptRows(BASE)).toEqual([])
  })
})
