import type { AuditSubject, AuditVerb } from '@/core/access/audit'

export const AUDIT_VERB_WORDS: Readonly<Record<AuditVerb, string>> = {
  changed: 'changed',
  'put-away': 'put away',
  'taken-out': 'took out again',
  released: 'released',
  withdrawn: 'withdrew',
  'list-taken': 'took in a list',
  invited: 'asked to join:',
  'taken-back': 'took back the invitation of',
  joined: 'joined',
  'role-given': 'gave another role to',
  'let-go': 'let go',
}
export const AUDIT_SUBJECT_WORDS: Readonly<Record<AuditSubject, string>> = {
  job: 'the job',
  opening: 'an opening',
  order: 'the order',
  firm: 'the firm’s own',
  member: '',
}

/** What each record of an opening or a job is called. */
export const AUDIT_ABOUT_WORDS: Readonly<Record<string, string>> = {
  wishes: 'what is wanted',
  order: 'what is ordered',
  fit: 'how it is set',
  seal: 'how it is sealed',
  allowances: 'its own figures',
  schools: 'its practices',
}
