import { COLUMNS } from '@/core/catalogue/columns'
import { columnName } from './columns'

it('every column of a catalogue has a name of its own that begins large', () => {
  const names = COLUMNS.map(one => columnName(one.id))
  expect(new Set(names).size).toBe(names.length)
  expect(names.filter(name => !/^[A-Z]/.test(name))).toEqual([])
})
