import type { Acknowledgement, Decision } from './acknowledgement'

/** What is written back where a supplier misread an order: each member with what was ordered and what was read. */
export type Objection = {
  readonly format: 'harvek-objection'
  readonly version: 1
  readonly company: string
  readonly order: { readonly id: string; readonly number: string; readonly revision: number }
  readonly lines: readonly {
    readonly line: number
    readonly tag: string
    readonly path: string
    readonly ordered: unknown
    readonly read: unknown
  }[]
}

/** The objection that follows from what was decided; `null` when nothing was objected to. */
export function objectionTo(
  { lines }: Acknowledgement,
  decisions: readonly Decision[],
  company: string,
  order: Objection['order'],
): Objection | null {
  const objected = lines.flatMap(({ line, tag, differences }) =>
    differences
      .filter(
        one =>
          decisions.findLast(decision => decision.line === line && decision.path === one.path)?.verdict === 'objected',
      )
      .map(({ path, first, second }) => ({ line, tag, path, ordered: first ?? null, read: second ?? null })),
  )
  return objected.length ? { format: 'harvek-objection', version: 1, company, order, lines: objected } : null
}
