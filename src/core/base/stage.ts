import type { Finding } from './finding'

/** What a stage of the work gives on: its value, `null` where it cannot run yet, and what it found. */
export type Stage<T, Code extends string = string> = {
  readonly value: T
  readonly findings: readonly Finding<Code>[]
}

/** The same, and what it answers reads the same as its last answer: then that one stays, and nothing behind it is worked out anew. */
export function settled<Args extends readonly unknown[], T extends object>(
  work: (...args: Args) => T,
): (...args: Args) => T {
  let last: T | null = null
  return remembered((...args: Args) => {
    const next = work(...args)
    if (last === null || !readsAlike(last, next)) last = next
    return last
  })
}

/** Whether two records say the same, member by member: the very same, or written alike. */
const readsAlike = <T extends object>(one: T, other: T): boolean =>
  (Object.keys(other) as (keyof T)[]).every(
    name => one[name] === other[name] || JSON.stringify(one[name]) === JSON.stringify(other[name]),
  )

/** A pure function of several named things that remembers its last answer while each of them is the very same. */
export function rememberedParts<Given extends object, T>(work: (given: Given) => T): (given: Given) => T {
  let last: { readonly given: Given; readonly value: T } | null = null
  return given => {
    const names = Object.keys(given) as (keyof Given)[]
    if (last === null || names.some(name => given[name] !== last!.given[name])) last = { given, value: work(given) }
    return last.value
  }
}

/** A pure function that remembers its last answer: asked again with the very same arguments, it works nothing out anew. */
export function remembered<Args extends readonly unknown[], T>(work: (...args: Args) => T): (...args: Args) => T {
  let last: { readonly args: Args; readonly value: T } | null = null
  return (...args) => {
    const same = last !== null && last.args.length === args.length && args.every((one, i) => one === last!.args[i])
    if (!same) last = { args, value: work(...args) }
    return last!.value
  }
}
