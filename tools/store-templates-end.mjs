// @ts-check
import { rmSync } from 'node:fs'

/** After the tests of the store: their templates go. */
export default function removeTemplates() {
  rmSync(String(process.env.HARVEK_STORE_TEMPLATES), { recursive: true, force: true })
}
