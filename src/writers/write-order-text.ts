import type { MessageLine, OrderMessage } from '@/core/exchange/message'
import type { DisplayStep } from '@/core/units/format-length'
import type { Length } from '@/core/units/length'
import { bothUnits } from '@/words/both-units'
import { memberName } from '@/words/members'
import { handWords, isLengthMember, isLengthsMember, notIncluded, plainValue } from '@/words/order'
import { towardFor } from '@/words/rounding'

/** What stands at a line's head and is not repeated among its members. */
const AT_THE_HEAD: ReadonlySet<string> = new Set([
  'line',
  'tag',
  'quantity',
  'article',
  'name',
  'hinges',
  'swing',
  'activeLeaf',
  'panels',
  'lacks',
  'agreed',
])

/** An order as plain text, for a letter: the same that goes to the supplier, the hand in words first, every length in both units. */
export function writeOrderText(message: OrderMessage, step: DisplayStep): string {
  const { order, company, maker, releasedAt, lines } = message
  const revision = order.revision > 1 ? `, revision ${order.revision}` : ''
  const blocks = [
    [
      `Order ${order.number}${revision}`,
      `From ${company.name} to ${maker || 'the supplier'}, ${releasedAt.slice(0, 10)}`,
    ],
    ...lines.map(line => lineText(line, step)),
    ['Left and right are as seen from outside. Please write back what you read, line by line.'],
  ]
  return `${blocks.map(block => block.join('\n')).join('\n\n')}\n`
}

function lineText(line: MessageLine, step: DisplayStep): readonly string[] {
  return [
    `Line ${line.line}, for ${line.tag}: ${line.quantity} × ${line.article} ${line.name}`,
    ...[handWords(line)].filter(Boolean),
    ...membersOf(line).map(([path, value]) => `${memberName(path)}: ${said(path, value, step)}`),
    ...(line.agreed ?? []).map(({ question, answer }) => `${memberName('agreed')}: ${question} ${answer}`),
    notIncluded(line.lacks ?? []),
  ]
}

/** Every member that says something, by its dotted path. */
const membersOf = (line: MessageLine): readonly (readonly [string, unknown])[] =>
  Object.entries(line).flatMap(([name, value]) => (AT_THE_HEAD.has(name) ? [] : flat(name, value)))

function flat(path: string, value: unknown): readonly (readonly [string, unknown])[] {
  if (value === null || value === undefined) return []
  if (typeof value === 'object' && !Array.isArray(value))
    return Object.entries(value).flatMap(([name, one]) => flat(`${path}.${name}`, one))
  return [[path, value]]
}

const said = (path: string, value: unknown, step: DisplayStep): string =>
  isLengthMember(path, value)
    ? bothUnits(value as Length, step, towardFor(path))
    : isLengthsMember(path, value)
      ? value.map(one => bothUnits(one as Length, step)).join('; ')
      : plainValue(path, value)
