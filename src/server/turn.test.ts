import { EventEmitter } from 'node:events'
import { jest } from '@jest/globals'
import { inTurn } from './turn'

class Answer extends EventEmitter {
  destroyed = false
  close() {
    this.destroyed = true
    this.emit('close')
  }
}

describe('a page’s turn', () => {
  beforeEach(() => jest.useFakeTimers())
  afterEach(() => jest.useRealTimers())
  /** So many who ask, and whose pages are made by now. */
  const asking = (count: number) => {
    const made: number[] = []
    const answers = Array.from({ length: count }, () => new Answer())
    const all = answers.map((answer, i) =>
      inTurn(answer as never, async () => {
        made.push(i)
      }),
    )
    return { made, answers, all }
  }
  const settle = () => jest.advanceTimersByTimeAsync(1)

  it('comes to three at once, and to the next when one was sent', async () => {
    const { made, answers, all } = asking(6)
    await settle()
    expect(made).toEqual([0, 1, 2])
    answers[1]!.close()
    await settle()
    expect(made).toEqual([0, 1, 2, 3])
    for (const one of answers) one.close()
    await Promise.all(all)
    // Who went while waiting has none made.
    expect(made).toEqual([0, 1, 2, 3])
  })
  it('is over by itself where a line is too slow to take the page', async () => {
    const { made, answers } = asking(4)
    await jest.advanceTimersByTimeAsync(1900)
    expect(made).toHaveLength(3)
    await jest.advanceTimersByTimeAsync(200)
    expect(made).toHaveLength(4)
    for (const one of answers) one.close()
    await settle()
  })
  it('says what went wrong to whoever waits, and holds nobody up for it', async () => {
    const answer = new Answer()
    const failed = inTurn(answer as never, () => Promise.reject(new Error('no page')))
    await expect(failed).rejects.toThrow('no page')
    answer.close()
    await settle()
  })
})
