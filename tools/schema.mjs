// @ts-check
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { freshBundle, root } from './bundle.mjs'

const { jobFileJsonSchema } = await import(await freshBundle('job-file', 'src/core/job-file.ts'))
const { orderJsonSchema } = await import(await freshBundle('order-message', 'src/core/exchange/message.ts'))
const { openingInputJsonSchema } = await import(await freshBundle('opening-input', 'src/core/opening-call/input.ts'))
const write = (/** @type {string} */ name, /** @type {unknown} */ schema) =>
  writeFileSync(join(root, `docs/${name}.schema.json`), `${JSON.stringify(schema, null, 2)}\n`)
write('harvek-job', jobFileJsonSchema())
write('harvek-order', orderJsonSchema())
write('opening-work', openingInputJsonSchema())
