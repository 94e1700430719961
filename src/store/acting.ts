import type { Role } from '@/core/access/access'

/** Who is asking. Every query takes one, and sees only this company's rows. */
export type Acting = {
  readonly companyId: string
  readonly memberId: string
  readonly name: string
  readonly role: Role
}
