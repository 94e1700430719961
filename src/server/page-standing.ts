import { may } from '@/core/access/access'
import type { Known } from '@/store/company'
import { type Db, store } from '@/store/connection'
import { jobStanding } from '@/store/job-standing'
import { orderStanding } from './orders'
import { sheetStanding } from './sheets'
import { actingIn } from './who'

type StandingBelow = (db: Db, who: Known, id: string) => Promise<string | null>

/** Pages that stand on what one statement tells, by their addresses. */
const STANDING: readonly (readonly [at: RegExp, of: StandingBelow])[] = [
  [/^\/openings\/([0-9a-f-]{36})\/[a-z]+$/, sheetStanding],
  [/^\/jobs\/([0-9a-f-]{36})$/, jobStanding],
  [/^\/orders\/([0-9a-f-]{36})$/, orderStanding],
]

/** What changes with everything that a page shows whoever asks for it: who they are, their firm, what it is of. `null` for a page of which that is
 *  not known before it is made, and where nobody may see it. */
export async function pageStanding(path: string, headers: Headers): Promise<string | null> {
  for (const [at, of] of STANDING) {
    const id = at.exec(path)?.[1]
    if (id === undefined) continue
    const who = await actingIn(headers)
    if (!who || !may(who.role, 'look')) return null
    const standing = await of(store(), who, id)
    return standing && JSON.stringify([whoStands(who), standing])
  }
  return null
}

/** All that the frame round a page says of who looks. */
const whoStands = ({ company: { firm, members: _, ...company }, ...who }: Known) => ({
  ...who,
  ...company,
  firm: firm.revision,
})
