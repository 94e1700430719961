import { v7 as uuidV7 } from 'uuid'
import type { LogEntry } from '@/core/log/log'
import { type CutOfSeal, keptOf } from '@/core/seal/cut-list'
import { reasonKey } from '@/core/seal/seal-wants'
import { MOST_OFF_CUTS, type OffCut } from '@/core/seal-stock/off-cut'
import type { Length } from '@/core/units/length'
import type { Acting } from '@/store/acting'
import { type Db, transact } from '@/store/connection'
import { saveChange } from '@/store/edits'
import { firmPlace, lockCompany } from '@/store/firm'
import { addRows, LOG_ENTRIES } from '@/store/rows'
import { LENGTHS } from '@/trade/lengths'
import { loadCuts } from './load-cuts'

/** What became of a cut list that was carried out: how many seals were noted as cut, how many off-cuts went into the van and out of it. */
export type CutDone = { readonly seals: number; readonly kept: number; readonly used: number }

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
    const { offCuts, kept, used } = offCutsAfter(firm.data.offCuts, cuts)
    if (kept + used > 0) {
      const { revision, data } = firm
      await saveChange(firmPlace(tx, acting), { revision, base: data, data: { ...data, offCuts } })
    }
    return { seals: [...entries.values()].flat().length, kept, used }
  })

/** One entry for each seal of an edge of which every piece has its place on a bar, by opening. */
function entriesOf(cuts: readonly CutOfSeal[], { name }: Acting, at: Date): ReadonlyMap<string, readonly LogEntry[]> {
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
      [...codes].map(([code, length]) => ({
        id: uuidV7(),
        kind: 'seal' as const,
        code,
        result: 'cut' as const,
        value: { length },
        text: '',
        by: name,
        at: at.toISOString(),
      })),
    ]),
  )
}
const codeOf = ({ edgeId, sealId }: { readonly edgeId: string; readonly sealId: string }) => reasonKey(edgeId, sealId)

/** The off-cuts the van holds afterwards, the newest last; more than are kept push the oldest out. */
function offCutsAfter(held: readonly OffCut[], cuts: readonly CutOfSeal[]) {
  const bars = cuts.flatMap(({ seal, bars: own }) => own.map(bar => ({ seal, bar })))
  const gone = bars.flatMap(({ bar }) => bar.of ?? [])
  const left = bars.flatMap(({ seal, bar }) => keptOf(seal, bar, LENGTHS) ?? [])
  const still = [...held]
  for (const one of gone) still.splice(still.indexOf(one), 1)
  return { offCuts: [...still, ...left].slice(-MOST_OFF_CUTS), kept: left.length, used: gone.length }
}
