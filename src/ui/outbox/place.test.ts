import { placeOf } from './place'

it.each([
  ['/', 'list'],
  ['', 'list'],
  ['/jobs', 'list'],
  ['/jobs/', 'list'],
  ['/jobs/j1', { table: 'jobs', id: 'j1' }],
  ['/openings/o1/fit', { table: 'sheets', id: 'o1' }],
  ['/openings/o1', { table: 'sheets', id: 'o1' }],
  ['/orders/p1', { table: 'orders', id: 'p1' }],
  // Lists of the store and pages of the firm are never taken along; nor is what only sounds like a room.
  ['/openings', null],
  ['/orders', null],
  ['/catalogue', null],
  ['/constructor/x', null],
  ['/__proto__/x', null],
])('what stands at %s lies at %o', (path, place) => expect(placeOf(path)).toEqual(place))
