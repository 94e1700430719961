'use client'
import { type ComponentType, memo, useDeferredValue } from 'react'
import type { StageProps } from './stage-props'

type Props = { readonly of: ComponentType<StageProps>; readonly pane: StageProps }

/** While readings are typed, what they say follows right behind the drawing: the next reading never waits for it. Nothing that is answered
 *  stands behind: its answer would be seen late. */
export const Behind = ({ of, pane }: Props) => <Late of={of} pane={useDeferredValue(pane)} />

const Late = memo(function Late({ of: Pane, pane }: Props) {
  return <Pane {...pane} />
})
