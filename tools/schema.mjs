// @ts-check
import { writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { freshBundle, root } from './bundle.mjs'

const { jobFileJsonSchema } = await import(await freshBundle('job-file', 'src/core/job-file.ts'))
writeFileSync(join(root, 'docs/harvek-job.schema.json'), `${JSON.stringify(jobFileJsonSchema(), null, 2)}\n`)
