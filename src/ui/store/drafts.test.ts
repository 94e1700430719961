import { draftPlace, keepDraft, keepLooked, keptDraft, keptLooked } from './drafts'
import { keepingBrowser } from './test/browser'

// What a browser keeps until the store has it, whatever somebody else put into the same place.

const kept = keepingBrowser()

const BASE = draftPlace({ memberName: 'Ida Marlow', opening: { id: 'x' } } as Parameters<typeof draftPlace>[0])
describe('what stands half typed', () => {
  it('is kept until it is empty', () => {
    keepDraft(BASE, { question: 'wall.left', text: '4 1' })
    expect(keptDraft(BASE)).toEqual({ question: 'wall.left', text: '4 1' })
    keepDraft(BASE, { question: 'wall.left', text: '' })
    expect([keptDraft(BASE), kept.size]).toEqual([null, 0])
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
  expect(keptDraft(BASE)).toBeNull()
})

it('what one member left half typed is not another’s', () => {
  keepDraft(BASE, { question: 'wall.left', text: '4 1' })
  const other = { memberName: 'Jory Tamm', opening: { id: 'x' } } as Parameters<typeof draftPlace>[0]
  expect(keptDraft(draftPlace(other))).toBeNull()
})
