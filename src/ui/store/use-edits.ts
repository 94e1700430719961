'use client'
import { type Dispatch, useEffect, useState } from 'react'
import { EDIT_KINDS, type EditKind, type Edits } from '@/core/new-edits'
import type { OpeningSheet, Versioned, VersionedEdits } from '@/core/sheet'
import { changeName } from '@/words/outbox'
import { type EditBox, editBox } from './edit-box'
import type { Action } from './sheet-state'
import { useOutbox } from './use-outbox'

type Boxes = { readonly [K in EditKind]: EditBox<Edits[K]> }

export type EditStore = {
  readonly save: <K extends EditKind>(kind: K, change: Partial<Edits[K]>, extent: 'part' | 'whole') => void
  readonly choose: (kind: EditKind, side: 'mine' | 'theirs') => void
  /** How they stand at the store by now, as somebody else changed them. */
  readonly theirs: (edits: VersionedEdits) => void
}

/** The edited records of an opening, each saved on its own. */
export function useEdits({ edits, opening }: OpeningSheet, of: string, dispatch: Dispatch<Action>): EditStore {
  const outbox = useOutbox()
  const [boxes] = useState(
    () =>
      Object.fromEntries(
        EDIT_KINDS.map(kind => [
          kind,
          editBox<object>(
            edits[kind] as Versioned<object>,
            { path: `${of}/edits/${kind}`, of, what: `${opening.tag}: ${changeName(kind)}` },
            outbox,
            {
              show: next => dispatch({ type: 'edit', kind, next }),
              clash: clash => dispatch({ type: 'clash', kind, clash }),
            },
          ),
        ]),
      ) as unknown as Boxes,
  )
  useEffect(() => {
    const offs = EDIT_KINDS.map(kind => boxes[kind].listen())
    return () => {
      for (const off of offs) off()
    }
  }, [boxes])
  return {
    save: (kind, change, extent) => boxes[kind].save(change, extent),
    choose: (kind, side) => boxes[kind].choose(side),
    theirs: stand => {
      for (const kind of EDIT_KINDS) boxes[kind].theirs(stand[kind] as never)
    },
  }
}
