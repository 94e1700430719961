import { length } from '../test/fixtures'
import { inches, mm } from '../units/length'
import { parseLength } from '../units/parse-length'
import { type Device, gapOf, lengthOf } from './device'

const laser: Device = { name: 'Laser', serial: 'L1', instrument: 'laser', exactness: '1.0 mm' }
const level: Device = { name: 'Level', serial: 'D1', instrument: 'level', exactness: '0.5 mm/m' }
const value = (text: string, unit: string) => ({ sequence: 1, value: text, unit })

describe('a laser’s value', () => {
  it.each([
    ['924.3', 'mm', mm(924.3)],
    ['0.9243', 'm', mm(924.3)],
    ['36.375', 'in', inches(36, 3, 8)],
    ['3.03125', 'ft', inches(36, 3, 8)],
  ])('%s %s is exact', (text, unit, expected) => {
    const read = lengthOf(laser, value(text, unit))
    expect(read.ok && read.value).toMatchObject({ value: expected, deviation: mm(1) })
  })
  it.each([
    ['924', 'furlong', 'device.unit'],
    ['far', 'mm', 'length.unreadable'],
    ['2.1', 'mm/m', 'device.unit'],
  ])('%s %s is refused', (text, unit, code) => {
    const read = lengthOf(laser, value(text, unit))
    expect(!read.ok && read.issues[0]!.code).toBe(code)
  })
  it('of a device with no exactness is refused', () => {
    const read = lengthOf({ ...laser, exactness: 'good' }, value('924', 'mm'))
    expect(read.ok).toBe(false)
  })
})

describe('a level’s slope', () => {
  it.each([
    ['2.0', 'mm/m', inches(72), '3.66 mm'],
    ['-2.0', 'mm/m', inches(72), '-3.66 mm'],
    ['0.0', 'mm/m', inches(72), '0.00 mm'],
    ['0.024', 'in/ft', inches(72), '3.66 mm'],
    ['0.11', '°', inches(24), '1.17 mm'],
  ] as const)('%s %s at the end of a level is a gap', (text, unit, over, expected) => {
    const read = gapOf(level, value(text, unit), over)
    expect(read.ok && read.value.text).toBe(expected)
    const again = parseLength(expected, { unit: 'in' })
    expect(read.ok && again.ok && read.value.value).toBe(again.ok && again.value.ticks)
  })
  it('is as exact as the level says, over its length', () => {
    const read = gapOf(level, value('1.0', 'mm/m'), length('1000 mm'))
    expect(read.ok && read.value.deviation).toBe(mm(0.5))
  })
  it.each([
    ['924', 'mm'],
    ['steep', 'mm/m'],
  ])('%s %s is none', (text, unit) => expect(gapOf(level, value(text, unit), inches(72)).ok).toBe(false))
})
