import { photoSchema } from '../survey/photo'
import { entry } from '../test/fixtures'
import type { Edge } from './edge'
import { edgePlace, proofPhotos } from './proof-photos'

const at = (minute: number) => new Date(Date.UTC(2026, 10, 20, 9, minute)).toISOString()
const photo = (slot: string | null, minute: number) =>
  photoSchema.parse({
    id: '01900000-0000-4000-8000-0000000000aa',
    slot,
    width: 10,
    height: 10,
    note: '',
    takenBy: 'Ida',
    takenAt: at(minute),
  })
const EDGES = ['head', 'left', 'bottom.right'].map(id => ({ id }) as Edge)
const fitted = new Map([
  ['head/push-in-foam', entry('seal', 'head/push-in-foam', 'fitted', Date.UTC(2026, 10, 20, 9, 10))],
])

describe('photos of the edges', () => {
  it('stand as before and after by when the edge’s seal went in, the last of each, in whatever order they came', () => {
    const [early, late, again, since] = [1, 5, 12, 20].map(minute => photo('seal.head', minute))
    expect(proofPhotos(EDGES, [since!, early!, again!, late!], fitted)).toEqual([
      { edge: 'head', before: late, after: since },
    ])
  })
  it('of an edge without a seal are all from before; others’ and the door’s own are left out', () => {
    const left = photo('seal.left', 30)
    expect(proofPhotos(EDGES, [left, photo(null, 1), photo('view.door', 2)], fitted)).toEqual([
      { edge: 'left', before: left, after: null },
    ])
  })
  it('belong to an edge by its name, of two leaves too, and to nothing else', () => {
    for (const { id } of EDGES) expect(photo(edgePlace(id), 1).slot).toBe(`seal.${id}`)
    for (const odd of ['seal.', 'seal.head/push', 'seal.9', 'seal.head one']) expect(() => photo(odd, 1)).toThrow()
  })
})
