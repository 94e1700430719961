import { faultIn } from './log'

/** What the framework prints of a fault is printed without what somebody typed: a statement that failed would be written out with all its values. */
export function quietFaults(): void {
  const print = console.error
  console.error = (...all: readonly unknown[]) => print(...all.map(quiet))
}

export const quiet = (one: unknown): unknown => {
  if (one instanceof Error) return JSON.stringify(faultIn(one))
  return typeof one === 'string' && /Failed query:|params:/.test(one) ? 'A statement failed.' : one
}
