import { createHmac } from 'node:crypto'
import { type Exercise, exerciseFrom } from '@/core/practice/exercise'
import { type Grade, type HangExercise, hangExercise } from '@/core/practice/hanging'
import { type Attempt, type Score, scoreExercise } from '@/core/practice/score'
import { LENGTHS } from '@/trade/lengths'

/** The made-up opening behind an id. It is worked out anew from the id and this installation's secret, stored nowhere,
 *  and can't be worked out by whoever has only the id. */
export const exerciseOf = (id: string): Exercise => exerciseFrom(seedOf(`practice/${id}`))

/** The same for a leaf that hangs. */
export const hangingOf = (id: string, grade: Grade): HangExercise =>
  hangExercise(seedOf(`hanging/${grade}/${id}`), grade)

const seedOf = (what: string): number =>
  createHmac('sha256', process.env.HARVEK_PRACTICE_SECRET ?? '')
    .update(what)
    .digest()
    .readUInt32BE(0)

/** A learner's readings of the opening behind an id, scored: the first that tells how large it truly is. */
export const scoreOf = (id: string, attempts: readonly Attempt[]): Score =>
  scoreExercise(exerciseOf(id), attempts, LENGTHS)
