import { REPAIRS as RATES } from '../../trade/repairs'
import { REPAIR_NAMES } from '../../words/repairs'
import { planRepair, REPAIRS } from './repair'
import { CONDITIONS, NO_VISIT, REASONS, type Visit } from './visit'

const plan = (visit: Partial<Visit>) => planRepair({ ...NO_VISIT, ...visit }, RATES, 6000)

describe('what it takes to keep the old door', () => {
  it('is nothing where nothing was said', () => expect(plan({})).toBeNull())
  it('is material and work of each repair, place by place', () => {
    const { repairs, minutes, cents } = plan({ reasons: ['draft'], condition: { 'left-leg': 'rotten', head: 'soft' } })!
    expect(repairs.map(one => [one.id, one.count])).toEqual([
      ['new-seals', 1],
      ['splice-wood', 2],
    ])
    expect(minutes).toBe(75 + 2 * 210)
    expect(cents).toBe(5800 + 2 * 6500 + 75 * 100 + 420 * 100)
  })
  it('of a rotten threshold is a new one, of a cracked one only looks', () => {
    expect(plan({ condition: { threshold: 'rotten' } })!.repairs[0]!.id).toBe('new-threshold')
    expect(plan({ condition: { threshold: 'cracked' } })!.repairs[0]).toMatchObject({
      id: 'fill-crack',
      isCosmetic: true,
    })
  })
  it('knows a repair for every state and reason but rot, said by its places, and what only a new door brings', () => {
    for (const state of CONDITIONS) expect(plan({ condition: { leaf: state } })!.repairs).toHaveLength(1)
    expect(REASONS.filter(one => !plan({ reasons: [one] }))).toEqual(['rot', 'light', 'code', 'pet'])
    expect(Object.keys(REPAIR_NAMES).sort()).toEqual([...REPAIRS].sort())
  })
})
