import { randomUUID } from 'node:crypto'

/** Where a text stands in a JSON text, in bytes: its quotation marks. */
export type TextAt = { readonly from: number; readonly to: number }

/** From so many bytes on a text is read by itself: a photo is. */
export const LONG_TEXT_BYTES = 64 * 1024

/** The value of a JSON text, as UTF-8, the same as `JSON.parse` gives. Its long texts are read one by one, and `between` is awaited after each, so
 *  that others may go on while many photos are read. @throws SyntaxError where it is no JSON. */
export async function parseApart(
  json: Buffer,
  long: readonly TextAt[],
  between: () => Promise<void>,
): Promise<unknown> {
  // Nobody who sends a text can know what stands for another.
  const mark = randomUUID()
  const pieces: Buffer[] = []
  let end = 0
  for (const [i, { from, to }] of long.entries()) {
    pieces.push(json.subarray(end, from), Buffer.from(`"${mark}${i}"`))
    end = to + 1
  }
  const whole = { value: JSON.parse(Buffer.concat([...pieces, json.subarray(end)]).toString('utf8')) as unknown }
  const textOf = (value: string): string => {
    const { from, to } = long[Number(value.slice(mark.length))]!
    return JSON.parse(json.toString('utf8', from, to + 1))
  }
  let put = 0
  const left: unknown[] = [whole]
  while (left.length > 0) {
    const one = left.pop() as Record<string, unknown>
    for (const name of Object.keys(one)) {
      const value = one[name]
      if (typeof value === 'object' && value !== null) left.push(value)
      else if (typeof value === 'string' && value.startsWith(mark)) {
        one[name] = textOf(value)
        put++
        await between()
      }
    }
  }
  // A name may be as long, or said twice: then it is read as it came.
  return put === long.length ? whole.value : JSON.parse(json.toString('utf8'))
}
