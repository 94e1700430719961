import type { Source } from '@/core/base/rule'
import type { HingeTrade } from '@/core/specification/weigh-leaf'
import { inches } from '@/core/units/length'

const usual = (text: string): Source => ({ kind: 'default', text, checked: false })
const built = usual('Harvek default for leaves built so; a scale or the maker’s sheet overrides it')
const hinge = usual('Harvek default by leaf mass; to be checked on the hinge’s own sheet')

/** What leaves weigh by area, which hinges carry them, and when the top one wants a long screw. */
export const HINGES: HingeTrade = {
  arealMass: {
    'hollow-core': { kgPerM2: 9, source: built },
    'solid-35': { kgPerM2: 20, source: built },
    'solid-44': { kgPerM2: 27, source: built },
    'fire-30': { kgPerM2: 29, source: built },
    'fire-60': { kgPerM2: 40, source: built },
    'steel-insulated': { kgPerM2: 19, source: built },
    'hollow-metal': { kgPerM2: 32, source: built },
    fibreglass: { kgPerM2: 18, source: built },
    'glass-6': { kgPerM2: 15, source: built },
    'glass-24': { kgPerM2: 25, source: built },
  },
  classes: [
    { id: 'plain-76', mostKg: 20, source: hinge },
    { id: 'ball-76', mostKg: 40, source: hinge },
    { id: 'ball-100', mostKg: 120, source: hinge },
  ],
  longScrewAboveN: 250,
  twoUpTo: { id: 'hinges-two-up-to', value: inches(60), source: usual('Harvek default, common trade practice') },
  oneMorePer: { id: 'hinges-one-more-per', value: inches(30), source: usual('Harvek default, common trade practice') },
}
