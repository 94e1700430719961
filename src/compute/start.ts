import { serveLines } from './main'

process.stdout.on('error', error => process.exit((error as NodeJS.ErrnoException).code === 'EPIPE' ? 0 : 1))
await serveLines(process.stdin, process.stdout)
