import { codeOf, codeTyped, LABEL_SHEETS, labelAt, PAPER_MM, SHEETS } from './label'

describe('the code of an opening', () => {
  const id = '01900000-0000-7000-8000-00007fa291bc'
  it('is the same however it is typed', () => {
    expect(codeOf(id)).toBe('7FA2-91BC')
    for (const typed of ['7FA2-91BC', '7fa291bc', ' 7fa2 91bc ', '7FA2–91BC'.replace('–', '-')])
      expect(id.endsWith(codeTyped(typed)!)).toBe(true)
  })
  it.each(['', '7FA2', '7FA2-91BG', '7FA2-91BC-1', '%', '../../x'])('%p is none', typed =>
    expect(codeTyped(typed)).toBeNull(),
  )
})

describe.each(LABEL_SHEETS)('a sheet of %s', id => {
  const sheet = SHEETS[id]
  const count = sheet.across * sheet.down
  it('has every label on the paper, none on another', () => {
    const paper = PAPER_MM[sheet.paper]
    const all = Array.from({ length: count }, (_, n) => labelAt(sheet, n))
    for (const [i, one] of all.entries()) {
      expect([one.page, one.x >= 0, one.y >= 0]).toEqual([0, true, true])
      expect(one.x + sheet.width).toBeLessThanOrEqual(paper.width + 0.01)
      expect(one.y + sheet.height).toBeLessThanOrEqual(paper.height + 0.01)
      for (const other of all.slice(i + 1))
        expect(
          Math.abs(one.x - other.x) >= sheet.width - 0.01 || Math.abs(one.y - other.y) >= sheet.height - 0.01,
        ).toBe(true)
    }
  })
  it('goes on on the next page', () => expect(labelAt(sheet, count)).toEqual({ ...labelAt(sheet, 0), page: 1 }))
})
