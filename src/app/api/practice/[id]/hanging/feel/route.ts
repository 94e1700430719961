import { feelOf } from '@/core/practice/hanging'
import { bodyOf, handle, refuse } from '@/server/handle'
import { hangingBody, isExercise, NO_EXERCISE } from '@/server/hanging-asked'
import { hangingOf } from '@/server/practice'

/** What is felt when the leaf is opened and shut after so many moves. */
export const POST = handle('look', async ({ request, id }) => {
  if (!isExercise(id)) return refuse(400, NO_EXERCISE)
  const { grade, moves } = await bodyOf(request, hangingBody)
  return Response.json(feelOf(hangingOf(id, grade), moves))
})
