import type { Length } from '../units/length'
import type { Stage } from './stages'

/** Every cure there is, with where it is done: at a stage of the work, on the site, or by asking somebody. */
export const CURES = {
  'reading.take-again': 'measure',
  'reading.take-later': 'measure',
  'reading.take-deciding': 'measure',
  'reading.take-check': 'measure',
  'reading.sign': 'measure',
  'ways.take-again': 'measure',
  'square.measure-both': 'measure',
  'square.set-by-level': 'site',
  'hole.measure-on-the-day': 'site',
  'level.raise-low-end': 'site',
  'head.taper': 'site',
  'hollow.support': 'site',
  'crown.grind': 'site',
  'lean.more-room': 'site',
  'lean.move-foot': 'site',
  'bow.plane': 'site',
  'bow.pack': 'site',
  'twist.split': 'site',
  'twist.parallel': 'site',
  'twist.move-wall': 'site',
  'wall.plane-or-shim': 'site',
  'subfloor.replace': 'site',
  'subfloor.look': 'site',
  'condition.sound-wood': 'site',
  'mould.pad-out': 'site',
  'way.clear': 'site',
  'airflow.keep-path': 'site',
  'airflow.ask-licensed': 'ask',
  'structure.ask-licensed': 'ask',
  'label.ask-agency': 'ask',
  'code.ask-locally': 'ask',
  'hand.show-drawing': 'specify',
  'wish.settle': 'specify',
  'jamb.back-bevel': 'site',
  'jamb.order-solid': 'order',
  'floor.pad': 'site',
  'floor.shorter-leaf': 'order',
  'plumb.smaller-unit': 'order',
  'plumb.more-room': 'site',
  'lock.chop-case': 'site',
  'lock.add-bolt': 'order',
  'settle.label-clearance': 'specify',
  'settle.label-lowered': 'specify',
  'settle.label-material': 'specify',
  'settle.garage-material': 'specify',
  'settle.escape-lock': 'specify',
  'settle.anchors-wall': 'order',
  'settle.accessible-step': 'specify',
  'order.settle': 'order',
  'maker.ask': 'order',
  'receipt.look': 'order',
  'margins.tune': 'fit',
  'step.again': 'fit',
  'gap.read': 'seal',
  'air.try-again': 'seal',
  'cap.raise': 'site',
  'cap.lower': 'site',
  'frame.seal-behind': 'site',
  'seal.move-stop': 'site',
  'seal.tune-first': 'fit',
  'seal.lighter': 'seal',
  'seal.choose-again': 'seal',
  'seal.strike-out': 'site',
  'strike.move': 'site',
  'keeper.move': 'site',
  'closer.turn': 'site',
  'pins.secure': 'site',
  'finish.edges': 'site',
  'track.clean': 'site',
  'test.again': 'handover',
} as const satisfies Readonly<Record<string, Stage | 'site' | 'ask'>>

export type CureCode = keyof typeof CURES

/** What would cure a finding. `amount`: by how much, in ticks; `at`: at which height above the sill, in ticks; `null` where there is no
 *  such figure. */
export type Cure = { readonly code: CureCode; readonly amount: Length | null; readonly at: Length | null }

/** A cure, with its figures where it has some. */
export const cure = (code: CureCode, amount: Length | null = null, at: Length | null = null): Cure => ({
  code,
  amount,
  at,
})

export const isCureCode = (code: string): code is CureCode => Object.hasOwn(CURES, code)

/** The stage at which a cure is done; `null` where it is done outside this program. */
export function stageOf({ code }: Cure): Stage | null {
  const where: Stage | 'site' | 'ask' = CURES[code]
  return where === 'site' || where === 'ask' ? null : where
}
