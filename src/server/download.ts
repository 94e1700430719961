/** A reply that a browser saves under a name of plain letters. */
export function download(body: string | Uint8Array, type: string, name: string, inline = false): Response {
  const safe = name.replace(/[^\w.-]+/g, '-').replace(/-+/g, '-')
  const content = typeof body === 'string' ? body : new Uint8Array(body)
  return new Response(content, {
    headers: {
      'content-type': type,
      'content-disposition': `${inline ? 'inline' : 'attachment'}; filename="${safe}"`,
      'cache-control': 'no-store',
    },
  })
}
