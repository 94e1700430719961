import { type Point, point } from '../geometry/point'
import { isSigned, isSlot, kindOfSlot } from '../survey/slots'
import type { Question } from '../survey/survey-of'
import { inches } from '../units/length'
import { dot, label, type Mark, type Scene } from './scene'

const WORD_AWAY = inches(3)
/** A shorter span, such as a wall's thickness, has its two ends so near that their words would lie on each other. */
const ROOM_FOR_WORDS = inches(10)

/** A scene with what the reading that is taken now needs: where the tape is hooked and where it is read; for one that has a
 *  direction, the two sides it can go to, as `direction.minus` and `direction.plus`. */
export function walkMarks(scene: Scene, question: Question | null): Scene {
  const mark = scene.marks.find(one => one.kind === 'reading' && one.id === question)
  if (mark?.kind !== 'reading' || question === null || !isSlot(question)) return scene
  const { from, to } = mark
  const middle = (scene.from.x + scene.to.x) / 2
  const added = isSigned(question)
    ? sideMarks(kindOfSlot(question), from, to, scene)
    : [
        dot('hook', 'walk.hook', from),
        dot('hook', 'walk.read', to),
        ...(Math.hypot(to.x - from.x, to.y - from.y) < ROOM_FOR_WORDS
          ? []
          : [wordAt('walk.hook.word', from, to, 'hook', middle), wordAt('walk.read.word', to, from, 'read', middle)]),
      ]
  return { ...scene, marks: [...scene.marks, ...added] }
}

/** A word beside an end of a span, inside what is measured: under a line across, towards the drawing's middle of one that rises. */
function wordAt(id: string, end: Point, other: Point, word: string, middle: number): Mark {
  const isAcross = Math.abs(other.x - end.x) > 2 * Math.abs(other.y - end.y)
  const inward = Math.sign(isAcross ? other.x - end.x : middle - end.x) || 1
  const rise = isAcross || other.y < end.y ? -WORD_AWAY : inches(1)
  const at = point(end.x + inward * inches(1, 1, 2), end.y + rise)
  return { ...label(id, at, word, inward > 0 ? 'start' : 'end'), role: 'hook' }
}

/** The nearest place in a drawing: what stands outside is not seen. */
const within = ({ x, y }: Point, { from, to }: Scene): Point =>
  point(Math.min(Math.max(x, from.x), to.x), Math.min(Math.max(y, from.y), to.y))

/** Arrows for both sides a reading can go to, at the ends of its span: left and right for a lean or bow, which end is higher for
 *  a fall, up and down for a crown, out and in for a lean through the wall. */
function sideMarks(kind: string, from: Point, to: Point, scene: Scene): readonly Mark[] {
  const both = (minus: Point, minusWord: string, plus: Point, plusWord: string): readonly Mark[] => [
    label('direction.minus', within(minus, scene), minusWord),
    label('direction.plus', within(plus, scene), plusWord),
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
