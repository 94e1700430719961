// What packs answers, as node’s own server calls it: the types there are for it are made for another server’s requests.
declare module 'compression' {
  import type { IncomingMessage, ServerResponse } from 'node:http'
  import type { BrotliOptions, ZlibOptions } from 'node:zlib'

  export default function compression(
    options: ZlibOptions & { brotli?: BrotliOptions },
  ): (request: IncomingMessage, reply: ServerResponse, next: () => void) => void
}
