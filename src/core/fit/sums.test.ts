import type { OpeningPoints } from '../opening/opening'
import { sideGapsAt } from '../opening/place-unit'
import { length, NOW, randomFrom, trade, wholeFrom } from '../test/fixtures'
import { KIND_CASES, type KindCase, openingOf, sealed } from '../test/kind-cases'
import { sumOf, TICKS_PER_INCH } from '../units/length'
import { workbench } from '../work'

// What stands between hole and hole at every height, for 2,000 made-up openings of every kind that is packed.

const PACKED = Object.entries(KIND_CASES).filter(
  ([, one]) => one.unit && !['storm', 'steel-leaf', 'lock-set'].includes(one.family),
)
const EACH = Math.ceil(2000 / PACKED.length)
const SIZES = /\/(widths|heights)\.|^wall\./
const CROOKED = ['lean.left', 'lean.right', 'fall.sill', 'fall.head', 'bow.left', 'bow.right', 'crown.sill'] as const

/** The case with every size moved by up to 3/8 and what is crooked up to 1/4 either way, in sixty-fourths. */
function crooked({ texts, way, ...one }: KindCase, random: () => number): KindCase {
  const by = (most: number) => (wholeFrom(random, -most, most) * TICKS_PER_INCH) / 64
  const sized = Object.entries(texts).map(([slot, text]) => [
    slot,
    SIZES.test(slot) ? `${(length(text) + Math.abs(by(24))) / TICKS_PER_INCH} in` : text,
  ])
  const bent = CROOKED.map(name => [`${way}/${name}`, `${by(16) / TICKS_PER_INCH} in`])
  const {
    [`${way}/diagonals.risingRight`]: _r,
    [`${way}/diagonals.risingLeft`]: _l,
    ...all
  } = Object.fromEntries([...sized, ...bent])
  return { ...one, way, texts: all }
}

/** Where a side of the hole is at a height, by its three points alone. */
function sideAt(hole: OpeningPoints, side: 'L' | 'R', y: number): number {
  const [foot, middle, top] = ([0, 1, 2] as const).map(n => hole[`${side}${n}`])
  const [from, to] = y <= middle!.y ? [foot!, middle!] : [middle!, top!]
  return from.x + ((to.x - from.x) * (y - from.y)) / (to.y - from.y)
}

it.each(PACKED)(
  'in %s frame, filler and packs fill the hole to the tick, and no pack is thicker than its gap',
  (_, one) => {
    const random = randomFrom(one.family.length * 7919)
    const by = trade([sealed(one.unit!)])
    // One bench for all: what is the same of each is worked out once.
    const work = workbench()
    let placed = 0
    const wrong: unknown[] = []
    for (let i = 0; i < EACH; i++) {
      const { order, fit } = work(openingOf(crooked(one, random), 1), by, NOW)
      const [{ chosen }, { shims }] = [order.value, fit.value]
      if (!chosen?.placement || !chosen.hole) continue
      const { placement, hole, unit } = chosen
      placed++
      for (const { at, member, gap, filler, pack } of shims?.points ?? []) {
        if (member === 'head') continue
        const [gaps] = sideGapsAt(hole, placement, unit.width, [at])
        if (gap !== gaps![member]) wrong.push([i, member, at, 'gap', gap, gaps![member]])
        if (!pack) continue
        const flats = filler + sumOf(pack.flats)
        if (gap - flats - pack.leftOver < 0 || flats > gap)
          wrong.push([i, member, at, 'pack', gap, flats, pack.leftOver])
      }
      for (const { at, member, gap } of shims?.points ?? []) {
        const other = shims!.points.find(point => member === 'left' && point.member === 'right' && point.at === at)
        if (!other) continue
        const wide = sideAt(hole, 'R', placement.bottom + at) - sideAt(hole, 'L', placement.bottom + at)
        const sum = gap + unit.width + other.gap
        if (Math.abs(sum - wide) > 1) wrong.push([i, at, 'sum', sum, wide])
      }
    }
    expect(wrong).toEqual([])
    expect(placed).toBeGreaterThan(EACH / 2)
  },
)
