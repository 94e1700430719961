import { scoreHanging } from '@/core/practice/hanging'
import { bodyOf, handle, refuse } from '@/server/handle'
import { hangingBody, isExercise, NO_EXERCISE } from '@/server/hanging-asked'
import { hangingOf } from '@/server/practice'

/** Scores a learner's moves: the first reply that tells what was wrong. */
export const POST = handle('look', async ({ request, id }) => {
  if (!isExercise(id)) return refuse(400, NO_EXERCISE)
  const { grade, moves } = await bodyOf(request, hangingBody)
  return Response.json(scoreHanging(hangingOf(id, grade), moves))
})
