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

/** Members that are changed nowhere but in a job, an opening’s name, the firm or a person. */
const OWN: Readonly<Record<string, string>> = {
  name: 'Name',
  tag: 'Tag',
  family: 'Kind of door',
  site: 'Site',
  'customer.name': 'Customer',
  'customer.phone': 'Customer’s phone',
  'customer.email': 'Customer’s e-mail',
  delivery: 'Delivery to',
  notes: 'Notes',
  unit: 'Lengths in',
  step: 'Lengths shown to',
  visitOn: 'Visit',
  place: 'Place on earth',
  timeZone: 'Clock',
  'loud.from': 'Loud from',
  'loud.to': 'Loud until',
  loud: 'Loud work',
  role: 'Role',
  reason: 'Why',
  revision: 'Revision',
  maker: 'Maker',
  lines: 'For',
  units: 'Units',
  paper: 'Papers in',
  currency: 'Money in',
  numbers: 'Numbers written as',
  'about.address': 'Address',
  'about.phone': 'Phone',
  'about.email': 'E-mail',
  'seals.own': 'Its own seals',
  offCuts: 'Off-cuts in the van',
}

/** What a member that was changed is called; `otherwise` knows those of an order. */
export const auditMember = (path: string, otherwise: (path: string) => string): string => OWN[path] ?? otherwise(path)
