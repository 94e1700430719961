import type { OfferShown, RecordShown, Signing } from './share'
import { signingIssue } from './share'
import { sharingSchema, signingSchema } from './share-record'

const choice = (id: string, colours: readonly string[]) => ({ id, colours }) as unknown as OfferShown['choices'][number]
const OFFER = {
  kind: 'offer',
  choices: [choice('a', ['white', 'slate']), choice('b', ['white'])],
  repair: null,
} as unknown as OfferShown
const RECORD = { kind: 'record' } as RecordShown
const STROKE = [
  [
    [1, 1],
    [9, 9],
  ],
] as const
const signing = (more: Partial<Signing> = {}): Signing => ({
  name: 'Wanda Selby',
  choice: 'a',
  colour: 'slate',
  reason: '',
  strokes: STROKE,
  ...more,
})

describe('a signing', () => {
  it.each([
    ['whole', signing(), null],
    ['of one colour alone', signing({ choice: 'b', colour: '' }), null],
    ['without a name', signing({ name: ' W ' }), 'name'],
    ['of what is not offered', signing({ choice: 'c' }), 'choice'],
    ['without a colour where there are several', signing({ colour: '' }), 'colour'],
    ['of a colour it is not made in', signing({ colour: 'pink' }), 'colour'],
    ['of a colour where there is none to choose', signing({ choice: 'b', colour: 'white' }), 'colour'],
    ['to keep the old door where no repair is offered', signing({ choice: 'repair', colour: '' }), 'choice'],
    ['without a stroke', signing({ strokes: [] }), 'signature'],
    ['with a dot for a hand', signing({ strokes: [[[5, 5]]] }), 'signature'],
  ])('%s: %j', (_, one, issue) => expect(signingIssue(OFFER, one, false)).toBe(issue))
  it('may be typed by whoever can’t draw', () => expect(signingIssue(OFFER, signing({ strokes: [] }), true)).toBeNull())
  it('to keep the old door is taken where it is offered', () =>
    expect(
      signingIssue({ ...OFFER, repair: { cents: 1, items: [] } }, signing({ choice: 'repair', colour: '' }), false),
    ).toBeNull())
  it('of a record has nothing to choose', () => {
    expect(signingIssue(RECORD, signing({ choice: 'record', colour: '' }), false)).toBeNull()
    expect(signingIssue(RECORD, signing({ choice: 'a' }), false)).toBe('choice')
  })
})

describe('what is sent to be signed', () => {
  const body = { ...signing(), typedStands: false }
  it.each([
    ['as it should be', body, true],
    ['with a stroke out of its field', { ...body, strokes: [[[1, 5000]]] }, false],
    ['with half a point', { ...body, strokes: [[[0.5, 1]]] }, false],
    ['with more strokes than a hand makes', { ...body, strokes: Array(61).fill([[1, 1]]) }, false],
    ['with something besides', { ...body, admin: true }, false],
  ])('%s: %s', (_, value, isTaken) => expect(signingSchema.safeParse(value).success).toBe(isTaken))
  it('is at most three units side by side', () => {
    const id = '01900000-0000-4000-8000-000000000001'
    const asked = { id, kind: 'offer', units: [id, id, id], note: '', mails: false }
    expect(sharingSchema.safeParse(asked).success).toBe(true)
    expect(sharingSchema.safeParse({ ...asked, units: [id, id, id, id] }).success).toBe(false)
    expect(sharingSchema.safeParse({ ...asked, kind: 'invoice' }).success).toBe(false)
  })
})
