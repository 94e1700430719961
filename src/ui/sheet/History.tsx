'use client'
import type { Reading } from '@/core/survey/reading'
import { WORK_STEPS } from '@/core/units/format-length'
import { Panel } from '../parts/controls'
import { Figure } from '../parts/Figure'

/** What was read at one place before, the latest first: two hands or two instruments stand beside each other. */
export function History({ history, unit }: { readonly history: readonly Reading[]; readonly unit: 'in' | 'mm' }) {
  if (history.length === 0) return null
  return (
    <Panel>
      <h2>Read here {history.length === 1 ? 'once' : `${history.length} times`}</h2>
      <ol style={{ display: 'grid', gap: 4, fontSize: 15 }}>
        {history.map(one => (
          <li key={one.id}>
            <strong style={{ fontSize: 20 }}>
              <Figure value={one.value} step={WORK_STEPS[unit]} unit />
            </strong>{' '}
            “{one.text}”, {one.instrument}
            {one.device && ` (${one.device})`}
            {one.deviation !== null && (
              <>
                {' '}
                <Figure value={one.deviation} step={WORK_STEPS[unit]} unit either />
              </>
            )}
            , {one.takenBy}, {one.takenAt.slice(0, 16).replace('T', ' ')}
          </li>
        ))}
      </ol>
    </Panel>
  )
}
