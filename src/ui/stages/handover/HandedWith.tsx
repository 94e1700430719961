'use client'
import { useState } from 'react'
import { HANDED_WITH, type HandedWithId, handedWith } from '@/core/handover/handed-with'
import { HANDED_WITH_NAMES } from '@/words/handed-with'
import { Button } from '../../parts/controls'
import { Disclosure } from '../../parts/Disclosure'
import { Labelled } from '../../parts/Labelled'
import { Locked } from '../../parts/Rights'
import type { StageProps } from '../../sheet/stage-props'

/** What is handed over with the door, as it is printed on its record. */
export function HandedWith({ store }: { readonly store: StageProps['store'] }) {
  const stood = handedWith(store.records.log)
  return (
    <Disclosure title="Handed over with">
      <Locked verb="vouch">
        {HANDED_WITH.map(id => (
          <Field
            key={`${id} ${stood[id] ?? ''}`}
            id={id}
            stood={stood[id] ?? ''}
            onSave={text => void store.addLog({ kind: 'note', code: id, result: 'noted', value: null, text })}
          />
        ))}
      </Locked>
    </Disclosure>
  )
}

type Props = { readonly id: HandedWithId; readonly stood: string; readonly onSave: (text: string) => void }

function Field({ id, stood, onSave }: Props) {
  const [draft, setDraft] = useState(stood)
  return (
    <div style={{ display: 'grid', gridTemplateColumns: 'minmax(0, 1fr) auto', gap: 6, alignItems: 'end' }}>
      <Labelled label={HANDED_WITH_NAMES[id][0]}>
        <input
          value={draft}
          maxLength={500}
          placeholder={HANDED_WITH_NAMES[id][1]}
          onChange={event => setDraft(event.target.value)}
        />
      </Labelled>
      <Button
        $plain
        isDisabled={draft.trim() === stood}
        onPress={() => onSave(draft.trim())}
        aria-label={`Note: ${HANDED_WITH_NAMES[id][0]}`}
      >
        Note
      </Button>
    </div>
  )
}
