'use client'
import { type Dispatch, useEffect, useState } from 'react'
import { EDIT_KINDS, type EditKind, type Edits } from '@/core/new-edits'
import type { Versioned, VersionedEdits } from '@/core/sheet'
import { type EditBox, editBox } from './edit-box'
import type { Action } from './sheet-state'

type Boxes = { readonly [K in EditKind]: EditBox<Edits[K]> }

export type EditStore = {
  readonly save: <K extends EditKind>(kind: K, change: Partial<Edits[K]>, extent: 'part' | 'whole') => void
  readonly again: () => void
  readonly choose: (kind: EditKind, side: 'mine' | 'theirs') => void
  readonly settled: () => Promise<unknown>
}

/** The edited records of an opening, each saved on its own. */
export function useEdits(
  first: VersionedEdits,
  base: string,
  dispatch: Dispatch<Action>,
  tell: (message: string | null) => void,
): EditStore {
  const [boxes] = useState(
    () =>
      Object.fromEntries(
        EDIT_KINDS.map(kind => [
          kind,
          editBox<object>(first[kind] as Versioned<object>, `${base}/edits/${kind}`, {
            show: next => dispatch({ type: 'edit', kind, next }),
            tell,
            clash: clash => dispatch({ type: 'clash', kind, clash }),
          }),
        ]),
      ) as unknown as Boxes,
  )
  const all = EDIT_KINDS.map(kind => boxes[kind])
  // biome-ignore lint/correctness/useExhaustiveDependencies: what was left over is looked at once, when the page is there
  useEffect(() => {
    for (const box of all) box.resume()
  }, [boxes])
  return {
    save: (kind, change, extent) => boxes[kind].save(change, extent),
    again: () => {
      for (const box of all) box.again()
    },
    choose: (kind, side) => boxes[kind].choose(side),
    settled: () => Promise.all(all.map(box => box.settled())),
  }
}
