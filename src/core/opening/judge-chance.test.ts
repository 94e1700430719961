import { SURE_CHANCE } from '../../trade/rates'
import { done, records, TRUE_OPENING, trade, unit } from '../test/fixtures'
import { inches } from '../units/length'
import { chanceVerdict, judgeChance } from './judge-chance'

describe('a chance', () => {
  it.each([
    [1, 'chance-goes-in'],
    [0.975, 'chance-goes-in'],
    [0.9749, 'chance-too-close'],
    [0.5, 'chance-too-close'],
    [0.0251, 'chance-too-close'],
    [0.025, 'chance-does-not'],
    [0, 'chance-does-not'],
  ])('of %p is %s', (chance, code) => expect(chanceVerdict(chance, SURE_CHANCE)).toBe(code))
  it.each([
    [1, 99],
    [0, 1],
    [0.126, 13],
  ])('of %p is said as %p in 100: never as a certainty', (chance, said) =>
    expect(
      judgeChance(chance, { width: inches(36), height: inches(80), article: '' }, () => null, 'trim-off', SURE_CHANCE)
        .facts.chance,
    ).toBe(said),
  )
})

describe('a chosen unit', () => {
  const chosen = { chosen: { unit: unit().id, reason: '' } }
  const judged = (width: number) => {
    const wide = unit({ width: (unit().width + width) as ReturnType<typeof unit>['width'] })
    return done(records(TRUE_OPENING, chosen), trade([wide])).findings.measure.find(one => /^chance/.test(one.code))!
  }
  it('with room goes in', () => expect(judged(0).code).toBe('chance-goes-in'))
  it('just as wide as can be is too close to tell, and names the reading that decides', () => {
    const close = judged(inches(0, 1, 4))
    expect(close).toMatchObject({
      code: 'chance-too-close',
      severity: 'watch',
      cures: [{ code: 'reading.take-deciding' }],
    })
    expect(close.facts.deciding).toMatch(/^trim-off\/widths\./)
  })
  it('wider than the hole does not', () => expect(judged(inches(1)).code).toBe('chance-does-not'))
  it('gets no chance while a reading is suspect', () => {
    const { findings } = done(records({ ...TRUE_OPENING, 'trim-off/widths.top': '39' }, chosen), trade())
    expect(findings.measure.map(one => one.code)).toEqual(['reading-suspect', 'near-limit'])
  })
})
