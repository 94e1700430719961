import { type Placeholder, sql } from 'drizzle-orm'
import type { Db } from './connection'

// Short statements take longer to be put together than to be carried out: what is asked again and again is put together once for each database,
// with placeholders for what differs. Within a transaction it is put together anew.

/** A statement that always looks the same. */
export const prepared = <S extends object>(statement: (db: Db) => S): ((db: Db) => S) => preparedAs(statement)

/** More shapes of a statement than this are put together anew each time, and so are long lists: they are seldom as long again, and large. */
const MOST_SHAPES = 200
const LONGEST_LIST = 60

/** A statement that has several shapes: how long its lists are, what of it is left out. */
export function preparedAs<S extends object, Shape extends readonly (string | number | boolean)[]>(
  statement: (db: Db, ...shape: Shape) => S,
): (db: Db, ...shape: Shape) => S {
  const ready = new WeakMap<Db, Map<string, S>>()
  return (db, ...shape) => {
    const shapes = ready.get(db) ?? new Map<string, S>()
    ready.set(db, shapes)
    const key = shape.join('/')
    const there = shapes.get(key)
    if (there) return there
    const made = statement(db, ...shape)
    const isShort = shape.every(one => typeof one !== 'number' || one <= LONGEST_LIST)
    if (isShort && shapes.size < MOST_SHAPES) shapes.set(key, made)
    return made
  }
}

/** Placeholders for a list of so many values: `id0`, `id1` and so on. */
export const places = (name: string, count: number): Placeholder[] =>
  Array.from({ length: count }, (_, at) => sql.placeholder(`${name}${at}`))

/** What stands in those places. */
export const placed = (name: string, values: readonly string[]): Readonly<Record<string, string>> =>
  Object.fromEntries(values.map((value, at) => [`${name}${at}`, value]))
