import { v7 as uuidV7 } from 'uuid'
import { startSchema } from '@/core/access/sign-in'
import { NEW_FIRM } from '@/core/catalogue/firm'
import { store, transact } from '@/store/connection'
import { addOwner, findCompany, findUser } from '@/store/people'
import { makeUser } from './auth'
import { startFirm } from './start'

type Asked = { readonly firm: string; readonly name: string; readonly email: string; readonly password: string }

/** Sets the first firm up with its owner, or gives a firm that is there another one; says what was done. @throws with a sentence when it can’t be. */
export async function ownerFor(asked: Asked): Promise<string> {
  const { unit, currency, paper, timeZone } = NEW_FIRM
  const read = startSchema.safeParse({ ...asked, unit, currency, paper, timeZone, withDemo: false })
  if (!read.success) throw new Error(read.error.issues.map(one => `${one.path.join('.')}: ${one.message}`).join('\n'))
  const start = read.data
  if (await startFirm(store(), start, () => makeUser(start)))
    return `${start.firm} is set up; ${start.email} signs in as its owner.`
  const companyId = await findCompany(store(), start.firm)
  if (!companyId) throw new Error(`There is no firm “${start.firm}” here.`)
  const userId = (await findUser(store(), start.email)) ?? (await makeUser(start))
  await transact(store(), tx => addOwner(tx, { companyId, id: uuidV7(), name: start.name, userId }))
  return `${start.email} is an owner of ${start.firm} now.`
}
