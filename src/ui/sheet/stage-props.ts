import type { RefObject } from 'react'
import type { Stage } from '@/core/base/stages'
import type { SheetStore } from '../store/use-sheet'
import type { WorkedStore } from '../store/worked'
import type { Direction } from './direction'
import type { DeviceStore } from './use-devices'

/** What reading gets: the store, what is selected, and how to select something else. */
export type ReadProps = {
  readonly store: SheetStore
  readonly devices: DeviceStore
  readonly selected: string | null
  readonly onSelect: (id: string | null) => void
  /** The stage that is shown. */
  readonly stage: Stage
  /** Goes to where something is done, and to its place there. */
  readonly onGo: (stage: Stage, place: string) => void
  /** Lights something up without taking the focus there. */
  readonly onShow: (id: string) => void
  readonly inputRef: RefObject<HTMLInputElement | null>
  /** Which way the signed reading that is taken now goes, as tapped beside the field or on the drawing. */
  readonly direction: Direction | null
  readonly onDirection: (direction: Direction | null) => void
}

/** What every stage gets: the same with the work. */
export type StageProps = ReadProps & { readonly store: WorkedStore }
