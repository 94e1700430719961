import type { Db } from './connection'
import { placed, places, prepared, preparedAs } from './prepared'

const some = (): Db => ({}) as Db

it('a statement is put together once for each database', () => {
  let times = 0
  const statement = prepared(() => ({ number: ++times }))
  const [one, other] = [some(), some()]
  expect([statement(one), statement(one), statement(other), statement(one)].map(it => it.number)).toEqual([1, 1, 2, 1])
})

it('each of its shapes by itself, whatever the others are', () => {
  const made: string[] = []
  const statement = preparedAs((_, count: number, isAll: boolean, ...parts: string[]) => {
    made.push([count, isAll, ...parts].join())
    return {}
  })
  const db = some()
  for (let i = 0; i < 2; i++) {
    statement(db, 1, true)
    statement(db, 1, false)
    statement(db, 2, true, 'small')
    statement(db, 2, true)
  }
  expect(made).toEqual(['1,true', '1,false', '2,true,small', '2,true'])
})

it('long lists, and more shapes than are kept, are put together anew and fill no memory', () => {
  let times = 0
  const statement = preparedAs((_, _count: number, _which: string) => ({ number: ++times }))
  const db = some()
  statement(db, 61, '')
  statement(db, 61, '')
  expect(times).toBe(2)
  for (let i = 0; i < 300; i++) statement(db, 1, `shape ${i}`)
  statement(db, 1, 'shape 0')
  expect(times).toBe(302)
  statement(db, 1, 'shape 299')
  expect(times).toBe(303)
})

it('a list of values stands in places of its own', () => {
  expect(places('id', 3).map(one => one.name)).toEqual(Object.keys(placed('id', ['a', 'b', 'c'])))
  expect(placed('id', [])).toEqual({})
})
