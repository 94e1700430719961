import { cavityFill, judgeBedding, type SettingSheet, SILENT_SETTING, type SillSystem, sillSystem } from './bedding'

const sheet = (own: Partial<SettingSheet>): SettingSheet => ({ ...SILENT_SETTING, ...own })

describe('what lies under the sill', () => {
  it.each<[SillSystem, Partial<SettingSheet>, SillSystem]>([
    ['pan', {}, 'pan'],
    ['membrane', {}, 'membrane'],
    ['beads', {}, 'beads'],
    // The maker's word stands before the practice.
    ['beads', { asksPan: true }, 'pan'],
    ['membrane', { asksPan: true }, 'pan'],
    ['pan', { asksPan: false }, 'membrane'],
    ['pan', { asksBeads: true }, 'membrane'],
    ['beads', { asksBeads: true }, 'beads'],
    ['beads', { asksBeads: false }, 'pan'],
    ['beads', { asksBeads: false, asksPan: false }, 'beads'],
  ])('by practice %s and a sheet of %j is %s', (practice, own, system) =>
    expect(sillSystem(practice, sheet(own))).toBe(system),
  )

  const codes = (
    practice: SillSystem,
    own: Partial<SettingSheet>,
    isCovered = false,
    isRibbed = false,
    isInRain = false,
  ) => judgeBedding(sheet(own), { practice, isCovered, isRibbed, isInRain }).map(one => [one.code, one.severity])
  it('is nothing to speak of with a pan and a silent sheet', () => expect(codes('pan', {})).toEqual([]))
  it('is a stop where one sheet asks for a pan and beads', () =>
    expect(codes('pan', { asksPan: true, asksBeads: true })).toEqual([['pan-and-beads', 'stop']]))
  it('is told where the sheet does not take the practice', () =>
    expect(
      judgeBedding(sheet({ asksPan: true }), { practice: 'beads', isCovered: false, isRibbed: false, isInRain: false }),
    ).toMatchObject([{ code: 'sill-by-sheet', facts: { system: 'pan', practice: 'beads' } }]))
  it('is to be corrected with beads alone in the weather, and right under cover', () => {
    expect(codes('beads', {})).toEqual([['beads-in-weather', 'correct']])
    expect(codes('beads', {}, true)).toEqual([])
  })
  it('is a pan where rain drives onto the door', () => {
    expect(codes('membrane', {}, false, false, true)).toEqual([['pan-in-rain', 'watch']])
    expect(codes('pan', {}, false, false, true)).toEqual([])
  })
  it('is looked at where beads go under a threshold of ribs, and a pan is not', () => {
    expect(codes('beads', {}, true, true)).toEqual([['beads-on-ribs', 'watch']])
    expect(codes('membrane', {}, false, true)).toEqual([['beads-on-ribs', 'watch']])
    expect(codes('pan', {}, false, true)).toEqual([])
  })
})

describe('the gap round the frame', () => {
  it.each([
    ['foam', null, 'foam'],
    ['foam', false, 'fibre'],
    ['fibre', true, 'foam'],
    ['backer-rod', false, 'backer-rod'],
    ['fibre', null, 'fibre'],
  ] as const)('by practice %s and a sheet that says %s takes %s', (practice, asksFoam, fill) =>
    expect(cavityFill(practice, sheet({ asksFoam }))).toBe(fill),
  )
})
