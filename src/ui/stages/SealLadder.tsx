'use client'
import { standingEntries } from '@/core/log/standing'
import { SEALED_BY_SHEET } from '@/core/seal/sealed'
import { GAP_SLOTS } from '@/core/survey/slots'
import { Button, Panel } from '../parts/controls'
import { Entry } from '../sheet/Entry'
import { ReadingLadder } from '../sheet/ReadingLadder'
import { neighbourOf, nextOpen } from '../sheet/selection'
import type { StageProps } from '../sheet/stage-props'

export function SealLadder(stage: StageProps) {
  const { store, selected, onSelect } = stage
  const { survey, edges, isWorkedOut } = store.work.seal.value
  if (!isWorkedOut) return <BySheet store={store} />
  const asked = new Set(edges.flatMap(edge => edge.slots))
  const slots = GAP_SLOTS.filter(slot => asked.size === 0 || asked.has(slot) || slot.startsWith('contact.'))
  const slot = slots.find(one => one === selected) ?? nextOpen(slots, survey, null) ?? slots[0]!
  return (
    <>
      <Entry
        {...stage}
        slot={slot}
        survey={survey}
        occasion={store.work.door.seal.surveyIsOldLeaf ? 'set' : 'survey'}
        onTaken={taken => onSelect(nextOpen(slots, survey, taken) ?? taken)}
        onMove={by => onSelect(neighbourOf(slots, slot, by))}
      />
      <ReadingLadder slots={slots} survey={survey} store={store} selected={slot} onSelect={onSelect} />
    </>
  )
}

/** A kind whose seals are not worked out: it says so, and takes down that it was sealed by its sheet. */
function BySheet({ store }: Pick<StageProps, 'store'>) {
  const entry = standingEntries('seal', store.records.log).get(SEALED_BY_SHEET)
  const isSealed = entry?.result === 'fitted'
  const note = (result: 'fitted' | 'reopened') => void store.addLog({ kind: 'seal', code: SEALED_BY_SHEET, result })
  return (
    <Panel>
      <h2>Sealing</h2>
      <p>Choosing seals is not worked out for this kind of door. Seal it by its maker’s sheet.</p>
      {isSealed ? (
        <>
          <p data-sealed="true">
            <strong>✓ Sealed by its sheet</strong> · {entry.by}, {entry.at.slice(0, 10)}
          </p>
          <Button $plain onPress={() => note('reopened')}>
            Not sealed after all
          </Button>
        </>
      ) : (
        <Button onPress={() => note('fitted')}>It is sealed</Button>
      )}
    </Panel>
  )
}
