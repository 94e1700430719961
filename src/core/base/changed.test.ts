import { changedBetween } from './changed'

describe('what was changed', () => {
  it.each([
    [{ a: 1, b: 2 }, { a: 1, b: 3 }, [['b', 2, 3]]],
    [{ a: { b: 1, c: [1] } }, { a: { b: 1, c: [1, 2] } }, [['a.c', [1], [1, 2]]]],
    [
      { a: 1 },
      { b: 1 },
      [
        ['a', 1, null],
        ['b', null, 1],
      ],
    ],
    [{ a: null }, { a: { b: 1 } }, [['a', null, { b: 1 }]]],
    [{ a: [{ b: 1 }] }, { a: [{ b: 1 }] }, []],
  ])('%j → %j', (before, after, expected) =>
    expect(changedBetween(before, after).map(one => [one.path, one.before, one.after])).toEqual(expected),
  )
})
