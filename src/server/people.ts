import { createHash, randomBytes } from 'node:crypto'
import { v7 as uuidV7 } from 'uuid'
import type { Role } from '@/core/access/access'
import type { Invitation, Person } from '@/core/access/people'
import type { Acting } from '@/store/acting'
import { note } from '@/store/audit'
import { companyOf } from '@/store/company'
import { type Db, transact } from '@/store/connection'
import { addInvitation, changeRole, findInvitation, hasOtherOwner, letGo } from '@/store/people'
import { inviteMail } from '@/words/mails'
import { ROLE_NAMES } from '@/words/roles'
import { mailTo } from './mail'

const HOLDS_MS = 7 * 86_400_000
const printOf = (token: string): string => createHash('sha256').update(token).digest('hex')

/** Whether somebody may give or take a role: the owner every one, the office those who work on site. */
export const mayGive = (acting: Acting, role: Role): boolean =>
  acting.role === 'owner' || (acting.role === 'office' && (role === 'installer' || role === 'trainee'))

/** Asks somebody to join, by a mail with a link that only they get. */
export async function invite(
  db: Db,
  acting: Acting,
  who: Pick<Invitation, 'email' | 'name' | 'role'>,
  address: string,
  now: Date,
): Promise<void> {
  const token = randomBytes(32).toString('base64url')
  const { name: firm } = await companyOf(db, acting)
  await transact(db, async tx => {
    await addInvitation(tx, acting, {
      ...who,
      email: who.email.toLowerCase(),
      id: uuidV7(),
      print: printOf(token),
      createdAt: now.toISOString(),
      expiresAt: new Date(now.getTime() + HOLDS_MS).toISOString(),
    })
    await note(tx, acting, {
      verb: 'invited',
      subject: 'member',
      subjectId: acting.memberId,
      about: who.name,
      after: { role: who.role },
    })
    const link = `${address}/invitation?token=${token}`
    await mailTo(tx, who.email, inviteMail(who.name, firm, acting.name, ROLE_NAMES[who.role], link), acting.companyId)
  })
}

export const lookAtInvitation = (db: Db, token: string, now: string) => findInvitation(db, printOf(token), now)

/** Changes somebody’s role, or lets them go where it is `null`; `false` where no owner would stay. */
export const changePerson = (
  db: Db,
  acting: Acting,
  person: Pick<Person, 'id' | 'name' | 'role'>,
  role: Role | null,
  now: Date,
): Promise<boolean> =>
  transact(db, async tx => {
    const { id, name } = person
    if (role !== 'owner' && !(await hasOtherOwner(tx, acting, id))) return false
    await note(tx, acting, {
      verb: role === null ? 'let-go' : 'role-given',
      subject: 'member',
      subjectId: id,
      about: name,
      before: { role: person.role },
      after: { role },
    })
    await (role === null ? letGo(tx, acting, id, now.toISOString()) : changeRole(tx, acting, id, role))
    return true
  })
