/** One thing wrong with unreadable input: a code and facts, no prose. `path` names the member it belongs to. */
export type Issue = {
  readonly code: string
  readonly path: string
  readonly facts: Readonly<Record<string, string | number>>
}

/** What a parser or a call that a person can get wrong gives back. */
export type Outcome<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly issues: readonly Issue[] }

export const done = <T>(value: T): Outcome<T> => ({ ok: true, value })

export const refused = (code: string, facts: Issue['facts'] = {}, path = ''): Outcome<never> => ({
  ok: false,
  issues: [{ code, path, facts }],
})
