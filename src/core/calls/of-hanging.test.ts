import { CALL_TRADE } from '../../compute/call-trade'
import { inches } from '../units/length'
import { answer } from './calls'

const LEAF = { width: '36', height: '96' }
const FOUR = { bottom: '10', inner: ['62', '36'], top: '88' }
const ask = (call: string, input: object) => answer({ call, input }, CALL_TRADE)
const predict = (hinges: object, moves: readonly object[], reveals: object = { 'hinge.middle': '1/8' }) =>
  ask('reveal.predict', { leaf: LEAF, hinges, reveals, moves })

describe('a leaf on four hinges, asked from outside', () => {
  it('is moved at each of them, and the one that stands farthest off is what binds', () => {
    const one = (adjuster: string) => predict(FOUR, [{ adjuster, steps: 1 }])
    expect(one('card.2')).toMatchObject({ ok: { bind: inches(0, 1, 32) } })
    expect(one('card.3')).toMatchObject({ ok: { bind: inches(0, 1, 32) } })
    const all = ['card.top', 'card.2', 'card.3', 'card.bottom'].map(adjuster => ({ adjuster, steps: 2 }))
    expect(predict(FOUR, all)).toMatchObject({ ok: { bind: 0, reveals: { 'hinge.middle': inches(0, 3, 16) } } })
  })
  it('is tuned by cards at all four where it hangs tight along its hinges', () => {
    const side = (text: string) => Object.fromEntries(['top', 'middle', 'bottom'].map(at => [at, text]))
    const named = (name: string, all: Readonly<Record<string, string>>) =>
      Object.fromEntries(Object.entries(all).map(([at, text]) => [`${name}.${at}`, text]))
    const reveals = { ...named('hinge', side('1/16')), ...named('strike', side('3/16')) }
    const none = Object.fromEntries(
      ['pack.top', 'pack.2', 'pack.3', 'pack.bottom', 'strike.top', 'strike.middle', 'strike.bottom'].map(one => [
        one,
        [0, 0],
      ]),
    )
    const reply = ask('reveal.tune', { leaf: LEAF, hinges: FOUR, reveals, aim: 'middle', limits: none })
    expect(reply).toMatchObject({
      ok: {
        worstMiss: 0,
        moves: ['card.top', 'card.2', 'card.3', 'card.bottom'].map(adjuster => ({ adjuster, steps: 2 })),
      },
    })
  })
  it.each([
    { hinges: { ...FOUR, inner: ['36', '62'] }, why: 'from the top down' },
    { hinges: { ...FOUR, inner: ['90', '36'] }, why: 'between the outer two' },
    { hinges: { ...FOUR, inner: ['70', '60', '50', '40'] }, why: 'no more than three between' },
    { hinges: { ...FOUR, middle: '40' }, why: 'one way or the other' },
  ])('is refused where its inner hinges are not $why', ({ hinges }) => {
    expect(predict(hinges, [])).toMatchObject({ error: { path: 'hinges.inner' } })
  })
  it('has no adjuster that a leaf on three has, nor the other way round', () => {
    const three = { bottom: '10', middle: '48', top: '88' }
    expect(predict(FOUR, [{ adjuster: 'card.middle', steps: 1 }])).toMatchObject({ error: { code: 'input.choice' } })
    expect(predict(three, [{ adjuster: 'card.2', steps: 1 }])).toMatchObject({ error: { code: 'input.choice' } })
    expect(predict({ bottom: '10', top: '88' }, [{ adjuster: 'pack.middle', steps: 1 }])).toMatchObject({
      error: { code: 'input.choice' },
    })
    expect(predict(three, [{ adjuster: 'card.middle', steps: 1 }])).toHaveProperty('ok')
  })
})
