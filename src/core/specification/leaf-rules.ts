import { cure } from '../base/cures'
import type { Finding } from '../base/finding'
import { readValue, type Survey } from '../survey/survey'
import { type Length, minus, plus } from '../units/length'
import { type Further, type FurtherCode, type FurtherInput, type FurtherRule, note } from './further'
import { hingePlaces, hingeSpacing } from './hinge-places'
import { type HungLeaf, sizeOf } from './hung-leaf'
import { planHinges } from './plan-hinges'
import { leafMass } from './weigh-leaf'

/** What the leaf weighs, which hinges carry it, and how wide it opens. */
export const hangingLeaf: FurtherRule = input => {
  const { leaf, lengths, trade, isExterior } = input
  if (!leaf) return { found: { mass: massOf(input) }, findings: weightFindings(massOf(input), null, input) }
  const mass = massOf(input)
  const places = hingePlaces(leaf.height.value, leaf.hinges, lengths, trade.hinges)
  const spacing = hingeSpacing(places)
  const hinges = mass && spacing > 0 ? planHinges(mass, sizeOf(leaf), places, isExterior, trade.hinges) : null
  const clearWidth = clearOf(leaf, lengths['stop-width'].value)
  return {
    found: { mass, hinges, hingePlaces: places, clearWidth },
    findings: [...weightFindings(mass, hinges, input), ...narrowFindings(clearWidth, input)],
  }
}

/** Only what it weighs: a leaf that does not hang on hinges. */
export const weighedLeaf: FurtherRule = input => {
  const mass = massOf(input)
  return { found: { mass }, findings: weightFindings(mass, null, input) }
}

/** A leaf of a labelled or better class wants hinges whose plates are thicker than the old: inside, where mortises stay. */
export const thickerPlates: FurtherRule = ({ trade }, { mass, hinges }) => ({
  found: {},
  findings:
    mass && hinges?.hinge && hinges.hinge !== trade.hinges.classes[0]
      ? [note('deeper-mortises', 'fact.weight', 'watch', kgOf(mass.kg), 'hinges')]
      : [],
})

const kgOf = (kg: number) => ({ kg: Math.round(kg * 10) / 10 })

function massOf({ leaf, survey, wishes, trade }: FurtherInput): Further['mass'] {
  const weighed = survey.facts.get('fact.weight')?.code
  const kg = weighed === undefined ? null : Number(weighed)
  if (!leaf) return kg === null ? null : { kg, isWeighed: true }
  return leafMass({ ...sizeOf(leaf), thickness: leaf.thickness.value }, wishes, kg, trade.hinges)
}

/** Clear width at a right angle: the leaf less its thickness and the stop it turns past. */
export const clearOf = (leaf: HungLeaf, stop: Length): Length =>
  minus(leaf.width.value, plus(leaf.thickness.value, stop))

function weightFindings(
  mass: Further['mass'],
  hinges: Further['hinges'],
  { trade, unitKg }: FurtherInput,
): readonly Finding<FurtherCode>[] {
  const lifted = Math.max(unitKg ?? 0, mass?.kg ?? 0)
  return [
    ...(mass && hinges && hinges.hinge === null
      ? [note('hinges-too-weak', 'fact.weight', 'correct', kgOf(mass.kg), 'hinges')]
      : []),
    ...(lifted > trade.crewLiftKg ? [note('two-people', 'fact.weight', 'watch', kgOf(lifted), 'crew-lift')] : []),
  ]
}

function narrowFindings(clear: Length, { wishes, lengths }: FurtherInput): readonly Finding<FurtherCode>[] {
  const asks = wishes.settings.includes('escape') || wishes.settings.includes('accessible')
  const limit = lengths['clear-width']
  if (!asks || clear >= limit.value) return []
  const facts = { clear: { length: clear }, limit: { length: limit.value } }
  return [note('clear-width', 'unit', 'correct', facts, limit.id, [cure('code.ask-locally')])]
}

/** Where somebody else has a say before anything is ordered. */
const CONSENT: ReadonlySet<string> = new Set(['rented', 'listed'])

/** What the place asks for, whatever hangs there. */
export const placeAsks: FurtherRule = ({ wishes }) => ({
  found: {},
  findings: wishes.settings.map(setting =>
    note('setting', `setting.${setting}`, CONSENT.has(setting) ? 'correct' : 'watch', { setting }, 'visit', [
      cure('code.ask-locally'),
    ]),
  ),
})

/** Leaves and fixed lights that were read beside the whole: together they are no wider than what they stand in. */
export const partsAddUp =
  (parts: readonly Parameters<typeof readValue>[1][]): FurtherRule =>
  ({ survey, opening }) => {
    const read = parts.flatMap(slot => readValue(survey, slot) ?? [])
    if (!opening || read.length < parts.filter(slot => !isNotThere(survey, slot)).length) return NOTHING
    const total = read.reduce((sum, one) => plus(sum, one))
    const { R0, L0 } = opening.points
    const width = minus(R0.x, L0.x)
    if (total <= width) return NOTHING
    const facts = { total: { length: total }, width: { length: width } }
    return {
      found: {},
      findings: [note('leaves-do-not-add-up', parts[0]!, 'correct', facts, 'network', [cure('reading.take-again')])],
    }
  }

const NOTHING = { found: {}, findings: [] } as const
const isNotThere = (survey: Survey, slot: Parameters<typeof readValue>[1]): boolean =>
  survey.skipped.get(slot)?.code === 'not-there'
