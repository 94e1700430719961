import type { CallTrade } from '../call-trade'
import { InputError, type Reader, reject } from '../calls-input'
import type { Outcome } from '../outcome'
import { type Length, ZERO } from '../units/length'

/** One call: reads its input member by member and answers. Lengths come in as typed text or ticks and go out as ticks. */
export type Call = (input: Reader, trade: CallTrade) => unknown
export type Calls = Readonly<Record<string, Call>>

export function taken<T>(outcome: Outcome<T>): T {
  if (outcome.ok) return outcome.value
  throw new InputError(outcome.issues[0]!)
}

/** Reads an object and refuses what of it was never asked for. */
export function closing<T>(reader: Reader, read: (reader: Reader) => T): T {
  const value = read(reader)
  reader.close()
  return value
}

/** A length that nothing can be shorter than none of: minus is refused. */
export const positive = (input: Reader, name: string): Length => aboveZero(input.length(name), input.path(name))

export const aboveZero = (length: Length, path: string): Length =>
  length > ZERO ? length : reject('input.negative', path)

export const notNegative = (length: Length, path: string): Length =>
  length >= ZERO ? length : reject('input.negative', path)

/** An optional length of at least nothing; `usual` where it is not given. */
export const sizeOr = (input: Reader, name: string, usual: Length): Length =>
  notNegative(input.optionalLength(name) ?? usual, input.path(name))

/** A list of two lengths, the smaller first. */
export function spanFrom(input: Reader, name: string): readonly [Length, Length] {
  const [least, most, more] = input.lengths(name)
  if (most === undefined || more !== undefined || least! > most) return reject('input.span', input.path(name))
  return [least!, most]
}

/** Whether a list is given that holds nothing. */
export const isEmpty = (input: Reader, name: string): boolean => {
  const value = input.value(name)
  return Array.isArray(value) && value.length === 0
}
