// What a log entry can be: apart from its schema, so that a page can offer it without carrying the parser.

export const LOG_KINDS = ['step', 'move', 'test', 'seal', 'gate', 'note', 'choice', 'call', 'upkeep'] as const
export type LogKind = (typeof LOG_KINDS)[number]
export const LOG_RESULTS = [
  'started',
  'done',
  'failed',
  'reopened',
  'waived',
  'moved',
  'cut',
  'passed',
  'fitted',
  'noted',
  'signed',
  'opened',
  'found',
  'cured',
  'closed',
] as const
export type LogResult = (typeof LOG_RESULTS)[number]

/** Which results an entry of a kind can have. */
export const RESULTS_OF: Readonly<Record<LogKind, readonly LogResult[]>> = {
  step: ['started', 'done', 'failed', 'reopened', 'waived'],
  move: ['moved'],
  test: ['passed', 'failed', 'waived'],
  seal: ['cut', 'fitted', 'failed', 'reopened'],
  gate: ['waived'],
  note: ['noted'],
  /** What a customer chose and signed: only the store notes it. */
  choice: ['signed'],
  /** What became of a call-back. */
  upkeep: ['done'],
  call: ['opened', 'found', 'cured', 'closed', 'reopened'],
}
