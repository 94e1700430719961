import { drawnOf } from '../draw'
import { point } from '../geometry/point'
import { done, trade } from '../test/fixtures'
import { KIND_CASES, openingOf, sealed } from '../test/kind-cases'
import { inches } from '../units/length'
import { elevation } from './elevation'
import { path, type Scene } from './scene'
import { smallDoor } from './small-door'

/** Every number of a path that is a place, arcs' radii and flags left out. */
const placesIn = (d: string): readonly (readonly [number, number])[] =>
  [...d.replaceAll(/A\d+ \d+ 0 0 0 /g, 'L').matchAll(/[ML]?(-?\d+) (-?\d+)/g)].map(([, x, y]) => [Number(x), Number(y)])

describe.each(Object.entries(KIND_CASES))('%s drawn small', (_, one) => {
  const own = openingOf(one, 1)
  const { work } = done(own, trade(one.unit ? [sealed(one.unit)] : []))
  const scene = elevation(drawnOf(work, own.wishes), 'handover')
  const small = smallDoor(scene)
  it('is a few paths that lie on its sheet', () => {
    expect(small.strokes.length).toBeGreaterThan(0)
    expect(small.strokes.length).toBeLessThanOrEqual(scene.marks.length)
    const places = small.strokes.flatMap(it => placesIn(it.d))
    expect(places.every(([x, y]) => Number.isFinite(x) && Number.isFinite(y))).toBe(true)
    const across = places.map(([x]) => x)
    expect(Math.min(...across)).toBeGreaterThanOrEqual(-1)
    expect(Math.max(...across)).toBeLessThanOrEqual(small.width + 1)
  })
  it('is the same plain data after it was kept', () => expect(JSON.parse(JSON.stringify(small))).toEqual(small))
  it('joins what looks the same and follows', () => {
    for (const [i, it] of small.strokes.slice(1).entries()) {
      const before = small.strokes[i]!
      expect([it.role, it.certainty, it.closed]).not.toEqual([before.role, before.certainty, before.closed])
    }
  })
})

it('a square is drawn in sixteenths from its upper left, standing on the ground', () => {
  const corner = (x: number, y: number) => point(inches(x), inches(y))
  const scene: Scene = {
    name: 'elevation',
    marks: [path('hole', 'hole', [corner(1, 0), corner(3, 0), corner(3, 4), corner(1, 4)], true, 'sure')],
    from: corner(0, -1),
    to: corner(4, 5),
  }
  expect(smallDoor(scene)).toEqual({
    width: 64,
    height: 80,
    strokes: [{ role: 'hole', certainty: 'sure', closed: true, d: 'M16 80L48 80L48 16L16 16Z' }],
  })
})
