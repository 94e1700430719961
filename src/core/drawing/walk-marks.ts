import { type Point, point } from '../geometry/point'
import type { Question } from '../survey/families'
import { isSigned, isSlot, kindOfSlot } from '../survey/slots'
import { inches } from '../units/length'
import { dot, label, type Mark, type Scene } from './scene'

const WORD_AWAY = inches(3)

/** A scene with what the reading that is taken now needs: where the tape is hooked and where it is read; for one that has a
 *  direction, the two sides it can go to, as `direction.minus` and `direction.plus`. */
export function walkMarks(scene: Scene, question: Question | null): Scene {
  const mark = scene.marks.find(one => one.kind === 'reading' && one.id === question)
  if (mark?.kind !== 'reading' || question === null || !isSlot(question)) return scene
  const { from, to } = mark
  const added = isSigned(question)
    ? sideMarks(kindOfSlot(question), from, to)
    : [
        dot('hook', 'walk.hook', from),
        dot('hook', 'walk.read', to),
        wordAt('walk.hook.word', from, to, 'hook'),
        wordAt('walk.read.word', to, from, 'read'),
      ]
  return { ...scene, marks: [...scene.marks, ...added] }
}

/** A word beside an end of a span, inside what is measured: under a line across, beside one that rises. */
function wordAt(id: string, end: Point, other: Point, word: string): Mark {
  const inward = Math.sign(other.x - end.x) || 1
  if (Math.abs(other.x - end.x) > 2 * Math.abs(other.y - end.y))
    return label(id, point(end.x + inward * inches(1), end.y - WORD_AWAY), word, inward > 0 ? 'start' : 'end')
  const upward = other.y > end.y ? 1 : -1
  const y = end.y + (upward > 0 ? inches(1) : -WORD_AWAY)
  return label(id, point(end.x + inward * inches(1, 1, 2), y), word, inward > 0 ? 'start' : 'end')
}

/** Arrows for both sides a reading can go to, at the ends of its span: left and right for a lean or bow, which end is higher for
 *  a fall, up and down for a crown, out and in for a lean through the wall. */
function sideMarks(kind: string, from: Point, to: Point): readonly Mark[] {
  const both = (minus: Point, minusWord: string, plus: Point, plusWord: string): readonly Mark[] => [
    label('direction.minus', minus, minusWord),
    label('direction.plus', plus, plusWord),
  ]
  switch (kind) {
    case 'lean':
    case 'bow':
      return both(to, 'to-left', from, 'to-right')
    case 'fall':
      return both(from, 'this-end-up', to, 'this-end-up')
    case 'crown':
      return both(from, 'down', to, 'up')
    default:
      return both(point(from.x, from.y - inches(10)), 'down', point(to.x, to.y + inches(8)), 'up')
  }
}
