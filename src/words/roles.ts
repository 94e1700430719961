import { MAY, type Role, type Verb } from '@/core/access/access'

export const ROLE_NAMES: Readonly<Record<Role, string>> = {
  owner: 'owner',
  office: 'office',
  installer: 'installer',
  trainee: 'trainee',
}

/** What a role is for, in a line. */
export const ROLE_TELLS: Readonly<Record<Role, string>> = {
  owner: 'everything, people too',
  office: 'orders, lists, and people on site',
  installer: 'measures, settles, fits, receives',
  trainee: 'measures and fits; another signs',
}

/** What each verb is, after “Only the owner may”. */
const VERB_WORDS: Readonly<Record<Verb, string>> = {
  look: 'look at this',
  measure: 'take readings and note steps',
  vouch: 'sign this',
  money: 'see what things cost',
  job: 'change jobs and openings',
  settle: 'settle what is wanted',
  receive: 'note what came',
  cut: 'note what was cut',
  order: 'release and change orders',
  archive: 'put things away, and take whole jobs out or in',
  firm: 'change what the firm goes by',
  people: 'ask people to join and change their roles',
  plan: 'put work on crews and days',
  audit: 'see who changed what',
}

const ROLE_WORDS: Readonly<Record<Role, string>> = {
  owner: 'the owner',
  office: 'the office',
  installer: 'installers',
  trainee: 'trainees',
}

/** Whose a verb is: “Only the owner and the office may release and change orders.” */
export function whoMay(verb: Verb): string {
  const names = MAY[verb].map(role => ROLE_WORDS[role])
  const list = names.length > 1 ? `${names.slice(0, -1).join(', ')} and ${names.at(-1)}` : names[0]
  return `Only ${list} may ${VERB_WORDS[verb]}.`
}

/** Why an invitation opens nothing. */
export const INVITATION_WORDS = {
  unknown: 'This link is of no invitation. Look whether it is whole, or ask for another.',
  used: 'This invitation was answered already: sign in.',
  revoked: 'This invitation was taken back. Ask who sent it.',
  expired: 'This invitation has run out after seven days. Ask for another.',
} as const
