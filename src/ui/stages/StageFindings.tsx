import type { Finding } from '@/core/base/finding'
import type { FindingCode } from '@/core/work'
import { Panel } from '../parts/controls'
import { FindingList } from '../parts/FindingList'
import type { StageProps } from '../sheet/stage-props'

/** The findings of a stage, below its figures. */
export function StageFindings({
  findings,
  store,
  selected,
  onSelect,
  onGo,
  stage,
}: StageProps & { readonly findings: readonly Finding<FindingCode>[] }) {
  return (
    <Panel>
      <h2>Findings</h2>
      <FindingList
        findings={findings}
        step={store.sheet.job.step}
        figure={store.figure}
        selected={selected}
        onSelect={onSelect}
        onGo={onGo}
        here={stage}
        empty="Nothing stands against it."
      />
    </Panel>
  )
}
