import type { LogEntry } from '@/core/log/log'
import type { EditKind } from '@/core/new-edits'
import type { Order } from '@/core/order/order'
import type { OpeningSheet, Versioned } from '@/core/sheet'
import type { Answer } from '@/core/survey/answer'
import type { Photo } from '@/core/survey/photo'
import type { Reading } from '@/core/survey/reading'
import type { Clash } from './edit-box'

/** How far a row has come: on its way, kept on this device while the store is out of reach, stored. */
export type Storing = 'sending' | 'kept' | 'stored'

/** The rows of an opening that are only ever added, by the path they are sent to. */
export type Rows = { readonly readings: Reading; readonly answers: Answer; readonly log: LogEntry }
export const ROW_PATHS = ['readings', 'answers', 'log'] as const satisfies readonly (keyof Rows)[]
export type RowPath = keyof Rows
export const isRowPath = (path: string): path is RowPath => (ROW_PATHS as readonly string[]).includes(path)

/** What others may add to an opening or change of it, as it stands. */
export type Standing = Pick<OpeningSheet, 'readings' | 'answers' | 'log' | 'photos' | 'edits' | 'orders' | 'receipts'>

export type State = {
  readonly sheet: OpeningSheet
  /** What became of rows added since the page was opened, by their id. */
  readonly rows: ReadonlyMap<string, 'waiting' | 'stored'>
  /** What the store does not take, by id: it counts for nothing. */
  readonly left: ReadonlySet<string>
  readonly trouble: string | null
  readonly clashes: readonly { readonly kind: EditKind; readonly clash: Clash }[]
}

export type Action =
  | { readonly type: 'add'; readonly path: RowPath; readonly row: Rows[RowPath] }
  | { readonly type: 'others'; readonly standing: Standing }
  | { readonly type: 'row'; readonly id: string; readonly storing: 'waiting' | 'stored' }
  | { readonly type: 'gone'; readonly path: RowPath; readonly id: string }
  | { readonly type: 'photo'; readonly photo: Photo }
  | { readonly type: 'photo-gone'; readonly id: string }
  | { readonly type: 'edit'; readonly kind: EditKind; readonly next: Versioned<object> }
  | { readonly type: 'clash'; readonly kind: EditKind; readonly clash: Clash | null }
  | { readonly type: 'order'; readonly order: Order }
  | { readonly type: 'units'; readonly list: Pick<OpeningSheet, 'units' | 'catalogue'> }
  | { readonly type: 'trouble'; readonly message: string | null }

export const first = (sheet: OpeningSheet): State => ({
  sheet,
  rows: new Map(),
  left: new Set(),
  trouble: null,
  clashes: [],
})

const without = <T extends { readonly id: string }>(all: readonly T[], id: string) => all.filter(one => one.id !== id)
const isIn = (all: readonly { readonly id: string }[], id: string) => all.some(one => one.id === id)

export function reduce(state: State, action: Action): State {
  const { sheet } = state
  const withSheet = (change: Partial<OpeningSheet>): State => ({ ...state, sheet: { ...sheet, ...change } })
  switch (action.type) {
    case 'add':
      return isIn(sheet[action.path], action.row.id)
        ? state
        : withSheet({ [action.path]: [...sheet[action.path], action.row] })
    case 'others':
      return withOthers(state, action.standing)
    case 'row':
      return { ...state, rows: new Map(state.rows).set(action.id, action.storing) }
    case 'gone':
      return {
        ...withSheet({ [action.path]: without<Rows[RowPath]>(sheet[action.path], action.id) }),
        left: new Set([...state.left, action.id]),
      }
    case 'photo':
      return withSheet({ photos: [...without(sheet.photos, action.photo.id), action.photo] })
    case 'photo-gone':
      return { ...withSheet({ photos: without(sheet.photos, action.id) }), left: new Set([...state.left, action.id]) }
    case 'edit':
      return withSheet({ edits: { ...sheet.edits, [action.kind]: action.next } })
    case 'clash': {
      const { kind, clash } = action
      const others = state.clashes.filter(one => one.kind !== kind)
      if (!clash && others.length === state.clashes.length) return state
      return { ...state, clashes: clash ? [...others, { kind, clash }] : others }
    }
    case 'order':
      return isIn(sheet.orders, action.order.id) ? state : withSheet({ orders: [...sheet.orders, action.order] })
    case 'units':
      return withSheet(action.list)
    case 'trouble':
      return { ...state, trouble: action.message }
  }
}

/** With what others added meanwhile; the same state where that is nothing. What stands here stays as it is. */
function withOthers(state: State, standing: Standing): State {
  const { sheet, left } = state
  const added = ([...ROW_PATHS, 'photos', 'receipts'] as const).flatMap(path => {
    const theirs: readonly { readonly id: string }[] = standing[path]
    const unknown = theirs.filter(one => !isIn(sheet[path], one.id) && !left.has(one.id))
    return unknown.length ? [[path, [...sheet[path], ...unknown]] as const] : []
  })
  // Of an order it may be said later that it was withdrawn.
  const isSame = JSON.stringify(sheet.orders) === JSON.stringify(standing.orders)
  if (isSame && added.length === 0) return state
  const orders = isSame ? {} : { orders: standing.orders }
  return { ...state, sheet: { ...sheet, ...Object.fromEntries(added), ...orders } }
}
