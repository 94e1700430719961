import { holdsUntil, noting, onceAnAnswer } from './answer-note'

/** Looks up the next number. */
function counting() {
  let count = 0
  return { look: async () => ++count, fail: () => Promise.reject(new Error(`no ${++count}`)) }
}

describe('what is looked up for an answer', () => {
  it('is looked up once, by its name, and anew for the next', async () => {
    const { look } = counting()
    const of = () =>
      noting(() => Promise.all([onceAnAnswer('a', look), onceAnAnswer('a', look), onceAnAnswer('b', look)]))
    expect(await of()).toEqual([1, 1, 2])
    expect(await of()).toEqual([3, 3, 4])
  })
  it('is looked up each time where no answer is being made', async () => {
    const { look } = counting()
    expect([await onceAnAnswer('a', look), await onceAnAnswer('a', look)]).toEqual([1, 2])
  })
  it('is looked up again where that failed', async () => {
    const { look, fail } = counting()
    await noting(async () => {
      await expect(onceAnAnswer('a', fail)).rejects.toThrow('no 1')
      expect(await onceAnAnswer('a', look)).toBe(2)
    })
  })
})

it('an answer says until when it holds, after whatever was waited for, and only the one that is being made', async () => {
  const held = (moment: string | null) =>
    noting(async note => {
      await new Promise(resolve => setTimeout(resolve, 5))
      holdsUntil(moment)
      return note.holds
    })
  expect(await Promise.all([held(null), held('2026-01-03T10:00:00.000Z')])).toEqual([null, '2026-01-03T10:00:00.000Z'])
  expect(noting(note => note.holds)).toBeUndefined()
  expect(() => holdsUntil(null)).not.toThrow()
})
