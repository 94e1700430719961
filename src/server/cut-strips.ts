import { isDeepStrictEqual } from 'node:util'
import { v7 as uuidV7 } from 'uuid'
import type { Firm } from '@/core/catalogue/firm'
import type { LogEntry } from '@/core/log/log'
import { standingEntries } from '@/core/log/standing'
import { type CutOfSeal, keptOf } from '@/core/seal/cut-list'
import { reasonKey } from '@/core/seal/seal-wants'
import { MOST_OFF_CUTS, type OffCut } from '@/core/seal-stock/off-cut'
import type { Versioned } from '@/core/sheet'
import type { Length } from '@/core/units/length'
import type { Acting } from '@/store/acting'
import { type Db, transact } from '@/store/connection'
import { saveChange } from '@/store/edits'
import { findFirm, firmPlace, lockCompany } from '@/store/firm'
import { findJob, listOpenings } from '@/store/jobs'
import { addRows, LOG_ENTRIES, rowsOf } from '@/store/rows'
import { LENGTHS } from '@/trade/lengths'
import { loadCuts } from './load-cuts'

/** When a cut list was carried out, and which off-cuts that put into the van and took out of it: by this it is taken back. */
export type CutUndo = { readonly at: string; readonly left: readonly OffCut[]; readonly gone: readonly OffCut[] }
/** What became of a cut list that was carried out: how many seals were noted as cut, how many off-cuts went into the van and out of it. */
export type CutDone = { readonly seals: number; readonly kept: number; readonly used: number; readonly undo: CutUndo }

/** Notes all that a job's cut list lays out as cut, and changes the van's off-cuts accordingly: those it was cut from are gone, what is left
 *  and long enough is there. One at a time for each company, so that asked twice nothing is left to be cut. `null` without such a job. */
export const cutStrips = (db: Db, acting: Acting, jobId: string, at: Date): Promise<CutDone | null> =>
  transact(db, async tx => {
    await lockCompany(tx, acting)
    const loaded = await loadCuts(tx, acting, jobId)
    if (!loaded) return null
    const { cuts, firm } = loaded
    const entries = entriesOf(cuts, acting, at)
    for (const [opening, all] of entries) await addRows(tx, LOG_ENTRIES, acting, opening, all)
    const { gone, left } = offCutsOf(cuts)
    await changeVan(tx, acting, firm, gone, left)
    const undo = { at: at.toISOString(), left, gone }
    return { seals: [...entries.values()].flat().length, kept: left.length, used: gone.length, undo }
  })

/** What became of it: how many seals are to be cut again, and whether the van’s off-cuts are as they were. */
export type CutBack = { readonly seals: number; readonly isVanBack: boolean }

/** Takes back what a member noted as cut at one moment, but for what was fitted since; where nothing was, the van's off-cuts are put back. Asked
 *  twice, the second time there is nothing left of it. `null` without such a job. */
export const takeBackCuts = (
  db: Db,
  acting: Acting,
  jobId: string,
  { at, left, gone }: CutUndo,
  now: Date,
): Promise<CutBack | null> =>
  transact(db, async tx => {
    await lockCompany(tx, acting)
    if (!(await findJob(tx, acting, jobId))) return null
    const openings = await listOpenings(tx, acting, jobId)
    const logs = await rowsOf(
      tx,
      LOG_ENTRIES,
      acting,
      openings.map(one => one.id),
    )
    const isOfThen = (one: LogEntry) => one.result === 'cut' && one.at === at && one.by === acting.name
    let [seals, noted] = [0, 0]
    for (const [opening, log] of logs) {
      noted += log.filter(isOfThen).length
      const cut = [...standingEntries('seal', log)].filter(([, one]) => isOfThen(one))
      const entries = cut.map(([code]) => entryOf(code, 'reopened', null, acting, now))
      await addRows(tx, LOG_ENTRIES, acting, opening, entries)
      seals += entries.length
    }
    // What was fitted since is in the door: its bar is not whole again.
    const isVanBack = seals > 0 && seals === noted
    if (isVanBack) await changeVan(tx, acting, await findFirm(tx, acting), left, gone)
    return { seals, isVanBack }
  })

/** One entry for each seal of an edge of which every piece has its place on a bar, by opening. */
function entriesOf(cuts: readonly CutOfSeal[], acting: Acting, at: Date): ReadonlyMap<string, readonly LogEntry[]> {
  const apart = new Set(cuts.flatMap(one => one.apart.map(({ opening, piece }) => `${opening} ${codeOf(piece)}`)))
  const found = new Map<string, Map<string, Length>>()
  for (const { opening, piece } of cuts.flatMap(one => one.bars.flatMap(bar => bar.pieces))) {
    const code = codeOf(piece)
    if (apart.has(`${opening} ${code}`)) continue
    const own = found.get(opening) ?? new Map<string, Length>()
    if (!own.has(code)) own.set(code, piece.length)
    found.set(opening, own)
  }
  return new Map(
    [...found].map(([opening, codes]) => [
      opening,
      [...codes].map(([code, length]) => entryOf(code, 'cut', { length }, acting, at)),
    ]),
  )
}

const entryOf = (
  code: string,
  result: 'cut' | 'reopened',
  value: LogEntry['value'],
  { name }: Acting,
  at: Date,
): LogEntry => ({ id: uuidV7(), kind: 'seal', code, result, value, text: '', by: name, at: at.toISOString() })

const codeOf = ({ edgeId, sealId }: { readonly edgeId: string; readonly sealId: string }) => reasonKey(edgeId, sealId)

/** The off-cuts a cut list is laid out on, and those that are left of its bars. */
function offCutsOf(cuts: readonly CutOfSeal[]) {
  const bars = cuts.flatMap(({ seal, bars: own }) => own.map(bar => ({ seal, bar })))
  return {
    gone: bars.flatMap(({ bar }) => bar.of ?? []),
    left: bars.flatMap(({ seal, bar }) => keptOf(seal, bar, LENGTHS) ?? []),
  }
}

/** Takes off-cuts out of the van and puts others in, the newest last; more than are kept push the oldest out. */
async function changeVan(
  tx: Db,
  acting: Acting,
  { revision, data }: Versioned<Firm>,
  out: readonly OffCut[],
  into: readonly OffCut[],
): Promise<void> {
  if (out.length + into.length === 0) return
  const still = [...data.offCuts]
  for (const one of out) {
    const at = still.findIndex(held => isDeepStrictEqual(held, one))
    if (at >= 0) still.splice(at, 1)
  }
  const offCuts = [...still, ...into].slice(-MOST_OFF_CUTS)
  await saveChange(firmPlace(tx, acting), { revision, base: data, data: { ...data, offCuts } })
}
