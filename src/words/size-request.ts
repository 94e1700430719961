import type { RequestLength, SizeRequest } from '@/core/order/size-request'
import type { DisplayStep } from '@/core/units/format-length'
import { bothUnits } from './both-units'
import { unitKindName } from './kinds'
import { handWords } from './order'
import { towardFor } from './rounding'
import { SETTING_WORDS } from './settings'

const LENGTH_WORDS: Readonly<Record<RequestLength, string>> = {
  width: 'Width',
  height: 'Height',
  'rough-width': 'Rough opening, width',
  'rough-height': 'Rough opening, height',
  'trim-width': 'Between the outside trim, width',
  'trim-height': 'Under the outside trim, height',
  jamb: 'Jamb',
  wall: 'Wall, thickest',
  floor: 'Highest floor in the swing, above the sub-sill',
  thickness: 'Leaf thickness',
  'bore top': 'Bore’s middle from the top',
  backset: 'Backset',
  'lock backset': 'Backset',
}

/** A request to a maker as the text of a letter: sizes in both units, the hand as a fact, and what is asked back. */
export function requestText(tag: string, name: string, request: SizeRequest, step: DisplayStep): string {
  const { kind, lengths, hingeTops, bore, material, settings, labelMinutes, lockFunction } = request
  const lines = [
    ...lengths.map(([of, value]) => `${LENGTH_WORDS[of]}: ${bothUnits(value, step, towardFor(`request.${of}`))}`),
    hingeTops.length > 0 && `Hinges from the leaf’s top: ${hingeTops.map(one => bothUnits(one, step)).join(' · ')}`,
    handWords(request),
    bore && bore !== 'none' && `Bored for a lock, ${bore}`,
    lockFunction && `Lock for: ${lockFunction}`,
    material && `Of ${material}`,
    labelMinutes > 0 && `Fire label: ${labelMinutes} minutes`,
    settings.length > 0 && `Where it stands: ${settings.map(one => SETTING_WORDS[one][0]).join(', ')}`,
  ]
  return [
    `Request for ${tag} ${name}: ${unitKindName(kind).toLowerCase()}, made to size.`,
    'Left and right are as seen from outside.',
    ...lines.filter(Boolean),
    'Please say the article or offer number, the price, the days to delivery, and every size you would make otherwise.',
  ].join('\n')
}
