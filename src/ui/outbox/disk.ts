import { isSame } from '@/core/base/merge'
import type { OpeningSheet, Versioned } from '@/core/sheet'
import { type Answer, type ChangeItem, type Item, isStored, settle, together, trying } from './item'
import type { Base, Picture } from './kept'

/** Where an outbox keeps what it holds, over reloads and crashes; shared by every tab of one member. */
export type Disk = {
  /** In the order they were done. */
  readonly all: () => Promise<readonly Item[]>
  /** Keeps an item; `knew` is what stood under its id when it was made. Another tab may have put something there since: then both count. */
  readonly write: (item: Item, knew: Item | undefined) => Promise<void>
  /** Takes down what of a change is sent now, and gives it; `null` where nothing is left to be sent. */
  readonly trying: (id: string) => Promise<ChangeItem | null>
  /** Takes down what the store said of what was sent; gives what is left of it. */
  readonly settle: (sent: Item, answer: Answer) => Promise<Item | null>
  readonly remove: (id: string) => Promise<void>
  readonly picture: (id: string) => Promise<Blob | null>
  readonly putPicture: (picture: Picture) => Promise<void>
}

type Stored = Item & { readonly seq?: number }
const bare = ({ seq: _, ...item }: Stored): Item => item as Item

export function diskOf(base: Base): Disk {
  const at = (id: string) => base.outbox.where('id').equals(id).first()
  const put = (seq: number | undefined, item: Item) => base.outbox.put(seq === undefined ? item : { ...item, seq })
  const remove = async (id: string) => {
    await base.outbox.where('id').equals(id).delete()
    await base.pictures.delete(id)
  }
  return {
    all: async () => (await base.outbox.orderBy('seq').toArray()).map(bare),
    write: (item, knew) =>
      base.transaction('rw', base.outbox, async () => {
        const there = await at(item.id)
        const other = there && !isSame(bare(there), knew)
        const next =
          other && there.kind === 'change' && item.kind === 'change' ? together(bare(there) as never, item, knew) : item
        await put(there?.seq, next)
      }),
    trying: id =>
      base.transaction('rw', base.outbox, async () => {
        const there = await at(id)
        if (there?.kind !== 'change') return null
        const next = trying(bare(there) as ChangeItem)
        await put(there.seq, next)
        return next
      }),
    settle: (sent, answer) =>
      base.transaction('rw', base.outbox, base.pictures, base.sheets, async () => {
        const there = await at(sent.id)
        if (isStored(answer)) await intoCopy(base, sent, answer)
        if (!there) return null
        const next = settle(bare(there), sent, answer)
        if (next) await put(there.seq, next)
        else await remove(sent.id)
        return next
      }),
    remove: id => base.transaction('rw', base.outbox, base.pictures, () => remove(id)),
    picture: async id => (await base.pictures.get(id))?.picture ?? null,
    putPicture: async picture => void (await base.pictures.put(picture)),
  }
}

const ID = /^\/api\/openings\/([^/]+)$/
const ROWS = { readings: 'readings', answers: 'answers', log: 'log' } as const

/** What is stored by now stands on the sheet that was taken along, too. */
async function intoCopy(base: Base, sent: Item, answer: Answer): Promise<void> {
  const [, id] = ID.exec(sent.of) ?? []
  const copy = id && (await base.sheets.get(id))
  if (!copy) return
  const sheet = withStored(copy.sheet, sent, answer)
  // Its revision is an earlier one: the next look fetches it whole.
  if (sheet !== copy.sheet) await base.sheets.put({ ...copy, revision: 0, sheet })
}

/** A sheet with what waits of it on this device. */
export const withWaiting = (sheet: OpeningSheet, waiting: readonly Item[]): OpeningSheet =>
  waiting
    .filter(one => one.kind === 'row' && one.refused === undefined)
    .reduce((so, one) => withStored(so, one, { status: 200, body: null }), sheet)

/** A sheet with what the store has taken of it. */
export function withStored(sheet: OpeningSheet, sent: Item, { body }: Answer): OpeningSheet {
  const [place, kind] = sent.path.slice(sent.of.length + 1).split('/')
  if (sent.kind === 'change' && place === 'edits' && kind && kind in sheet.edits)
    return { ...sheet, edits: { ...sheet.edits, [kind]: body as Versioned<never> } }
  if (sent.kind !== 'row' || !place || !(place in ROWS)) return sheet
  const rows: readonly { readonly id: string }[] = sheet[place as keyof typeof ROWS]
  return rows.some(one => one.id === sent.row.id) ? sheet : { ...sheet, [place]: [...rows, sent.row] }
}
