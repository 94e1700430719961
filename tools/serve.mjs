// @ts-check
// Serves the built application on a port of this machine: `node tools/serve.mjs bundle port`.
import { root } from './bundle.mjs'

const [bundle = '', port = ''] = process.argv.slice(2)
const { serve } = await import(bundle)
await serve(root, Number(port))
