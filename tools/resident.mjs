// @ts-check
import { readdirSync, readFileSync } from 'node:fs'

/** Resident memory of a process and all below it, in MiB. @param {number} pid @returns {number} */
export function residentMiB(pid) {
  const processes = readdirSync('/proc')
    .filter(name => /^\d+$/.test(name))
    .flatMap(name => {
      try {
        const status = readFileSync(`/proc/${name}/status`, 'utf8')
        return [
          {
            pid: Number(name),
            parent: Number(/PPid:\s+(\d+)/.exec(status)?.[1]),
            kib: Number(/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? 0),
          },
        ]
      } catch {
        return []
      }
    })
  const own = new Set([pid])
  for (let grown = true; grown; ) {
    grown = false
    for (const one of processes) if (own.has(one.parent) && !own.has(one.pid)) grown = Boolean(own.add(one.pid))
  }
  return processes.filter(one => own.has(one.pid)).reduce((sum, one) => sum + one.kib, 0) / 1024
}
