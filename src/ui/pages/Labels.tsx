'use client'
import { useState } from 'react'
import { LABEL_SHEETS, SHEETS } from '@/core/plan/label'
import { ButtonLink, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Labelled } from '../parts/Labelled'

const NAMES = Object.fromEntries(
  Object.values(SHEETS).map(({ id, paper, across, down, width, height }) => [
    id,
    `${paper === 'a4' ? 'A4' : 'Letter'}, ${across} × ${down}, ${paper === 'a4' ? `${width} × ${height} mm` : `${width / 25.4} × ${height / 25.4} in`}`,
  ]),
)

/** Labels for the doors of a job, on sheets as they are sold. */
export function Labels({ jobId }: { readonly jobId: string }) {
  const [sheet, setSheet] = useState<(typeof LABEL_SHEETS)[number]>('a4-3x8')
  const [from, setFrom] = useState(1)
  const [only, setOnly] = useState<'all' | 'fire'>('all')
  const most = SHEETS[sheet].across * SHEETS[sheet].down
  return (
    <Disclosure title="Labels for the doors">
      <Quiet>
        Scanned, or its eight signs typed under Openings, a label opens its door’s page. On a fire door it never covers
        the maker’s label.
      </Quiet>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 10, alignItems: 'end' }}>
        <Labelled label="Sheet">
          <select value={sheet} onChange={event => setSheet(LABEL_SHEETS.find(one => one === event.target.value)!)}>
            {LABEL_SHEETS.map(one => (
              <option key={one} value={one}>
                {NAMES[one]}
              </option>
            ))}
          </select>
        </Labelled>
        <Labelled label="First label on the sheet">
          <input
            type="number"
            min={1}
            max={most}
            value={from}
            onChange={event => setFrom(Math.min(most, Math.max(1, Math.trunc(Number(event.target.value)) || 1)))}
          />
        </Labelled>
        <Labelled label="For">
          <select value={only} onChange={event => setOnly(event.target.value === 'fire' ? 'fire' : 'all')}>
            <option value="all">every door</option>
            <option value="fire">fire doors only</option>
          </select>
        </Labelled>
        <ButtonLink
          href={`/api/jobs/${jobId}/labels.pdf?sheet=${sheet}&from=${Math.min(from, most)}&only=${only}`}
          target="_blank"
        >
          Labels, PDF
        </ButtonLink>
      </div>
    </Disclosure>
  )
}
