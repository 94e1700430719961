import type { z } from 'zod'
import { reject } from '../calls-input'

const pathOf = (path: readonly PropertyKey[]): string =>
  path.reduce<string>(
    (text, part) => (typeof part === 'number' ? `${text}[${part}]` : text ? `${text}.${String(part)}` : String(part)),
    '',
  )

type ZodIssue = z.core.$ZodIssue

/** The first thing wrong with an input, at its path. @throws InputError always. */
export function refuse(issues: readonly ZodIssue[], at: readonly PropertyKey[] = []): never {
  const [issue] = issues
  if (!issue) return reject('input.object', pathOf(at))
  const path = [...at, ...issue.path]
  switch (issue.code) {
    case 'unrecognized_keys':
      return reject('input.unknown', pathOf([...path, issue.keys[0]!]))
    case 'invalid_value':
      return issue.input === undefined
        ? reject('input.missing', pathOf(path))
        : reject('input.choice', pathOf(path), { choices: issue.values.map(String).join(', ') })
    case 'invalid_union':
      return refuse(deepest(issue.errors), path)
    case 'invalid_type':
      return refuseType(issue, pathOf(path))
    case 'too_small':
    case 'too_big':
      return reject('input.size', pathOf(path))
    default:
      return reject('input.form', pathOf(path))
  }
}

function refuseType({ expected, input }: { readonly expected: string; readonly input?: unknown }, path: string): never {
  if (input === undefined) return reject('input.missing', path)
  if (expected === 'object' || expected === 'record') return reject('input.object', path)
  if (expected === 'array') return reject('input.list', path)
  if (expected === 'string') return reject('input.text', path)
  return reject('input.number', path)
}

/** Of the alternatives that were tried the one that came furthest in: a wrong member in an object, not that it is no text. */
const deepest = (errors: readonly (readonly ZodIssue[])[]): readonly ZodIssue[] =>
  [...errors].sort((a, b) => depth(b) - depth(a))[0] ?? []
const depth = (issues: readonly ZodIssue[]): number =>
  Math.max(0, ...issues.map(one => one.path.length + (one.code === 'unrecognized_keys' ? 1 : 0)))
