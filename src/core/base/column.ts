/** How a member of a listed record is written: a length may be signed nowhere on a sheet. */
export type Quantity = 'text' | 'length' | 'lengths' | 'count' | 'number' | 'kg' | 'cents' | 'yes' | 'words'

/** A column of a list: which member of a record its cells say, how a cell is read, and what lists call it besides. */
export type Column = {
  readonly id: string
  readonly member: string
  readonly of: Quantity
  readonly choices: readonly string[] | null
  /** A list without it can't be read at all. */
  readonly isNeeded: boolean
  readonly alsoCalled: readonly string[]
}

/** Which of a file's heads stands for which column; `null` where none does. */
export type Matching = { readonly [column: string]: string | null }

const plain = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, ' ')
    .trim()

/** Finds each column among a file's heads: by its own name, else by another it is known by. A head stands for one column only. */
export function matchHeads(columns: readonly Column[], heads: readonly string[]): Matching {
  const free = new Map(heads.map(head => [plain(head), head]))
  const take = (name: string): string | null => {
    const head = free.get(plain(name)) ?? null
    if (head !== null) free.delete(plain(name))
    return head
  }
  const own = columns.map(one => [one, take(one.id)] as const)
  return Object.fromEntries(
    own.map(([{ id, alsoCalled }, head]) => [id, head ?? alsoCalled.map(take).find(one => one !== null) ?? null]),
  )
}

/** What says how a member's value is read. */
export type ListedMember = {
  readonly of: Quantity
  /** The words it can be, where they are few. */
  readonly choices?: readonly string[] | undefined
  /** A length of which nothing can be meant. */
  readonly mayBeZero?: boolean | undefined
  readonly most?: number | undefined
}

/** A row that can't be taken, counted as a person sees it in the file: the head is row 1. */
export type RejectedRow = { readonly row: number; readonly column: string; readonly reason: string }
