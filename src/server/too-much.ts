/** How deep parts of a request may lie in each other. */
const MOST_DEEP = 60
/** So many bytes are looked through before others are let in. */
const SLICE_BYTES = 4 * 1024 * 1024

const [QUOTE, BACKSLASH, COMMA] = [34, 92, 44]
const OPENS: ReadonlySet<number> = new Set([91, 123])
const CLOSES: ReadonlySet<number> = new Set([93, 125])

/** Whether a JSON text, as UTF-8, has more parts than so many, or parts that lie too deep in each other: more than any record has, and a long time to
 *  read. It is only counted, before it is read, and counting stops as soon as it is; what is no JSON is not found out here. `onText` is told of each
 *  text where its quotation marks stand, in bytes. */
export async function isTooMuch(
  json: Buffer,
  most: number,
  onText: (from: number, to: number) => void = () => {},
): Promise<boolean> {
  let [parts, deep, rest] = [0, 0, SLICE_BYTES]
  for (let at = 0; at < json.length; at++, rest--) {
    if (rest <= 0) {
      rest = SLICE_BYTES
      await new Promise(resolve => setImmediate(resolve))
    }
    const byte = json[at]!
    if (byte === QUOTE) {
      const from = at
      at = endOfText(json, from)
      onText(from, at)
    } else if (byte === COMMA) parts++
    else if (CLOSES.has(byte)) deep--
    else if (OPENS.has(byte)) {
      parts++
      deep++
    }
    if (parts > most || deep > MOST_DEEP) return true
  }
  return false
}

/** Where the text that begins at a quotation mark ends. */
function endOfText(json: Buffer, start: number): number {
  for (let at = json.indexOf(QUOTE, start + 1); at >= 0; at = json.indexOf(QUOTE, at + 1)) {
    let escapes = 0
    while (json[at - 1 - escapes] === BACKSLASH) escapes++
    if (escapes % 2 === 0) return at
  }
  return json.length
}
