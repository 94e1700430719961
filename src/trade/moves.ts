import type { MoveMinutes } from '@/core/tuning/move-minutes'

const source = { kind: 'default', text: 'Harvek default, common trade practice', checked: false } as const

/** About how long a move takes: the leaf opened, the hinge or pack loosened, set and screwed fast again. */
export const MOVE_MINUTES: MoveMinutes = {
  card: { minutes: 6, source },
  pack: { minutes: 10, source },
  strike: { minutes: 8, source },
  foot: { minutes: 12, source },
  screw: { minutes: 2, source },
}
