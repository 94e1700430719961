import { type Difference, differencesOf } from '../base/differences'
import type { OrderMessage } from './message'

/** Why what a supplier sent is not an acknowledgement of this order. */
export const NOT_UNDERSTOOD = [
  'not-json',
  'not-acknowledgement',
  'other-company',
  'other-order',
  'unknown-line',
  'line-twice',
] as const
export type NotUnderstood = (typeof NOT_UNDERSTOOD)[number]

export const DESK_STATES = ['accepted', 'query', 'refused'] as const
export type DeskState = (typeof DESK_STATES)[number]

/** A line as the supplier read it, and every member on which it differs from ours, the worst to miss first. */
export type AcknowledgedLine = {
  readonly line: number
  readonly tag: string
  readonly differences: readonly Difference[]
  /** Members that say the same. */
  readonly same: readonly string[]
}

export type Acknowledgement = {
  readonly state: DeskState
  readonly message: string
  readonly lines: readonly AcknowledgedLine[]
}

export type ReadAcknowledgement =
  | { readonly ok: true; readonly value: Acknowledgement }
  | { readonly ok: false; readonly code: NotUnderstood; readonly facts: Readonly<Record<string, string>> }

type Members = Readonly<Record<string, unknown>>
const isMembers = (value: unknown): value is Members =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
const no = (code: NotUnderstood, facts: Readonly<Record<string, string>> = {}): ReadAcknowledgement => ({
  ok: false,
  code,
  facts,
})

/** Reads what a supplier sent back against what was sent to it. The envelope must be ours; each line is compared as it is, whatever
 *  members it has, so that nothing the supplier dropped or added stays unseen. */
export function readAcknowledgement(text: string, sent: OrderMessage): ReadAcknowledgement {
  let value: unknown
  try {
    value = JSON.parse(text)
  } catch {
    return no('not-json')
  }
  if (!isMembers(value) || value.format !== 'harvek-acknowledgement' || !Array.isArray(value.lines))
    return no('not-acknowledgement')
  const state = DESK_STATES.find(one => one === value.state)
  if (!state) return no('not-acknowledgement')
  if (value.company !== sent.company.id) return no('other-company', { company: String(value.company) })
  if (value.order !== sent.order.id) return no('other-order', { order: String(value.order) })
  const theirs = new Map<number, Members>()
  for (const line of value.lines) {
    const number = isMembers(line) ? Number(line.line) : Number.NaN
    if (!sent.lines.some(one => one.line === number))
      return no('unknown-line', { line: isMembers(line) ? String(line.line) : '' })
    if (theirs.has(number)) return no('line-twice', { line: String(number) })
    theirs.set(number, line as Members)
  }
  const message = typeof value.message === 'string' ? value.message.slice(0, 1000) : ''
  return { ok: true, value: { state, message, lines: state === 'accepted' ? compareLines(sent, theirs) : [] } }
}

const compareLines = (sent: OrderMessage, theirs: ReadonlyMap<number, Members>): readonly AcknowledgedLine[] =>
  sent.lines.map(ours => {
    const read = theirs.get(ours.line)
    const differences = read
      ? [...differencesOf(ours, read)].sort((a, b) => weightOf(a.path) - weightOf(b.path))
      : [{ path: 'line', kind: 'missing' as const, first: ours.line, second: undefined }]
    const differing = new Set(differences.map(one => one.path.split(/[.[]/)[0]!))
    const same = read ? Object.keys(ours).filter(name => !differing.has(name)) : []
    return { line: ours.line, tag: ours.tag, differences, same }
  })

const HAND = /^(line|hinges|swing|activeLeaf|panels|code)/
const SIZE = /^(quantity|article|width|height|leaf|passive|sidelight|jamb|throat|frame|cut|lock|hinge|bore|backset)/

/** What is worst to misread comes first: the hand, then sizes, then the rest. */
const weightOf = (path: string): number => (HAND.test(path) ? 0 : SIZE.test(path) ? 1 : 2)

/** What somebody decided of one difference. */
export type Decision = {
  readonly line: number
  readonly path: string
  readonly verdict: 'accepted' | 'objected'
}

/** Where an acknowledgement stands: nothing to decide, decisions open, objected, or all accepted. */
export function standingOf(
  { state, lines }: Acknowledgement,
  decisions: readonly Decision[],
): 'agrees' | 'open' | 'objected' | 'accepted' | 'query' | 'refused' {
  if (state !== 'accepted') return state
  const differing = lines.flatMap(one => one.differences.map(({ path }) => ({ line: one.line, path })))
  if (differing.length === 0) return 'agrees'
  const verdicts = differing.map(
    one => decisions.findLast(({ line, path }) => line === one.line && path === one.path)?.verdict,
  )
  if (verdicts.includes('objected')) return 'objected'
  return verdicts.includes(undefined) ? 'open' : 'accepted'
}
