import { join } from 'node:path'
import { v7 as uuidV7 } from 'uuid'
import type { Start } from '@/core/access/sign-in'
import { CURRENCIES, type Currency, NEW_FIRM } from '@/core/catalogue/firm'
import type { Acting } from '@/store/acting'
import { type Db, transact } from '@/store/connection'
import { saveChange } from '@/store/edits'
import { firmPlace } from '@/store/firm'
import { addCompany, hasCompany } from '@/store/jobs'
import { addOwner } from '@/store/people'
import { loadDemo } from './demo'
import { DEMO_COMPANY_ID } from './demo-ids'

/** Starts the first firm of an installation with its owner; `false` when there is one already. `makeUser` makes who signs in. */
export async function startFirm(db: Db, asked: Start, makeUser: () => Promise<string>): Promise<boolean> {
  return transact(db, async tx => {
    if (await hasCompany(tx)) return false
    const acting: Acting = { companyId: uuidV7(), memberId: uuidV7(), name: asked.name, role: 'owner' }
    await addCompany(tx, acting.companyId, asked.firm, [])
    const { unit, paper, timeZone } = asked
    const currency = CURRENCIES.find(one => one === asked.currency) ?? ('USD' satisfies Currency)
    await saveChange(firmPlace(tx, acting), {
      revision: 0,
      base: NEW_FIRM,
      data: { ...NEW_FIRM, unit, paper, timeZone, currency },
    })
    const userId = await makeUser()
    await addOwner(tx, { companyId: acting.companyId, id: acting.memberId, name: asked.name, userId })
    if (asked.withDemo) {
      await loadDemo(tx, join(process.cwd(), 'demo'))
      await addOwner(tx, { companyId: DEMO_COMPANY_ID, id: uuidV7(), name: asked.name, userId })
    }
    return true
  })
}
