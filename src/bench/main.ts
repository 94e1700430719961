import { readFileSync } from 'node:fs'
import { readCatalogue } from '@/server/read-catalogue'
import { benchCore, MIXED_REQUESTS } from './core-bench'

export const requests = MIXED_REQUESTS
export const timings = (jobFile: string, catalogue: string) =>
  benchCore(jobFile, readCatalogue(readFileSync(catalogue, 'utf8')).units)
