import pLimit from 'p-limit'

/** Pages that are made at once. More would keep nobody waiting less, and whoever stores a reading meanwhile would wait behind all of them; what is
 *  half made fills the memory. */
const AT_ONCE = 3
/** A page that was never made, or whose line is too slow to take it, gives its turn up after so long, ms. */
const LONGEST_MS = 2000

type Turns = { readonly making: ReturnType<typeof pLimit>; readonly taken: Map<string, () => void> }
const shared = globalThis as { harvekTurns?: Turns }

/** One line for the whole server: what asks for a turn and what gives it back are bundled apart. */
const turns = (): Turns => {
  shared.harvekTurns ??= { making: pLimit(AT_ONCE), taken: new Map() }
  return shared.harvekTurns
}

/** The header by which a page knows its turn. */
export const TURN_HEADER = 'x-turn'

/** Waits until it is a page's turn to be made, and says which turn that is. */
export async function takeTurn(): Promise<string> {
  const { making, taken } = turns()
  const id = crypto.randomUUID()
  await new Promise<void>(mine => {
    void making(
      () =>
        new Promise<void>(done => {
          const late = setTimeout(() => giveBack(id), LONGEST_MS)
          taken.set(id, () => {
            clearTimeout(late)
            done()
          })
          mine()
        }),
    )
  })
  return id
}

/** Gives a turn back, so that the next page is made; one that was given back already changes nothing. */
export function giveBack(id: string): void {
  const { taken } = turns()
  taken.get(id)?.()
  taken.delete(id)
}
