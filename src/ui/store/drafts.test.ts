import { draftPlace, keepDraft, keepLooked, keptDraft, keptLooked, lastTakenIn } from './drafts'
import { keepingBrowser } from './test/browser'

// What a browser keeps until the store has it, whatever somebody else put into the same place.

const kept = keepingBrowser()
const never = () => undefined

const BASE = draftPlace({ memberName: 'Ida Marlow', opening: { id: 'x' } } as Parameters<typeof draftPlace>[0])
describe('what stands half typed', () => {
  it('is kept until it is empty', () => {
    keepDraft(BASE, { question: 'wall.left', text: '4 1' })
    expect(keptDraft(BASE, never)).toEqual({ question: 'wall.left', text: '4 1' })
    keepDraft(BASE, { question: 'wall.left', text: '' })
    expect([keptDraft(BASE, never), kept.size]).toEqual([null, 0])
  })
  it('is over once its question was answered after it: a browser that was killed kept it longer', () => {
    keepDraft(BASE, { question: 'wall.left', text: '4 1' })
    const [before, after] = [-1000, 1000].map(ms => new Date(Date.now() + ms).toISOString())
    const taken = (at: string | undefined) =>
      lastTakenIn({ bySlot: new Map([['wall.left', { takenAt: at }]]) as never, facts: new Map() })
    expect(keptDraft(BASE, taken(after))).toBeNull()
    // What is read a second time is not.
    expect(keptDraft(BASE, taken(before))).toEqual({ question: 'wall.left', text: '4 1' })
    expect(keptDraft(BASE, lastTakenIn({ bySlot: new Map(), facts: new Map() }))).not.toBeNull()
  })
})

it('what was looked at so far is kept by its place', () => {
  keepLooked('receipt/a', { width: 1 })
  expect([keptLooked('receipt/a'), keptLooked('receipt/b')]).toEqual([{ width: 1 }, null])
  keepLooked('receipt/a', null)
  expect(kept.size).toBe(0)
})

it.each(['', '{', 'null', '[1]', '{"question":1}'])('nothing stands half typed where %p lies', text => {
  kept.set(`harvek-draft${BASE}`, text)
  expect(keptDraft(BASE, never)).toBeNull()
})

it('what one member left half typed is not another’s', () => {
  keepDraft(BASE, { question: 'wall.left', text: '4 1' })
  const other = { memberName: 'Jory Tamm', opening: { id: 'x' } } as Parameters<typeof draftPlace>[0]
  expect(keptDraft(draftPlace(other), never)).toBeNull()
})
