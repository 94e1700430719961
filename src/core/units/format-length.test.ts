import { randomFrom, wholeFrom } from '../test/fixtures'
import { parseSize } from './call-size'
import {
  type DisplayStep,
  finerStep,
  formatLength,
  formatRead,
  formatWithUnit,
  lengthParts,
  onTape,
  shownStep,
  workStep,
} from './format-length'
import { inches, mm, ticks } from './length'
import { parseLength } from './parse-length'

describe('a length on display', () => {
  it.each([
    [inches(36, 3, 8), '1/16', '36 3/8'],
    [inches(36, 3, 8), '1/8', '36 3/8'],
    [inches(36, 13, 32), '1/16', '≈ 36 7/16'],
    [inches(36), '1/16', '36'],
    [inches(0, 1, 2), '1/16', '1/2'],
    [inches(0, 63, 64), '1/16', '≈ 1'],
    [ticks(0), '1/16', '0'],
    [ticks(1), '1/16', '≈ 0'],
    [ticks(-1), '1/16', '≈ 0'],
    [ticks(-inches(1, 3, 16)), '1/16', '-1 3/16'],
    [mm(924), '1', '924'],
    [mm(924.5), '1', '≈ 925'],
    [mm(924.5), '0.5', '924.5'],
    [ticks(-mm(0.5)), '1', '≈ -1'],
  ] as [ReturnType<typeof ticks>, DisplayStep, string][])('%p to %s is %s', (length, step, text) =>
    expect(formatLength(length, step)).toBe(text),
  )

  it('carries its unit with it', () =>
    expect([formatWithUnit(inches(3), '1/16'), formatWithUnit(mm(3), '1')]).toEqual(['3 in', '3 mm']))
  it('is read back as what it was, for any tape fraction', () => {
    const random = randomFrom(11)
    for (let i = 0; i < 500; i++) {
      const length = ticks(wholeFrom(random, -6400, 6400) * 1270)
      const parsed = parseLength(formatLength(length, '1/64'), { unit: 'in' })
      expect(parsed).toMatchObject({ ok: true, value: { ticks: length } })
    }
  })
  it('comes apart for a real fraction', () =>
    expect(lengthParts(inches(2, 6, 16), '1/16')).toEqual({
      negative: false,
      whole: '2',
      numerator: 3,
      denominator: 8,
      exact: true,
    }))
  it('has finer steps for small figures and for work', () =>
    expect([finerStep('1/16'), finerStep('1'), workStep('1/16'), workStep('1')]).toEqual([
      '1/32',
      '0.5',
      '1/64',
      '0.1',
    ]))
})

describe('a limit or something that was read', () => {
  it.each([
    [inches(5 / 32), '1/16', '5/32 in'],
    [inches(3 / 16), '1/16', '3/16 in'],
    [mm(4.5), '1', '4.5 mm'],
    [mm(5), '1', '5 mm'],
    [inches(1 / 128), '1/8', '≈ 1/64 in'],
  ] as const)('%s in %s is %s', (length, step, said) => expect(formatRead(length, step)).toBe(said))
})

describe('a call size', () => {
  it.each([
    ['3068', 36, 80],
    ['2868', 32, 80],
    ['21068', 34, 80],
    ['21168', 35, 80],
    ['3/0 x 6/8', 36, 80],
    ['2/10x6/8', 34, 80],
    ['36x80', 36, 80],
    ['36 × 80', 36, 80],
    ['36 X 80', 36, 80],
  ])('%s', (text, width, height) =>
    expect(parseSize(text)).toEqual({ ok: true, value: { width: inches(width), height: inches(height) } }),
  )
  it('is metric from 300 on', () =>
    expect(parseSize('826x2040')).toEqual({ ok: true, value: { width: mm(826), height: mm(2040) } }))
  it.each(['30688', '3', '3X68', '99x', '', '0000', '36 by 80', '3012x', 'x80', '9999999'])('is not “%s”', text =>
    expect(parseSize(text)).toMatchObject({ ok: false, issues: [{ code: 'size.unreadable' }] }),
  )
})

describe('with a decimal comma', () => {
  it.each([
    [mm(924.5), '0.5', true, '924,5'],
    [mm(924.5), '1', true, '≈ 925'],
    [mm(0), '0.1', true, '0,0'],
    [mm(-0.5), '0.1', true, '-0,5'],
    [mm(924.5), '0.5', false, '924.5'],
    [inches(36, 3, 8), '1/16', true, '36 3/8'],
  ] as const)('%p in %s is shown as %s', (length, step, hasComma, text) =>
    expect(formatLength(length, shownStep(step, hasComma))).toBe(text),
  )
  it('keeps it in finer steps', () => {
    expect([finerStep('1,'), workStep('1,'), finerStep('1'), workStep('1/16')]).toEqual(['0.5,', '0.1,', '0.5', '1/64'])
    expect(formatWithUnit(mm(1.5), finerStep(shownStep('1', true)))).toBe('1,5 mm')
    expect(formatRead(mm(1.4), '1,')).toBe('1,4 mm')
  })
  it('is understood as it is shown', () => {
    for (let i = 1; i < 200; i++) {
      const length = ticks(i * 1600)
      const text = formatLength(length, '0.5,')
      expect(parseLength(text, { unit: 'mm' })).toMatchObject({ ok: true, value: { ticks: length } })
    }
  })
})

describe('a size on a tape', () => {
  it.each([
    [inches(0, 21, 64), '1/16', '5/16'],
    [inches(0, 7, 32), '1/16', '3/16 strong'],
    [inches(0, 15, 64), '1/16', '1/4'],
    [inches(3, 31, 32), '1/16', '3 15/16 strong'],
    [mm(8.4), '1', '8 strong'],
    [mm(8.9), '1', '9'],
    [mm(8.6), '1', '9 light'],
    [mm(8.2), '0.5', '8'],
  ] as const)('%d ticks in %s stands at %s', (size, step, said) => expect(onTape(size, step)).toBe(said))
  it('says nothing where it stands on a mark', () => {
    expect(onTape(inches(0, 5, 16), '1/16')).toBeNull()
    expect(onTape(mm(12), '0.1')).toBeNull()
  })
  it.each(['1/16', '1'] as const)('typed in %s again it is never further off than a quarter of a mark', step => {
    const random = randomFrom(15)
    const unit = step === '1' ? 'mm' : 'in'
    const mark = Number(unit === 'mm' ? mm(1) : inches(0, 1, 16))
    for (let i = 0; i < 500; i++) {
      const size = ticks(wholeFrom(random, 1, 4_000_000))
      const said = onTape(size, step)
      if (said === null) continue
      const read = parseLength(said, { unit })
      expect(read.ok && Math.abs(read.value.ticks - size) <= mark / 4 + 1).toBe(true)
    }
  })
})
