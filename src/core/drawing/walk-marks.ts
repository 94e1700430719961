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
        label('walk.hook.word', beyond(from, to), 'hook'),
        label('walk.read.word', beyond(to, from), 'read'),
      ]
  return { ...scene, marks: [...scene.marks, ...added] }
}

/** Beyond an end, on its span's line. */
function beyond(end: Point, other: Point): Point {
  const length = Math.hypot(end.x - other.x, end.y - other.y) || 1
  const away = WORD_AWAY / length
  return point(Math.round(end.x + (end.x - other.x) * away), Math.round(end.y + (end.y - other.y) * away))
}

/** The words of both sides, where each side is: beside a lean or bow, at the ends of a fall, over and under a crown. */
function sideMarks(kind: string, from: Point, to: Point): readonly Mark[] {
  const middle = point(Math.round((from.x + to.x) / 2), Math.round((from.y + to.y) / 2))
  const at = (dx: number, dy: number) => point(middle.x + dx, middle.y + dy)
  const both = (minus: Point, minusWord: string, plus: Point, plusWord: string): readonly Mark[] => [
    label('direction.minus', minus, minusWord),
    label('direction.plus', plus, plusWord),
  ]
  switch (kind) {
    case 'lean':
    case 'bow':
      return both(at(-inches(4), 0), 'to-left', at(inches(4), 0), 'to-right')
    case 'fall':
      return both(
        point(from.x + inches(3), from.y - inches(2)),
        'left-higher',
        point(to.x - inches(3), to.y - inches(2)),
        'right-higher',
      )
    case 'crown':
      return both(at(0, -inches(2)), 'hollow', at(0, inches(2, 1, 2)), 'up')
    default:
      return both(at(0, -inches(7)), 'outward', at(0, inches(6)), 'inward')
  }
}
