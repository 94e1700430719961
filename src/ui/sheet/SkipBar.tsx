'use client'
import { Undo2 } from 'lucide-react'
import { useEffect, useState } from 'react'
import { styled } from 'styled-components'
import { SKIP_REASONS } from '@/core/survey/facts'
import type { Question } from '@/core/survey/survey-of'
import { SKIP_WORDS } from '@/words/walk'
import { Button } from '../parts/controls'
import type { SheetStore } from '../store/use-sheet'

const Bar = styled.div`
  display: grid; gap: 6px;
  .line { display: flex; flex-wrap: wrap; gap: 6px; }
  .line.walk { flex-wrap: nowrap; button { white-space: nowrap; flex: none; } .skip { flex: 0 1 auto; min-width: 0; overflow: hidden; text-overflow: ellipsis; } }
  /* On a phone the walk stands in the bar at the foot, beside what is stored, in reach of a thumb. */
  @media (max-width: 37.5em), (max-width: 60em) and (max-height: 30em) { .line.walk { position: fixed; z-index: 22; right: 8px; bottom: 0; height: var(--bar); align-items: center; gap: 5px; max-width: 15.75rem; button { padding: 0 9px; } .name { display: none; } } }
  .line > button { padding: 0 12px; font-size: 0.9375rem; } .line > button:has(svg) { display: inline-flex; align-items: center; gap: 6px; }
  input { height: 44px; padding: 0 8px; border: 1.5px solid var(--strong-rule); border-radius: 4px; background: var(--sheet); min-width: 0; }
`

type Props = {
  readonly slot: Question
  readonly store: SheetStore
  readonly onSkipped: () => void
  readonly onMove: (by: 1 | -1) => void
}

/** One tap further or back, and a way to leave a reading out that says why. */
export function SkipBar({ slot, store, onSkipped, onMove }: Props) {
  const [open, setOpen] = useState(false)
  const [note, setNote] = useState('')
  // biome-ignore lint/correctness/useExhaustiveDependencies: another reading starts without the last one's reason
  useEffect(() => {
    setOpen(false)
    setNote('')
  }, [slot])
  const skipped = store.survey.skipped.get(slot)
  return (
    <Bar>
      <div className="line walk">
        <Button $plain onPress={() => onMove(-1)} aria-label="Reading before">
          ‹
        </Button>
        <Button $plain onPress={() => onMove(1)} aria-label="Next reading">
          Next ›
        </Button>
        <Button $plain className="skip" onPress={() => setOpen(!open)} aria-expanded={open}>
          {skipped ? `Skipped: ${SKIP_WORDS[skipped.code as keyof typeof SKIP_WORDS]}` : 'Skip …'}
        </Button>
        {store.undoing && (
          <Button $plain onPress={store.undo} aria-label={`Undo ${store.undoing}`}>
            <Undo2 size={20} aria-hidden="true" />
            <span className="name">Undo</span>
          </Button>
        )}
      </div>
      {open && (
        <>
          <label>
            <span className="sr">Note to the skipped reading</span>
            <input
              value={note}
              placeholder="a note, if it helps"
              maxLength={500}
              onChange={event => setNote(event.target.value)}
            />
          </label>
          <div className="line">
            {SKIP_REASONS.map(reason => (
              <Button
                key={reason}
                $plain
                onPress={() => {
                  void store.addAnswer({ slot, kind: 'skipped', code: reason, note: note.trim() })
                  onSkipped()
                }}
              >
                {SKIP_WORDS[reason]}
              </Button>
            ))}
          </div>
        </>
      )}
    </Bar>
  )
}
