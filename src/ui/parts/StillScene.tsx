'use client'
import type { Scene } from '@/core/drawing/scene'
import type { DisplayStep } from '@/core/units/format-length'
import { SceneView } from './SceneView'

type Props = { readonly scene: Scene; readonly step: DisplayStep; readonly title: string; readonly textPx?: number }

const NO_NAMES: ReadonlyMap<string, string> = new Map()

/** A scene that is only looked at: nothing on it can be tapped. */
export const StillScene = ({ textPx = 13, ...scene }: Props) => (
  <SceneView {...scene} textPx={textPx} canCloser={false} selected={null} names={NO_NAMES} onSelect={() => undefined} />
)
