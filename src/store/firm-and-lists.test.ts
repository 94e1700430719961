import { v7 as uuidV7 } from 'uuid'
import { NEW_FIRM } from '@/core/catalogue/firm'
import { FIRM } from '@/core/records/records'
import { readRecord } from '@/core/records/version'
import { sheetOf } from '@/core/seal-stock/own-seal'
import { unit } from '@/core/test/fixtures'
import { inches } from '@/core/units/length'
import { SEALS } from '@/trade/seals'
import { saveChange } from './edits'
import { findFirm, firmPlace, lockCompany } from './firm'
import { sharedStore, someCompany } from './test/database'
import { addUnit, catalogueRevision, findUnits, listUnits, putUnits } from './units'

const store = sharedStore()

describe('the firm’s own', () => {
  it('is saved from its revision, the first time from 0; from an older one what both changed is refused', async () => {
    const { acting } = await someCompany(store().db, 'Firm')
    const place = firmPlace(store().db, acting)
    const data = { ...NEW_FIRM, secondLookCents: 7 }
    const save = (revision: number, base: typeof data, wanted: typeof data) =>
      saveChange(place, { revision, base, data: wanted })
    expect(await save(0, NEW_FIRM, data)).toEqual({ ok: true, current: { revision: 1, data } })
    expect(await save(0, NEW_FIRM, { ...NEW_FIRM, secondLookCents: 9 })).toEqual({
      ok: false,
      current: { revision: 1, data },
      clashes: ['secondLookCents'],
    })
    expect(await save(1, data, NEW_FIRM)).toEqual({ ok: true, current: { revision: 2, data: NEW_FIRM } })
  })
  it('changed by two beside each other keeps both', async () => {
    const { acting } = await someCompany(store().db, 'Two at the firm')
    const place = firmPlace(store().db, acting)
    const one = { ...NEW_FIRM, secondLookCents: 7 }
    const other = { ...NEW_FIRM, conventions: { Test: 'din107' as const } }
    const saved = await Promise.all([one, other].map(data => saveChange(place, { revision: 0, base: NEW_FIRM, data })))
    expect(saved.map(it => it.ok)).toEqual([true, true])
    expect((await findFirm(store().db, acting)).data).toEqual({ ...one, conventions: other.conventions })
  })
  it('of two who change seals and off-cuts beside each other keeps both; of the same one it asks', async () => {
    const { acting } = await someCompany(store().db, 'Seals and off-cuts')
    const place = firmPlace(store().db, acting)
    const seals = { own: [sheetOf(SEALS[0]!)], withShipped: false }
    const offCuts = [{ seal: SEALS[0]!.id, length: inches(40), first: null, holes: null }]
    const one = { ...NEW_FIRM, seals }
    const saved = await Promise.all(
      [one, { ...NEW_FIRM, offCuts }].map(data => saveChange(place, { revision: 0, base: NEW_FIRM, data })),
    )
    expect(saved.map(it => it.ok)).toEqual([true, true])
    expect((await findFirm(store().db, acting)).data).toEqual({ ...one, offCuts })
    const other = { ...NEW_FIRM, seals: { own: [sheetOf(SEALS[1]!)], withShipped: true } }
    expect(await saveChange(place, { revision: 0, base: NEW_FIRM, data: other })).toMatchObject({ ok: false })
    expect((await findFirm(store().db, acting)).data.seals).toEqual(seals)
  })
  it('of before seals and off-cuts were kept has none of its own, and chooses among those that ship', () => {
    const { seals: _s, offCuts: _o, ...old } = NEW_FIRM
    const { own, withShipped } = readRecord(FIRM, old, 5).seals
    expect([own, withShipped, readRecord(FIRM, old, 5).offCuts]).toEqual([[], true, []])
    expect(() =>
      readRecord(FIRM, { ...NEW_FIRM, offCuts: [{ seal: '', length: -1, first: null, holes: null }] }, 7),
    ).toThrow()
  })
  it('is changed by one at a time while somebody holds it', async () => {
    const { acting } = await someCompany(store().db, 'One at a time')
    const order: string[] = []
    const held = store().db.transaction(async tx => {
      await lockCompany(tx, acting)
      order.push('first holds')
      await new Promise(resolve => setTimeout(resolve, 150))
      order.push('first lets go')
    })
    await new Promise(resolve => setTimeout(resolve, 40))
    const second = store().db.transaction(async tx => {
      await lockCompany(tx, acting)
      order.push('second holds')
    })
    await Promise.all([held, second])
    expect(order).toEqual(['first holds', 'first lets go', 'second holds'])
  })
})

describe('a maker’s list', () => {
  it('replaces what it had, adds what is new, and makes the catalogue’s revision count up', async () => {
    const { acting } = await someCompany(store().db, 'Lists')
    const [one, two] = [unit({ id: uuidV7(), article: 'A' }), unit({ id: uuidV7(), article: 'B' })]
    await putUnits(store().db, acting, [one])
    await putUnits(store().db, acting, [{ ...one, priceCents: 1 }, two])
    expect((await listUnits(store().db, acting)).map(({ article, priceCents }) => [article, priceCents])).toEqual([
      ['A', 1],
      ['B', 60_000],
    ])
    expect(await catalogueRevision(store().db, acting)).toBe(2)
    expect(await findUnits(store().db, acting, [two.id, uuidV7()])).toEqual([two])
  })
  it('one unit by hand is added once, and never replaces what is there', async () => {
    const { acting } = await someCompany(store().db, 'By hand')
    const one = unit({ id: uuidV7() })
    expect(await addUnit(store().db, acting, one)).toBe(true)
    expect(await addUnit(store().db, acting, { ...one, priceCents: 1 })).toBe(false)
    expect(await listUnits(store().db, acting)).toEqual([one])
    const { acting: other } = await someCompany(store().db, 'By another hand')
    expect(await addUnit(store().db, other, one)).toBe(true)
  })
  it('one article of two makers is two units', async () => {
    const { acting } = await someCompany(store().db, 'Two makers')
    await putUnits(store().db, acting, [unit({ id: uuidV7() }), unit({ id: uuidV7(), maker: 'Other' })])
    expect(await listUnits(store().db, acting)).toHaveLength(2)
  })
})
