import type { HandoverTest } from '@/core/handover/tests-of'

const look = (id: string, swing: HandoverTest['swing'] = null): HandoverTest => ({
  id,
  swing,
  unit: 'none',
  limit: null,
})
const most = (
  id: string,
  unit: HandoverTest['unit'],
  figure: NonNullable<HandoverTest['limit']>['figure'],
): HandoverTest => ({
  id,
  swing: null,
  unit,
  limit: { figure, holds: 'at-most' },
})

/** What is tested before a door is handed over. Source: common trade practice; the maker's sheet and local code come first. */
export const TESTS: readonly HandoverTest[] = [
  most('plumb', 'length', 'test-plumb'),
  most('margins', 'length', 'test-margins'),
  look('stays-open'),
  most('latches', 'newton', 'latch-force'),
  { ...most('opens-lightly', 'newton', 'opening-force'), onAccessibleWay: true, addedOn: '2026-11-27' },
  look('contact'),
  look('bill'),
  look('no-light'),
  { ...look('air'), addedOn: '2026-11-27' },
  look('deadbolt'),
  look('sweep', 'in'),
  look('hinge-pins', 'out'),
  look('rolls'),
  look('locks'),
  look('keeper'),
  look('rattle'),
  look('bolt-print'),
  { id: 'closes-slowly', swing: null, unit: 'second', limit: { figure: 'closer-seconds', holds: 'at-least' } },
  look('label-seen'),
]
