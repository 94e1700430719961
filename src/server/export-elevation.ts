import { drawnOf } from '@/core/draw'
import { elevation } from '@/core/drawing/elevation'
import { lowerScene } from '@/core/drawing/lower-scene'
import type { LoweredMark } from '@/core/drawing/lowered'
import type { Scene } from '@/core/drawing/scene'
import type { OpeningSheet } from '@/core/sheet'
import { inches } from '@/core/units/length'
import { drawingWord } from '@/words/drawing'
import { workOf } from './load-opening'

const TEXT_HEIGHT = inches(1, 1, 2)

/** The elevation as it is exported: the opening true to scale with the placed unit and its packs. */
export function exportElevation(sheet: OpeningSheet): {
  readonly scene: Scene
  readonly marks: readonly LoweredMark[]
  readonly textHeight: number
} {
  const scene = elevation(drawnOf(workOf(sheet), sheet.edits.wishes.data), 'fit')
  const marks = lowerScene(scene, { textHeight: TEXT_HEIGHT, step: sheet.job.step, word: drawingWord, openText: '' })
  return { scene, marks, textHeight: TEXT_HEIGHT }
}
