import { FILLER_STOCK } from '../../trade/jambs'
import { NUMBERS, RATES } from '../../trade/rates'
import { DEFAULT_SCHOOLS } from '../base/schools'
import type { Request } from '../catalogue/request'
import { NOTHING_FOUND, type SiteFacts } from '../catalogue/site'
import { JUDGES } from '../doors/doors'
import { assumedOpening } from '../opening/model-opening'
import { inches, type Length, ZERO } from '../units/length'
import { LENGTHS, length, wishes } from './fixtures'

/** What a catalogue is judged by: a true hole of 38 by 82 1/2 in a 4 1/2 wall, nothing else found, unless said otherwise. */
export const request = (
  more: Partial<Omit<Request, 'site'>> & { readonly site?: Partial<SiteFacts> } = {},
  width: Length = inches(38),
  height: Length = length('82 1/2'),
): Request => ({
  points: assumedOpening(width, height, LENGTHS).points,
  wishes: wishes(),
  wall: length('4 9/16'),
  floor: null,
  covering: ZERO,
  twist: null,
  jambStandards: [],
  lengths: LENGTHS,
  rates: RATES,
  schools: DEFAULT_SCHOOLS,
  garageMinutes: NUMBERS['garage-minutes'].value,
  judges: JUDGES,
  fillers: FILLER_STOCK,
  shift: ZERO,
  hasBucks: false,
  ...more,
  site: { ...NOTHING_FOUND, ...more.site },
})

/** A floor that is as high everywhere, above the sub-sill. */
export const floorAt = (text: string) => ({ atDoor: length(text), over: length(text) })
