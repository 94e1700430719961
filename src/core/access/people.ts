import type { Role } from './access'

/** A person’s place in one company. */
export type Membership = { readonly memberId: string; readonly company: string; readonly role: Role }

/** A company’s member with the address they sign in with; `null` for who has no sign-in. */
export type Person = {
  readonly id: string
  readonly name: string
  readonly role: Role
  readonly email: string | null
}

/** Somebody who was asked to join, and has not answered yet. */
export type Invitation = {
  readonly id: string
  readonly email: string
  readonly name: string
  readonly role: Role
  readonly createdAt: string
  readonly expiresAt: string
}
