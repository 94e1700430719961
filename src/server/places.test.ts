import { searchPlaces, zoneAt } from './places'

describe('places on earth', () => {
  it('are found by any word, the largest first, with their clock', () => {
    const [first] = searchPlaces('bergen')
    expect(first).toMatchObject({ timeZone: 'Europe/Oslo' })
    expect(first!.name).toContain('Bergen')
  })
  it.each(['', 'x', 'zzzzzz'])('%p finds none', words => expect(searchPlaces(words)).toEqual([]))
  it('by coordinates have a clock too', () =>
    expect(zoneAt({ latitudeE6: -33_870_000, longitudeE6: 151_210_000 })).toBe('Australia/Sydney'))
})
