import { entry } from '../test/fixtures'
import { callBacks, callCode, openCalls } from './call-backs'

const call = (key: string, from: number, ...rest: ReturnType<typeof entry>[]) => [
  entry('call', callCode(key, 'rubs-head'), 'opened', from, { text: 'It scrapes.', by: 'Ida Marlow' }),
  ...rest,
]
const found = (key: string, at: number, cause: 'leaf-swollen' | 'strike-off') =>
  entry('call', callCode(key, cause), 'found', at)
const cured = (key: string, at: number) => entry('call', callCode(key, 'cure'), 'cured', at, { text: 'Planed.' })

describe('a call-back', () => {
  it('is opened, found, cured and closed, whatever the order its entries arrive in', () => {
    const log = [entry('call', 'k1', 'closed', 40), cured('k1', 30), found('k1', 20, 'leaf-swollen'), ...call('k1', 10)]
    expect(callBacks(log)).toMatchObject([
      {
        key: 'k1',
        symptom: 'rubs-head',
        said: 'It scrapes.',
        openedBy: 'Ida Marlow',
        found: { what: 'leaf-swollen' },
        cured: { text: 'Planed.' },
        closedAt: new Date(40).toISOString(),
      },
    ])
    expect(openCalls(log)).toEqual([])
  })
  it('found to be something else later is that', () =>
    expect(callBacks(call('k1', 1, found('k1', 2, 'strike-off'), found('k1', 3, 'leaf-swollen')))[0]!.found!.what).toBe(
      'leaf-swollen',
    ))
  it('taken up again is open, and two of one door are kept apart', () => {
    const log = [
      ...call('k1', 1, entry('call', 'k1', 'closed', 2), entry('call', 'k1', 'reopened', 3)),
      ...call('k2', 5),
    ]
    expect(openCalls(log).map(one => one.key)).toEqual(['k2', 'k1'])
  })
  it('of no symptom anybody knows is none, and its rest makes none up', () => {
    expect(callBacks([entry('call', 'k1/haunted', 'opened', 1), found('k9', 2, 'strike-off')])).toEqual([])
    expect(callBacks(call('k1', 1, entry('call', 'k1/gremlins', 'found', 2)))[0]!.found).toBeNull()
  })
})
