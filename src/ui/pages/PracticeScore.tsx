'use client'
import { styled } from 'styled-components'
import type { Score } from '@/core/practice/score'
import { waySlot } from '@/core/survey/slots'
import type { UnitWay } from '@/core/survey/ways'
import { FAULT_WORDS, MARK_WORDS } from '@/words/practice'
import { slotName } from '@/words/walk'
import { Button } from '../parts/controls'
import { Figure } from '../parts/Figure'

export const Marks = styled.table`
  border-collapse: collapse; width: 100%; background: var(--sheet);
  th, td { text-align: left; padding: 6px 10px; border-bottom: 1px solid var(--rule); }
  td.figure { text-align: right; font-weight: 600; }
  tr[data-mark='misread'] td:last-child, tr[data-mark='left-out'] td:last-child { color: var(--correct); font-weight: 650; }
`

type Props = { readonly way: UnitWay; readonly score: Score; readonly onAgain: () => void }

/** What was wrong with the opening, and how each reading of it was taken. */
export function ScoreTable({ way, score, onAgain }: Props) {
  return (
    <section aria-label="Score" style={{ display: 'grid', gap: 14 }}>
      <h2 style={{ fontSize: '1.75rem' }}>{score.points} of 100</h2>
      <p>What was wrong with the opening: {score.faults.map(one => FAULT_WORDS[one]).join(', ')}.</p>
      <Marks>
        <thead>
          <tr>
            <th>Reading</th>
            <th>Truly</th>
            <th>Read</th>
            <th>Judged</th>
          </tr>
        </thead>
        <tbody>
          {score.readings.map(one => (
            <tr key={one.name} data-mark={one.mark}>
              <td>{slotName(waySlot(way, one.name))}</td>
              <td className="figure">
                <Figure value={one.truth} step="1/64" unit />
              </td>
              <td className="figure">{one.read === null ? '–' : <Figure value={one.read} step="1/64" unit />}</td>
              <td>
                {MARK_WORDS[one.mark]}
                {one.times > 1 ? `, read ${one.times} times` : ''}
              </td>
            </tr>
          ))}
        </tbody>
      </Marks>
      <div>
        <Button onPress={onAgain}>Another opening</Button>
      </div>
    </section>
  )
}
