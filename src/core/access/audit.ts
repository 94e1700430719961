import type { Changed } from '../base/changed'

/** What is done that is written down. */
export const AUDIT_VERBS = [
  'changed',
  'put-away',
  'taken-out',
  'released',
  'withdrawn',
  'list-taken',
  'invited',
  'taken-back',
  'joined',
  'role-given',
  'let-go',
] as const
export type AuditVerb = (typeof AUDIT_VERBS)[number]

/** What it is done to. */
export const AUDIT_SUBJECTS = ['job', 'opening', 'order', 'firm', 'member'] as const
export type AuditSubject = (typeof AUDIT_SUBJECTS)[number]

/** Who changed what, when, from what to what. */
export type Audited = {
  readonly id: string
  /** ISO 8601. */
  readonly at: string
  readonly by: string
  readonly verb: AuditVerb
  readonly subject: AuditSubject
  readonly subjectId: string
  /** Which of its records, or whom: `wishes`, a tag, a number, a name. */
  readonly about: string
  readonly changes: readonly Changed[]
}
