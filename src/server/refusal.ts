/** What every route answers when something is wrong: a code, a sentence, and the paths it is about. */
export type Refusal = {
  readonly code: string
  readonly message: string
  readonly issues?: readonly { readonly path: string; readonly message: string }[]
  /** What stands now, where a write came too late. */
  readonly current?: unknown
}
