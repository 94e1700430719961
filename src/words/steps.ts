import type { PanPieces } from '@/core/fit/fitted'
import type { HeaderRule } from '@/core/fit/fix-order'
import type { Caution, StepTool } from '@/core/fit/setting-step'
import { type LedStep, partsOfSealStep } from '@/core/seal/seal-steps'
import type { Length } from '@/core/units/length'
import { codeWords } from './codes'
import { type SayFigure, withFigures } from './figures'
import { sideName } from './names'
import { SEAL_STEPS } from './seals'
import { AFTER } from './steps/after'
import { BEFORE } from './steps/before'
import { OTHERS } from './steps/others'
import { SETTING } from './steps/setting'
import type { StepTexts } from './steps/texts'

type StepWords = StepTexts[string]
export const STEP_TEXTS: StepTexts = { ...BEFORE, ...SETTING, ...OTHERS, ...AFTER }

/** What a step is called; of one that fits a seal its edge, its seal, and the how-manieth it is. */
export function stepName(id: string): string {
  const parts = partsOfSealStep(id)
  if (parts) return `${sideName(parts[0])}, ${codeWords(parts[1])}: ${parts[2]}`
  return id === 'unit-accepted' ? 'The new unit received and accepted' : (STEP_TEXTS[id]?.[0] ?? id)
}

/** What a step of an opening is called where it is done: of a seal its edge and what it is. */
export function ledName({ id, seal }: Pick<LedStep, 'id' | 'seal'>): string {
  if (!seal) return stepName(id)
  const name = seal.kind === 'corner' ? 'corner pads' : seal.name
  return `${sideName(seal.edge)}: ${name}${seal.of > 1 ? `, ${seal.nth} of ${seal.of}` : ''}`
}

/** What to do at it, as `stepWords`. */
export function ledWords(step: Pick<LedStep, 'id' | 'seal'>, say: SayFigure): StepWords {
  if (!step.seal) return stepWords(step.id, say)
  const [what, check] = SEAL_STEPS[step.seal.kind][step.seal.nth - 1] ?? ['', '']
  return [ledName(step), `${withFigures(what, say)}.`, withFigures(check, say)]
}

/** What a sill pan is put together from; `write` gives a length in the job's unit. */
export const panWords = ({ end, cuts }: PanPieces, write: (length: Length) => string): string =>
  cuts.length
    ? `Two ends of ${write(end)}, between them ${cuts.map(write).join(', ')}.`
    : `Two ends of ${write(end)}, lapped over each other; no piece between them.`

/** What to do at a step, the number to meet and what to check, its figures as they hold for the opening. */
export const stepWords = (id: string, say: SayFigure): StepWords => {
  const [name, how, check] = STEP_TEXTS[id] ?? [id, '', '']
  return [name, withFigures(how, say), withFigures(check, say)]
}

export const CAUTION_WORDS: Readonly<Record<Caution, string>> = {
  lift: 'Two people, gloves. A unit that tips hurts.',
  'old-paint': 'Paint from before 1978 may hold lead, old sealant asbestos: test first; licensed work. Eye protection.',
  vapour: 'Foam and solvent vapour: ventilate, no flame.',
  clip: 'Keep hands off the hinge edge; the leaf may drop.',
  ladder: 'Stand the ladder on firm ground; someone holds it.',
  wires: 'Low voltage only; anything else by someone licensed.',
  structure: 'Header and studs carry the house: a licensed professional designs it, local code decides.',
  spring: 'A closer’s arm under load strikes: keep hands out of its way.',
  glass: 'Two people, cut-proof gloves. Glass breaks at its edges.',
}

/** What is taken in hand. */
export const TOOL_NAMES: Readonly<Record<StepTool, string>> = {
  tape: 'tape',
  level: 'level',
  'long-level': 'long level',
  square: 'square',
  gauge: 'gauge',
  pencil: 'pencil',
  knife: 'knife',
  brush: 'stiff brush',
  'pry-bar': 'pry bar',
  hammer: 'hammer',
  'nail-punch': 'nail punch',
  'reciprocating-saw': 'reciprocating saw',
  handsaw: 'handsaw',
  hacksaw: 'hacksaw',
  plane: 'plane',
  chisel: 'chisel',
  router: 'router',
  snips: 'snips',
  file: 'file',
  driver: 'driver',
  drill: 'drill',
  'masonry-bit': 'masonry bit',
  'hole-saw': 'hole saw',
  screwdriver: 'screwdriver',
  wedges: 'wedges and flats',
  cards: 'cards',
  'caulk-gun': 'caulk gun',
  'foam-gun': 'foam gun',
  'tape-roller': 'tape roller',
  'paper-strip': 'strip of paper',
  'spring-scale': 'spring scale',
  thermometer: 'thermometer',
  'drop-sheet': 'drop sheets',
  'eye-protection': 'eye protection',
  gloves: 'gloves',
}

/** What goes into the header, as one line. */
export const HEADER_WORDS: Readonly<Record<HeaderRule, string>> = {
  'no-screw': 'No screw into the header: one that sags would carry the frame down with it.',
  'beside-pack': 'One screw into the header at each point shown, beside its pack.',
  'by-sheet': 'Screws into the header, as its sheet asks; each beside a pack.',
  'not-by-sheet': 'No screw into the header: its sheet does not want one.',
}
