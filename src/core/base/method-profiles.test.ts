import { METHOD_PROFILE_IDS, METHOD_PROFILES, profileOf, withProfile } from './method-profiles'
import { schoolChoicesSchema } from './school-choices'
import { resolveSchools } from './schools'

describe('a way of working', () => {
  it.each(METHOD_PROFILE_IDS)('%s brings practices that can be stored, and is known again by them', id => {
    const chosen = withProfile({}, id)
    expect(schoolChoicesSchema.parse(chosen)).toEqual(METHOD_PROFILES[id])
    expect(profileOf(chosen)).toBe(id)
  })
  it('holds for the job, and an opening chooses otherwise', () => {
    const job = withProfile({}, 'casing-kept')
    const { answers, from } = resolveSchools({ 'outside-trim': 'strip' }, job, { 'flush-face': 'inside' })
    expect([answers['outside-trim'], from['outside-trim'], answers['flush-face'], from['flush-face']]).toEqual([
      'keep',
      'job',
      'inside',
      'opening',
    ])
  })
  it('takes what it brought along when another is taken, and leaves what was chosen besides', () => {
    const flange = withProfile({ 'hand-naming': 'din107' }, 'nail-flange')
    expect(withProfile(flange, 'masonry-bucks')).toEqual({
      'hand-naming': 'din107',
      'rough-opening': 'masonry',
      'shims-and-screws': 'screw-through',
      sill: 'pan',
      cavity: 'foam',
    })
    expect(withProfile(flange, null)).toEqual({ 'hand-naming': 'din107' })
  })
  it('is a mixture of one’s own once a practice of it was chosen otherwise', () => {
    const chosen = { ...withProfile({}, 'masonry-bucks'), cavity: 'fibre' as const }
    expect(profileOf(chosen)).toBeNull()
    expect(withProfile(chosen, 'casing-kept')).toMatchObject({ cavity: 'fibre', 'outside-trim': 'keep' })
  })
  it('is none where nothing was chosen', () => expect(profileOf({})).toBeNull())
})
