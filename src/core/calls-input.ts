import type { Issue } from './outcome'
import { isLength, type Length, ticks } from './units/length'
import { MOST_RUN, parseLength, parseRun } from './units/parse-length'

/** Thrown inside a call when its input is unreadable; the call's door turns it into an error reply. */
export class InputError extends Error {
  constructor(readonly issue: Issue) {
    super(issue.code)
  }
}

export const reject = (code: string, path: string, facts: Issue['facts'] = {}): never => {
  throw new InputError({ code, path, facts })
}

type Members = Readonly<Record<string, unknown>>

/** A strict reader of one JSON object: every member is asked for by name, and what was not asked for is refused by `close`. */
export type Reader = {
  /** The path of a member, for an error about it. */
  readonly path: (name: string) => string
  /** A member as it came, for whoever reads it by a schema. */
  readonly value: (name: string) => unknown
  readonly optionalValue: (name: string) => unknown
  readonly text: (name: string) => string
  readonly optionalText: (name: string) => string | undefined
  readonly choice: <T extends string>(name: string, choices: readonly T[]) => T
  readonly length: (name: string) => Length
  readonly optionalLength: (name: string) => Length | undefined
  /** How much a roll holds, ticks. */
  readonly run: (name: string) => number
  readonly lengths: (name: string) => readonly Length[]
  readonly optionalLengths: (name: string) => readonly Length[] | undefined
  readonly number: (name: string) => number
  readonly optionalNumber: (name: string) => number | undefined
  readonly numbers: (name: string) => readonly number[]
  readonly optionalNumbers: (name: string) => readonly number[] | undefined
  readonly optionalFlag: (name: string) => boolean | undefined
  readonly object: (name: string) => Reader
  /** A member whose own members have paths of their own, without this one's name. */
  readonly root: (name: string) => Reader
  readonly optionalObject: (name: string) => Reader | undefined
  readonly objects: (name: string) => readonly Reader[]
  /** Refuses what was never asked for: a misspelt member must not be silently ignored. */
  readonly close: () => void
}

/** Reads members of a JSON object with the path of each in its errors. */
export function readerOf(value: unknown, path = ''): Reader {
  if (!isMembers(value)) return reject('input.object', path)
  const asked = new Set<string>()
  const at = (name: string) => (path ? `${path}.${name}` : name)
  const take = (name: string): unknown => {
    asked.add(name)
    return value[name] ?? undefined
  }
  const need = (name: string): unknown => take(name) ?? reject('input.missing', at(name))
  return {
    path: at,
    value: (name: string) => need(name),
    optionalValue: (name: string) => take(name),
    text: (name: string) => textFrom(need(name), at(name)),
    optionalText: (name: string) => mapped(take(name), one => textFrom(one, at(name))),
    choice: <T extends string>(name: string, choices: readonly T[]) => choiceFrom(need(name), choices, at(name)),
    length: (name: string) => lengthFrom(need(name), at(name)),
    run: (name: string) => runFrom(need(name), at(name)),
    optionalLength: (name: string) => mapped(take(name), one => lengthFrom(one, at(name))),
    lengths: (name: string) => listFrom(need(name), at(name)).map((one, i) => lengthFrom(one, `${at(name)}[${i}]`)),
    optionalLengths: (name: string) =>
      mapped(take(name), list => listFrom(list, at(name)).map((one, i) => lengthFrom(one, `${at(name)}[${i}]`))),
    number: (name: string) => numberFrom(need(name), at(name)),
    optionalNumber: (name: string) => mapped(take(name), one => numberFrom(one, at(name))),
    numbers: (name: string) => listFrom(need(name), at(name)).map((one, i) => numberFrom(one, `${at(name)}[${i}]`)),
    optionalNumbers: (name: string) =>
      mapped(take(name), list => listFrom(list, at(name)).map((one, i) => numberFrom(one, `${at(name)}[${i}]`))),
    optionalFlag: (name: string) =>
      mapped(take(name), one => (typeof one === 'boolean' ? one : reject('input.flag', at(name)))),
    object: (name: string) => readerOf(need(name), at(name)),
    root: (name: string) => {
      const member = need(name)
      return isMembers(member) ? readerOf(member) : reject('input.object', at(name))
    },
    optionalObject: (name: string) => mapped(take(name), one => readerOf(one, at(name))),
    objects: (name: string) => listFrom(need(name), at(name)).map((one, i) => readerOf(one, `${at(name)}[${i}]`)),
    close: () => {
      const unknown = Object.keys(value).find(name => !asked.has(name))
      if (unknown !== undefined) reject('input.unknown', at(unknown))
    },
  }
}

const isMembers = (value: unknown): value is Members =>
  typeof value === 'object' && value !== null && !Array.isArray(value)

const mapped = <T>(value: unknown, read: (value: unknown) => T): T | undefined =>
  value === undefined ? undefined : read(value)

const textFrom = (value: unknown, path: string): string =>
  typeof value === 'string' ? value : reject('input.text', path)

function choiceFrom<T extends string>(value: unknown, choices: readonly T[], path: string): T {
  return choices.find(one => one === value) ?? reject('input.choice', path, { choices: choices.join(', ') })
}

const numberFrom = (value: unknown, path: string): number =>
  typeof value === 'number' && Number.isFinite(value) ? value : reject('input.number', path)

const listFrom = (value: unknown, path: string): readonly unknown[] =>
  Array.isArray(value) && value.length > 0 && value.length <= 10_000 ? value : reject('input.list', path)

/** What a roll holds, above nothing, as typed text or ticks. */
function runFrom(value: unknown, path: string): number {
  const read = typeof value === 'string' ? parseRun(value, 'in') : null
  if (read && !read.ok) throw new InputError({ ...read.issues[0]!, path })
  const run = read ? read.value : value
  if (typeof run !== 'number' || !Number.isInteger(run) || run > MOST_RUN) return reject('input.length', path)
  return run > 0 ? run : reject('input.negative', path)
}

/** A length as typed text or ticks. */
export function lengthFrom(value: unknown, path: string): Length {
  if (typeof value === 'number') return isLength(value) ? ticks(value) : reject('input.ticks', path)
  if (typeof value !== 'string') return reject('input.length', path)
  const parsed = parseLength(value, { unit: 'in' })
  if (parsed.ok) return parsed.value.ticks
  throw new InputError({ ...parsed.issues[0]!, path })
}
