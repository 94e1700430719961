import { jest } from '@jest/globals'
import { giveBack, takeTurn } from './turn'

describe('a page’s turn', () => {
  beforeEach(() => jest.useFakeTimers())
  afterEach(() => jest.useRealTimers())
  /** So many who ask, and which turns they have by now. */
  const asking = (count: number) => {
    const have: string[] = []
    for (let i = 0; i < count; i++) void takeTurn().then(id => have.push(id))
    return have
  }
  const settle = () => jest.advanceTimersByTimeAsync(1)

  it('comes to three at once, and to the next when one is given back, twice or once', async () => {
    const have = asking(6)
    await settle()
    expect(have).toHaveLength(3)
    giveBack(have[0]!)
    giveBack(have[0]!)
    await settle()
    expect(have).toHaveLength(4)
    for (const id of [...have, ...have]) giveBack(id)
    await settle()
    expect(have).toHaveLength(6)
    for (const id of have) giveBack(id)
  })
  it('is over by itself where the page was never sent', async () => {
    const have = asking(4)
    await jest.advanceTimersByTimeAsync(1900)
    expect(have).toHaveLength(3)
    await jest.advanceTimersByTimeAsync(200)
    expect(have).toHaveLength(4)
    giveBack(have[3]!)
  })
  it('that is none changes nothing', () => expect(() => giveBack('none')).not.toThrow())
})
