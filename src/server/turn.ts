import type { ServerResponse } from 'node:http'
import pLimit from 'p-limit'

/** Pages that are made at once. More would keep nobody waiting less, and whoever stores a reading meanwhile would wait behind all of them; what is
 *  half made fills the memory. */
const AT_ONCE = 3
/** A page whose line is too slow to take it gives its turn up after so long, ms. */
const LONGEST_MS = 2000

const making = pLimit(AT_ONCE)

/** Makes a page when it is its turn, which lasts until the page was sent or whoever asked has gone. Who goes while waiting has none made.
 *  @throws what `make` throws. */
export const inTurn = (answer: Pick<ServerResponse, 'once' | 'destroyed'>, make: () => Promise<void>): Promise<void> =>
  new Promise((resolve, reject) => {
    void making(async () => {
      if (answer.destroyed) return resolve()
      const over = new Promise<void>(done => {
        const late = setTimeout(done, LONGEST_MS)
        answer.once('close', () => {
          clearTimeout(late)
          done()
        })
      })
      make().then(resolve, reject)
      await over
    })
  })
