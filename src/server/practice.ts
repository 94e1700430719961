import { createHmac } from 'node:crypto'
import { type Exercise, exerciseFrom } from '@/core/practice/exercise'
import { type Attempt, type Score, scoreExercise } from '@/core/practice/score'
import { LENGTHS } from '@/trade/lengths'

/** The made-up opening behind an id. It is worked out anew from the id and this installation's secret, stored nowhere,
 *  and can't be worked out by whoever has only the id. */
export function exerciseOf(id: string): Exercise {
  const secret = process.env.HARVEK_SECRET ?? ''
  const digest = createHmac('sha256', secret).update(`practice/${id}`).digest()
  return exerciseFrom(digest.readUInt32BE(0))
}

/** A learner's readings of the opening behind an id, scored: the first that tells how large it truly is. */
export const scoreOf = (id: string, attempts: readonly Attempt[]): Score =>
  scoreExercise(exerciseOf(id), attempts, LENGTHS)
