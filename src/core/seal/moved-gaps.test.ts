import { findingWords } from '@/words/findings'
import { moveCode } from '../fit/margin-log'
import { isSlot } from '../survey/slots'
import { done, entry, length, reading, trade } from '../test/fixtures'
import { GAPS, KIND_CASES, openingOf } from '../test/kind-cases'

const at = (minute: number) => new Date(Date.UTC(2026, 10, 20, 9, minute))
const gap = (slot: string, text: string, minute: number) =>
  reading(slot, text, { occasion: 'set', takenAt: at(minute).toISOString() })
const HUNG = Object.entries(KIND_CASES).filter(([, one]) => one.unit !== null)

/** A door of a case whose gaps were read as it was set, with moves of its leaves noted later, and gaps read again after. */
function doorOf([, one]: (typeof HUNG)[number], moves: readonly string[], again: readonly string[] = []) {
  const own = openingOf(one, 1)
  const by = trade(one.unit ? [one.unit] : [])
  const { fit } = done(own, by).work
  const slots = Object.entries(GAPS).filter(([slot]) => isSlot(slot))
  const set = slots.map(([slot, text]) => gap(slot, text, 1))
  const read = again.map(slot => gap(slot, '1/4', 9))
  const log = moves.map(code => entry('move', code, 'moved', at(5).getTime(), { value: { length: length('1/16') } }))
  const now = done({ ...own, readings: [...own.readings, ...set, ...read], log: [...own.log, ...log] }, by)
  return { hung: fit.value.hung, plan: now.seals, all: now }
}
const tightly = (one: (typeof HUNG)[number]) =>
  doorOf(one, []).hung.flatMap(({ hanging }) =>
    (['card.top', 'card.middle', 'card.bottom', 'card.2', 'card.3'] as const).map(card =>
      moveCode(hanging.id, card, 'cards'),
    ),
  )

describe('gaps after moves that were not read again', () => {
  it.each(HUNG)('%s: seals go by what the moves make of them, and say so; read again they are as read', (...one) => {
    const moves = tightly(one)
    const [before, after] = [doorOf(one, []), doorOf(one, moves)]
    const known = (door: typeof after) => (door.plan?.edges ?? []).map(edge => edge.expected)
    if (moves.length === 0) {
      expect(known(after)).toEqual(known(before))
      return
    }
    expect(known(before).includes('moved')).toBe(false)
    const moved = after.plan!.edges.filter(edge => edge.expected === 'moved')
    expect(moved.length).toBeGreaterThan(0)
    for (const { edge, gap: row } of moved) {
      const own = before.plan!.edges.find(it => it.edge.id === edge.id)!
      expect([edge.id, row]).not.toEqual([edge.id, own.gap])
      const again = doorOf(one, moves, edge.slots)
      const read = again.plan!.edges.find(it => it.edge.id === edge.id)!
      expect([edge.id, read.expected, read.gap!.gaps[0]!.value]).toEqual([edge.id, null, length('1/4')])
    }
  })
  it('are judged as they will be: a strike side that a card closes takes a thinner seal, marked as expected', () => {
    const one = HUNG.find(([name]) => name === 'a hinged outside unit')!
    const strikeOf = (door: ReturnType<typeof doorOf>) => door.plan!.edges.find(it => it.edge.role === 'latch')!
    const [before, after] = [doorOf(one, []), doorOf(one, tightly(one))].map(strikeOf)
    expect([before!.gap!.gaps[0]!.value, after!.gap!.gaps[0]!.value]).toEqual([length('1/8'), length('1/16')])
    const option = after!.options.find(it => it.holds)!
    const said = option.reasons.find(it => it.code === 'expected-gap')!
    expect(findingWords(said, '1/16').why).toBe('The leaf was moved since its gaps were read: read them again.')
  })
})
