'use client'
import { styled } from 'styled-components'
import type { Finding } from '@/core/base/finding'
import type { DisplayStep } from '@/core/units/format-length'
import type { FindingCode } from '@/core/work'
import { findingWords } from '@/words/findings'
import { SeverityMark } from './SeverityMark'

const Item = styled.li<{ $lit: boolean }>`
  display: grid; grid-template-columns: 24px 1fr; gap: 2px 4px; padding: 9px 8px; border-top: 1px solid var(--rule); cursor: pointer;
  &:first-child { border-top: none; }
  ${p => p.$lit && 'background: var(--vial-wash); box-shadow: inset 0 0 0 1.5px var(--ink);'}
  strong { font-weight: 650; line-height: 1.3; }
  .why { grid-column: 2; font-size: 15px; color: var(--quiet); }
  .cure { grid-column: 2; font-size: 15px; }
  .cure::before { content: '→ '; color: var(--quiet); }
`

type Props = {
  readonly findings: readonly Finding<FindingCode>[]
  readonly step: DisplayStep
  readonly selected: string | null
  readonly onSelect: (place: string) => void
  readonly empty: string
}

/** Judgements, the worst on top: mark, figure, limit, why, and the cure. */
export function FindingList({ findings, step, selected, onSelect, empty }: Props) {
  if (findings.length === 0) return <p style={{ color: 'var(--quiet)' }}>{empty}</p>
  return (
    <ul>
      {findings.map(one => {
        const { title, why, cures } = findingWords(one, step)
        return (
          <Item
            key={`${one.code}/${one.place}/${title}`}
            $lit={one.place === selected}
            onClick={() => onSelect(one.place)}
            data-severity={one.severity}
          >
            <SeverityMark severity={one.severity} />
            <strong>{title}</strong>
            <p className="why">{why}</p>
            {cures.slice(0, 2).map(cure => (
              <p className="cure" key={cure}>
                {cure}
              </p>
            ))}
          </Item>
        )
      })}
    </ul>
  )
}
