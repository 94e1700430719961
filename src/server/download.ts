import contentDisposition from 'content-disposition'

/** A file's name as it may stand on any disk: its letters, of whatever script, stay; what parts words or means something to a disk is a hyphen. */
const onDisk = (name: string): string =>
  name
    .normalize('NFC')
    .replace(/[^\p{L}\p{M}\p{N}._-]+/gu, '-')
    .replace(/-+/g, '-')

/** The same in plain letters, for a program that reads no others. */
const inPlainLetters = (name: string): string =>
  name
    .normalize('NFD')
    .replace(/\p{M}+/gu, '')
    .replace(/[^\w.-]+/g, '-')
    .replace(/-+/g, '-')

/** A reply that a browser saves under its name, or shows where it is `inline`. */
export function download(body: string | Uint8Array, type: string, name: string, inline = false): Response {
  const own = onDisk(name)
  const content = typeof body === 'string' ? body : new Uint8Array(body)
  return new Response(content, {
    headers: {
      'content-type': type,
      'content-disposition': contentDisposition(own, {
        type: inline ? 'inline' : 'attachment',
        fallback: inPlainLetters(own),
      }),
      'cache-control': 'no-store',
    },
  })
}
