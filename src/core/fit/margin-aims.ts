import type { TradeLengths } from '../base/trade-lengths'
import { REVEALS, type RevealName, type Reveals } from '../tuning/reveals'
import type { Length } from '../units/length'
import type { Hanging } from './hanging'

/** What the margin round a leaf is wanted to be. */
export const targetOf = ({ isLabelledTimber }: Pick<Hanging, 'isLabelledTimber'>, lengths: TradeLengths): Length =>
  lengths[isLabelledTimber ? 'reveal-label' : 'reveal-target'].value

/** What each margin is wanted to be: the target, the far ends of head and sill as their hinge ends are; the head where another leaf's head
 *  says it, as that is. */
export function aimsOf(
  margins: Reveals,
  target: Length,
  headAim?: Length | undefined,
): Readonly<Record<RevealName, Length>> {
  const own: Reveals = {
    'head.strike': headAim ?? margins['head.hinge'],
    'sill.strike': margins['sill.hinge'],
  } as Reveals
  return Object.fromEntries(REVEALS.map(name => [name, own[name] ?? target])) as Record<RevealName, Length>
}
