import { and, asc, eq, gt, isNull } from 'drizzle-orm'
import { type Role, roleOf } from '@/core/access/access'
import type { Invitation, Membership, Person } from '@/core/access/people'
import { account, invitation, rateLimit, session, user, verification } from './account-tables'
import type { Acting } from './acting'
import { note } from './audit'
import type { Db } from './connection'
import { company, member } from './tables'

/** The tables the sign-in library reads and writes by itself. */
export const SIGN_IN_TABLES = { user, session, account, verification, rateLimit } as const

/** Where a person is a member, by the companies’ names. */
export async function membershipsOf(db: Db, userId: string): Promise<readonly Membership[]> {
  const rows = await db
    .select({ memberId: member.id, company: company.name, role: member.role })
    .from(member)
    .innerJoin(company, eq(company.id, member.companyId))
    .where(and(eq(member.userId, userId), isNull(member.leftAt)))
    .orderBy(asc(company.name), asc(member.id))
  return rows.map(one => ({ ...one, role: roleOf(one.role) }))
}

/** The id of whoever signs in with an address; `null` when nobody does. */
export async function findUser(db: Db, email: string): Promise<string | null> {
  const [row] = await db.select({ id: user.id }).from(user).where(eq(user.email, email.toLowerCase())).limit(1)
  return row?.id ?? null
}

/** Everybody of the company who has not left, by name. */
export async function listPeople(db: Db, acting: Acting): Promise<readonly Person[]> {
  const rows = await db
    .select({ id: member.id, name: member.name, role: member.role, email: user.email })
    .from(member)
    .leftJoin(user, eq(user.id, member.userId))
    .where(and(eq(member.companyId, acting.companyId), isNull(member.leftAt)))
    .orderBy(asc(member.name), asc(member.id))
  return rows.map(one => ({ ...one, role: roleOf(one.role) }))
}

const thisMember = (acting: Acting, id: string) => and(eq(member.companyId, acting.companyId), eq(member.id, id))

/** Whether somebody else of the company is an owner: one always stays. */
export async function hasOtherOwner(db: Db, acting: Acting, than: string): Promise<boolean> {
  const rows = await db
    .select({ id: member.id })
    .from(member)
    .where(and(eq(member.companyId, acting.companyId), eq(member.role, 'owner'), isNull(member.leftAt)))
    .for('update')
  return rows.some(one => one.id !== than)
}

export async function changeRole(db: Db, acting: Acting, id: string, role: Role): Promise<void> {
  await db.update(member).set({ role }).where(thisMember(acting, id))
}

/** Lets somebody go: what they took keeps their name. */
export async function letGo(db: Db, acting: Acting, id: string, at: string): Promise<void> {
  await db.update(member).set({ leftAt: at }).where(thisMember(acting, id))
}

export async function addInvitation(
  db: Db,
  acting: Acting,
  { print, ...one }: Invitation & { readonly print: string },
): Promise<void> {
  await db.insert(invitation).values({ ...one, print, companyId: acting.companyId, invitedBy: acting.memberId })
}

const isOpen = (now: string) =>
  and(isNull(invitation.acceptedAt), isNull(invitation.revokedAt), gt(invitation.expiresAt, now))

/** Who was asked and has not answered yet, the latest last. */
export async function listInvitations(db: Db, acting: Acting, now: string): Promise<readonly Invitation[]> {
  const rows = await db
    .select()
    .from(invitation)
    .where(and(eq(invitation.companyId, acting.companyId), isOpen(now)))
    .orderBy(asc(invitation.createdAt))
  return rows.map(({ id, email, name, role, createdAt, expiresAt }) => ({
    id,
    email,
    name,
    role: roleOf(role),
    createdAt,
    expiresAt,
  }))
}

/** Takes an invitation back; `false` when this company has none such open. */
export async function revokeInvitation(db: Db, acting: Acting, id: string, at: string): Promise<boolean> {
  const [asked] = await listInvitations(db, acting, at).then(all => all.filter(one => one.id === id))
  if (!asked) return false
  const [result] = await db
    .update(invitation)
    .set({ revokedAt: at })
    .where(and(eq(invitation.companyId, acting.companyId), eq(invitation.id, id), isNull(invitation.acceptedAt)))
  if (result.affectedRows !== 1) return false
  await note(db, acting, { verb: 'taken-back', subject: 'member', subjectId: acting.memberId, about: asked.name })
  return true
}

/** An invitation by the print of its link’s secret: what it is, and why it does not hold any more. Asked by whoever has the link. */
export async function findInvitation(db: Db, print: string, now: string) {
  const [row] = await db
    .select({ invitation, company: company.name })
    .from(invitation)
    .innerJoin(company, eq(company.id, invitation.companyId))
    .where(eq(invitation.print, print))
    .limit(1)
  if (!row) return null
  const { acceptedAt, revokedAt, expiresAt, role, ...own } = row.invitation
  const why = acceptedAt ? 'used' : revokedAt ? 'revoked' : expiresAt <= now ? 'expired' : null
  return { ...own, role: roleOf(role), company: row.company, why } as const
}

/** Joins a person to the company they were asked to; `false` when the invitation was used meanwhile. Who left and comes back goes on as
 *  who they were. */
export async function acceptInvitation(
  db: Db,
  asked: NonNullable<Awaited<ReturnType<typeof findInvitation>>>,
  {
    memberId,
    userId,
    name,
    at,
  }: { readonly memberId: string; readonly userId: string; readonly name: string; readonly at: string },
): Promise<boolean> {
  const { companyId, id, role } = asked
  const [used] = await db
    .update(invitation)
    .set({ acceptedAt: at })
    .where(and(eq(invitation.companyId, companyId), eq(invitation.id, id), isOpen(at)))
  if (used.affectedRows !== 1) return false
  await db
    .insert(member)
    .values({ companyId, id: memberId, name, role, userId })
    .onDuplicateKeyUpdate({ set: { leftAt: null, role, name } })
  const acting = { companyId, memberId, name, role }
  await note(db, acting, { verb: 'joined', subject: 'member', subjectId: memberId, after: { role } })
  return true
}

/** A company by its name; `null` when there is none. For whoever sets an installation up. */
export async function findCompany(db: Db, name: string): Promise<string | null> {
  const [row] = await db.select({ id: company.id }).from(company).where(eq(company.name, name)).limit(1)
  return row?.id ?? null
}

/** Joins a person to a company as an owner; one who is there already becomes one. */
export async function addOwner(
  db: Db,
  one: { readonly companyId: string; readonly id: string; readonly name: string; readonly userId: string },
): Promise<void> {
  await db
    .insert(member)
    .values({ ...one, role: 'owner' })
    .onDuplicateKeyUpdate({ set: { role: 'owner', leftAt: null } })
}
