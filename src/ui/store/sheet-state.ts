import type { LogEntry } from '@/core/log/log'
import type { EditKind } from '@/core/new-edits'
import type { Order } from '@/core/order/order'
import type { OpeningSheet, Versioned } from '@/core/sheet'
import type { Answer } from '@/core/survey/answer'
import type { Photo } from '@/core/survey/photo'
import type { Reading } from '@/core/survey/reading'
import type { Clash } from './edit-box'

export type Storing = 'storing' | 'stored' | 'not-stored'

/** The rows of an opening that are only ever added, by the path they are sent to. */
export type Rows = { readonly readings: Reading; readonly answers: Answer; readonly log: LogEntry }
export const ROW_PATHS = ['readings', 'answers', 'log'] as const satisfies readonly (keyof Rows)[]
export type RowPath = keyof Rows
export const isRowPath = (path: string): path is RowPath => (ROW_PATHS as readonly string[]).includes(path)

export type RefusedRow = { readonly path: RowPath; readonly row: Rows[RowPath]; readonly message: string }

export type State = {
  readonly sheet: OpeningSheet
  /** What became of rows sent since the page was opened, by their id. */
  readonly rows: ReadonlyMap<string, Storing>
  readonly trouble: string | null
  /** Rows the store does not take, with its reason; they count for nothing, and are kept until somebody leaves them out. */
  readonly refused: readonly RefusedRow[]
  readonly clashes: readonly { readonly kind: EditKind; readonly clash: Clash }[]
}

export type Action =
  | { readonly type: 'add'; readonly path: RowPath; readonly row: Rows[RowPath] }
  | { readonly type: 'others'; readonly rows: { readonly [P in RowPath]: readonly Rows[P][] } }
  | { readonly type: 'row'; readonly id: string; readonly storing: Storing }
  | { readonly type: 'refused'; readonly refused: RefusedRow }
  | { readonly type: 'left-out'; readonly id: string }
  | { readonly type: 'photo'; readonly photo: Photo }
  | { readonly type: 'edit'; readonly kind: EditKind; readonly next: Versioned<object> }
  | { readonly type: 'clash'; readonly kind: EditKind; readonly clash: Clash | null }
  | { readonly type: 'order'; readonly order: Order }
  | { readonly type: 'units'; readonly list: Pick<OpeningSheet, 'units' | 'catalogue'> }
  | { readonly type: 'trouble'; readonly message: string | null }

export const first = (sheet: OpeningSheet): State => ({
  sheet,
  rows: new Map(),
  trouble: null,
  refused: [],
  clashes: [],
})

export function reduce(state: State, action: Action): State {
  const { sheet } = state
  const withSheet = (change: Partial<OpeningSheet>): State => ({ ...state, sheet: { ...sheet, ...change } })
  switch (action.type) {
    case 'add':
      return withSheet({ [action.path]: [...sheet[action.path], action.row] })
    case 'others':
      return withOthers(state, action.rows)
    case 'row':
      return { ...state, rows: new Map(state.rows).set(action.id, action.storing) }
    case 'refused': {
      const { path, row } = action.refused
      const without: readonly { readonly id: string }[] = sheet[path].filter(one => one.id !== row.id)
      const others = state.refused.filter(one => one.row.id !== row.id)
      return { ...withSheet({ [path]: without }), refused: [...others, action.refused] }
    }
    case 'left-out':
      return { ...state, refused: state.refused.filter(one => one.row.id !== action.id) }
    case 'photo':
      return withSheet({ photos: [...sheet.photos.filter(one => one.id !== action.photo.id), action.photo] })
    case 'edit':
      return withSheet({ edits: { ...sheet.edits, [action.kind]: action.next } })
    case 'clash': {
      const others = state.clashes.filter(one => one.kind !== action.kind)
      const { kind, clash } = action
      return { ...state, clashes: clash ? [...others, { kind, clash }] : others }
    }
    case 'order':
      return withSheet({ orders: [...sheet.orders, action.order] })
    case 'units':
      return withSheet(action.list)
    case 'trouble':
      return { ...state, trouble: action.message }
  }
}

/** With the rows that others added meanwhile; the same state where there are none. */
function withOthers(state: State, rows: { readonly [P in RowPath]: readonly Rows[P][] }): State {
  const left = new Set(state.refused.map(one => one.row.id))
  const added = ROW_PATHS.flatMap(path => {
    const here = new Set(state.sheet[path].map(one => one.id))
    const others: readonly { readonly id: string }[] = rows[path]
    const unknown = others.filter(one => !here.has(one.id) && !left.has(one.id))
    return unknown.length ? [[path, [...state.sheet[path], ...unknown]] as const] : []
  })
  return added.length ? { ...state, sheet: { ...state.sheet, ...Object.fromEntries(added) } } : state
}
