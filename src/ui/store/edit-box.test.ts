import { merge } from '@/core/base/merge'
import type { Versioned } from '@/core/sheet'
import { type Clash, editBox } from './edit-box'
import { keptChange } from './outbox'
import { keepingBrowser } from './test/browser'

// A change of an edited record on its way: with the line away, two windows, a reply that was lost, a reload.

type Wished = {
  readonly swing: string | null
  readonly hinges: string | null
  readonly visit: { readonly reasons: readonly string[] }
}
const FIRST: Versioned<Wished> = { revision: 1, data: { swing: null, hinges: null, visit: { reasons: [] } } }
const PATH = '/api/openings/x/edits/wishes'

keepingBrowser()

/** A store of one record, as the routes answer: what both changed otherwise is refused with both sides. */
function store(at: Versioned<Wished> = FIRST) {
  let now = at
  let line: 'there' | 'away' | 'reply-lost' = 'there'
  const sent: unknown[] = []
  const answer = (status: number, body: unknown) => new Response(JSON.stringify(body), { status })
  globalThis.fetch = (async (_path: unknown, request: RequestInit) => {
    await Promise.resolve()
    if (line === 'away') throw new Error('no line')
    const { base, data } = JSON.parse(String(request.body))
    sent.push(data)
    const { value, clashes } = merge(base, data, now.data)
    if (clashes.length) return answer(409, { message: 'Changed otherwise.', current: now, clashes })
    if (JSON.stringify(value) !== JSON.stringify(now.data)) now = { revision: now.revision + 1, data: value as Wished }
    if (line === 'reply-lost') throw new Error('lost')
    return answer(200, now)
  }) as typeof fetch
  return {
    sent,
    now: () => now,
    put: (data: Partial<Wished>) => {
      now = { revision: now.revision + 1, data: { ...now.data, ...data } }
    },
    line: (next: typeof line) => {
      line = next
    },
  }
}

function window(first: Versioned<Wished> = FIRST) {
  const seen: { shown: Wished; said: string | null; clash: Clash<Wished> | null; stored: number } = {
    shown: first.data,
    said: null,
    clash: null,
    stored: 0,
  }
  const box = editBox<Wished>(first, PATH, {
    show: next => {
      seen.shown = next.data
    },
    tell: message => {
      seen.said = message
    },
    clash: one => {
      seen.clash = one
    },
    stored: () => {
      seen.stored++
    },
  })
  return { box, seen }
}

it('a change is shown at once, stored, and kept no longer than that', async () => {
  const there = store()
  const { box, seen } = window()
  box.save({ swing: 'in' })
  expect([seen.shown.swing, keptChange<Wished>(PATH)?.wanted.swing]).toEqual(['in', 'in'])
  await box.settled()
  expect([there.now().data.swing, there.now().revision, seen.stored, keptChange(PATH)]).toEqual(['in', 2, 1, null])
})

it('changes made while one is under way go together after it', async () => {
  const there = store()
  const { box } = window()
  box.save({ swing: 'in' })
  box.save({ swing: 'out' })
  box.save({ hinges: 'left' })
  await box.settled()
  expect(there.now().data).toMatchObject({ swing: 'out', hinges: 'left' })
  expect(there.sent.length).toBeLessThanOrEqual(2)
})

it('with the line away nothing is lost: said, kept over a reload, sent when it is there again', async () => {
  const there = store()
  there.line('away')
  const { box, seen } = window()
  box.save({ swing: 'in' })
  await box.settled()
  expect([seen.said, seen.shown.swing, there.now().revision]).toEqual([expect.stringContaining('try again'), 'in', 1])
  there.line('there')
  const reloaded = window()
  reloaded.box.resume()
  expect(reloaded.seen.shown.swing).toBe('in')
  await reloaded.box.settled()
  expect([there.now().data.swing, keptChange(PATH)]).toEqual(['in', null])
})

it('a reply that was lost stores once: sent again, it is the same', async () => {
  const there = store()
  there.line('reply-lost')
  const { box, seen } = window()
  box.save({ swing: 'in' })
  await box.settled()
  expect([there.now().revision, seen.said === null]).toEqual([2, false])
  there.line('there')
  box.again()
  await box.settled()
  expect([there.now().revision, there.now().data.swing, seen.said]).toEqual([2, 'in', null])
})

it('what another window changed beside it is taken in', async () => {
  const there = store()
  const { box, seen } = window()
  there.put({ hinges: 'right' })
  box.save({ swing: 'in' })
  await box.settled()
  expect([there.now().data, seen.shown]).toEqual([
    { ...FIRST.data, swing: 'in', hinges: 'right' },
    { ...FIRST.data, swing: 'in', hinges: 'right' },
  ])
})

describe('what both changed', () => {
  const clashing = async () => {
    const there = store()
    const { box, seen } = window()
    there.put({ swing: 'out' })
    box.save({ swing: 'in', hinges: 'left' })
    await box.settled()
    return { there, box, seen }
  }
  it('is shown with both sides, and nothing of either is stored over the other', async () => {
    const { there, seen } = await clashing()
    expect(seen.clash).toMatchObject({ paths: ['swing'], mine: { swing: 'in' }, current: { data: { swing: 'out' } } })
    expect(there.now().data.swing).toBe('out')
  })
  it.each([
    ['mine', 'in'],
    ['theirs', 'out'],
  ] as const)('settled as %s is %s; what only one changed stays', async (side, swing) => {
    const { there, box, seen } = await clashing()
    box.choose(side)
    await box.settled()
    expect([there.now().data.swing, there.now().data.hinges, seen.clash, seen.said]).toEqual([
      swing,
      'left',
      null,
      null,
    ])
  })
  it('is settled once: chosen again, nothing happens', async () => {
    const { there, box } = await clashing()
    box.choose('mine')
    await box.settled()
    const { revision } = there.now()
    box.choose('theirs')
    await box.settled()
    expect(there.now().revision).toBe(revision)
  })
})

it('a whole takes the place of everything: what it leaves out is gone', async () => {
  const there = store({ revision: 4, data: { swing: 'in', hinges: 'left', visit: { reasons: ['rot'] } } })
  const { box } = window(there.now())
  box.save({ swing: 'in' } as Wished, 'whole')
  await box.settled()
  expect(there.now().data).toEqual({ swing: 'in' })
})

it('a browser that keeps nothing loses only what a reload would', async () => {
  Object.assign(globalThis, {
    localStorage: {
      getItem: () => {
        throw new Error('private')
      },
      setItem: () => {
        throw new Error('private')
      },
      removeItem: () => {
        throw new Error('private')
      },
    },
  })
  const there = store()
  const { box, seen } = window()
  box.save({ swing: 'in' })
  await box.settled()
  expect([there.now().data.swing, seen.said, keptChange(PATH)]).toEqual(['in', null, null])
})
