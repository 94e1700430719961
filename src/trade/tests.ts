import type { CureCode } from '@/core/base/cures'
import type { HandoverTest } from '@/core/handover/tests-of'

type More = Partial<HandoverTest>
const look = (id: string, cures: readonly CureCode[], more: More = {}): HandoverTest => ({
  id,
  swing: null,
  unit: 'none',
  limit: null,
  cures,
  ...more,
})
const limited =
  (holds: NonNullable<HandoverTest['limit']>['holds']) =>
  (
    id: string,
    unit: HandoverTest['unit'],
    figure: NonNullable<HandoverTest['limit']>['figure'],
    cures: readonly CureCode[],
    more: More = {},
  ): HandoverTest => ({ id, swing: null, unit, limit: { figure, holds }, cures, ...more })
const most = limited('at-most')
const least = limited('at-least')

/** Since this day margins, contacts, screws, sides and angles are noted place by place; what was noted as a whole before stands. */
export const PARTED_ON = '2026-11-28'
const NEW: More = { addedOn: PARTED_ON }

/** What is tested before a door is handed over, and where a failure leads. Source: common trade practice; the maker's sheet and local code
 *  come first. */
export const TESTS: readonly HandoverTest[] = [
  most('plumb', 'length', 'test-plumb', ['step.again']),
  most('margins', 'length', 'test-margins', ['margins.tune'], { points: 'margins' }),
  look('stays-open', ['step.again'], { points: 'angles' }),
  most('latches', 'newton', 'latch-force', ['seal.lighter', 'strike.move']),
  most('opens-lightly', 'newton', 'opening-force', ['seal.lighter', 'closer.turn'], {
    where: 'accessible',
    addedOn: '2026-11-27',
  }),
  least('clear-width', 'length', 'clear-width', ['code.ask-locally'], { where: 'accessible', ...NEW }),
  look('contact', ['seal.choose-again'], { points: 'contacts' }),
  look('bill', ['cap.raise'], { points: 'cap-screws' }),
  look('no-light', ['seal.choose-again']),
  look('air', ['frame.seal-behind', 'seal.choose-again'], { points: 'sides', addedOn: '2026-11-27' }),
  look('hose', ['frame.seal-behind', 'seal.choose-again'], NEW),
  least('strike', 'length', 'latch-engages', ['strike.move'], NEW),
  look('deadbolt', ['strike.move']),
  look('sweep', ['seal.choose-again'], { swing: 'in' }),
  look('hinge-pins', ['pins.secure'], { swing: 'out' }),
  look('rolls', ['margins.tune']),
  look('locks', ['keeper.move']),
  look('keeper', ['keeper.move']),
  look('rattle', ['strike.move']),
  look('bolt-print', ['strike.move']),
  least('closes-slowly', 'second', 'closer-seconds', ['closer.turn'], { where: 'closer' }),
  look('self-closes', ['closer.turn', 'strike.move'], { points: 'angles', where: 'label', ...NEW }),
  look('label-seen', ['label.ask-agency'], { where: 'label' }),
]
