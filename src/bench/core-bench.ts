import { readFileSync } from 'node:fs'
import { CALL_TRADE } from '@/compute/call-trade'
import { answer } from '@/core/calls/calls'
import type { CatalogueUnit } from '@/core/catalogue/unit'
import { drawnOf } from '@/core/draw'
import { elevation } from '@/core/drawing/elevation'
import { plan } from '@/core/drawing/plan'
import { section } from '@/core/drawing/section'
import { jobFileSchema } from '@/core/job-file'
import type { OpeningRecords } from '@/core/terms'
import { ticks } from '@/core/units/length'
import { workbench } from '@/core/work'
import { tradeWith } from '@/trade/trade'
import { median } from './median'
import { recordsIn } from './records-in'

const ROUNDS = 1000

/** Requests of every call, an equal share each. */
export const MIXED_REQUESTS: readonly { readonly call: string; readonly input: unknown }[] = [
  { call: 'length.parse', input: { text: `3'-0 3/8"+`, unit: 'in' } },
  { call: 'length.format', input: { ticks: 2_956_560, unit: 'in', to: '1/16' } },
  { call: 'size.parse', input: { text: '21068' } },
  {
    call: 'unit.derive',
    input: { way: 'trim-off', width: ['38 1/16', '38', '38 1/8'], height: ['82', '82 1/16', '82'] },
  },
  { call: 'jamb.choose', input: { wall: '7' } },
  { call: 'handing.codes', input: { hinges: 'left', swing: 'out' } },
  { call: 'corner.check', input: { legA: '36', legB: '48', diagonal: '60 3/16', height: '80' } },
  {
    call: 'opening.adjust',
    input: {
      widths: { bottom: '38 1/16', middle: '38', top: '38 1/8' },
      heights: { left: '82 3/8', centre: '82 3/8', right: '82 3/8' },
      diagonals: { risingRight: '90 15/16', risingLeft: '90 5/8' },
      lean: { left: '3/16', right: '7/32' },
      bow: { left: '1/16', right: '-1/32' },
      fall: { sill: '1/32', head: '1/32' },
      crown: { sill: '-1/32', head: '0' },
    },
  },
  {
    call: 'fit.place',
    input: {
      readings: { widths: { bottom: '38' }, heights: { left: '82' } },
      unit: { width: '37', height: '81' },
      shimHeights: ['7', '40', '73'],
    },
  },
  { call: 'shim.pack', input: { gap: '21/32' } },
  { call: 'strip.cut', input: { stock: '84', first: '3', pitch: '12 1/2', holes: 7, length: '67' } },
  {
    call: 'gap.leakage',
    input: {
      sides: [{ gaps: ['2.4 mm', '1.2 mm', '3 mm'], length: '1035 mm', depth: '44 mm', bends: 1 }],
      pressuresPa: [4, 50, 75],
      hdd: 2549,
    },
  },
]

/** Times the core on one exported job: its first opening, with its catalogue brought to 60 units. */
export function benchCore(jobFilePath: string, units: readonly CatalogueUnit[]): Readonly<Record<string, number>> {
  const file = jobFileSchema.parse(JSON.parse(readFileSync(jobFilePath, 'utf8')))
  const sixty = Array.from({ length: 60 }, (_, i) => ({ ...units[i % units.length]!, article: `${i}` }))
  const trade = tradeWith(sixty)
  const records = recordsIn(file, 'A5')
  const adjust = MIXED_REQUESTS.find(one => one.call === 'opening.adjust')!
  const now = file.exportedAt
  // A reading is typed: everything that depends on it is worked out anew, and drawn.
  const bench = workbench()
  let turn = 0
  const whole = median(ROUNDS, () => {
    const typed = { ...records, readings: nudged(records.readings, turn++) }
    const drawn = drawnOf(bench(typed, trade, now), typed.wishes)
    return [elevation(drawn, 'fit', 8), plan(drawn), section(drawn)]
  })
  return {
    'job with 60 units and three scenes, ms': whole,
    'opening.adjust, ms': median(ROUNDS, () => answer(adjust, CALL_TRADE)),
  }
}

/** The same readings, the last a tick larger or as it was. */
const nudged = (readings: OpeningRecords['readings'], turn: number): OpeningRecords['readings'] =>
  readings.map((one, i) => (i === readings.length - 1 ? { ...one, value: ticks(one.value + (turn % 2)) } : one))
