'use client'
import type { ReactNode } from 'react'
import { styled } from 'styled-components'
import type { LineChange } from '@/core/order/revision'
import type { DisplayStep } from '@/core/units/format-length'
import { memberName } from '@/words/members'
import { MemberValue } from '../parts/MemberValue'

const Table = styled.table`
  background: var(--sheet); border-collapse: collapse; width: 100%;
  th { text-align: left; font-size: 0.9375rem; color: var(--quiet); font-weight: 600; }
  th, td { padding: 6px 14px; border-bottom: 1px solid var(--rule); vertical-align: top; }
`

type ChangesProps = { readonly title: string; readonly changes: readonly LineChange[]; readonly step: DisplayStep }

type ChangeRow = {
  readonly key: string
  readonly tag: string
  readonly what: string
  readonly was: ReactNode
  readonly is: ReactNode
}

/** What one state of an order has otherwise than another. */
export function Changes({ title, changes, step }: ChangesProps) {
  if (changes.length === 0) return null
  const rows = changes.flatMap((one): ChangeRow[] =>
    one.kind === 'changed'
      ? one.differences.map(({ path, first, second }) => ({
          key: `${one.tag}${path}`,
          tag: one.tag,
          what: memberName(path),
          was: <MemberValue path={path} value={first} step={step} />,
          is: <MemberValue path={path} value={second} step={step} />,
        }))
      : [
          {
            key: one.tag,
            tag: one.tag,
            what: one.kind === 'added' ? 'New on this order' : 'No longer on this order',
            was: '',
            is: '',
          },
        ],
  )
  return (
    <section>
      <h2>{title}</h2>
      <Table>
        <thead>
          <tr>
            <th>Tag</th>
            <th>What</th>
            <th>Was</th>
            <th>Is</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(row => (
            <tr key={row.key}>
              <td>{row.tag}</td>
              <td>{row.what}</td>
              <td>{row.was}</td>
              <td>{row.is}</td>
            </tr>
          ))}
        </tbody>
      </Table>
    </section>
  )
}
