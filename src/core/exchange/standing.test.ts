import { type OrderFacts, orderStanding } from './standing'

const facts = (more: Partial<OrderFacts>): OrderFacts => ({
  isWithdrawn: false,
  isReceived: false,
  answered: null,
  hasAnswers: false,
  messages: 1,
  sent: 0,
  ...more,
})

describe('where an order stands', () => {
  it.each([
    ['came with a file', { messages: 0 }, 'elsewhere'],
    ['was put on its way', {}, 'waiting'],
    ['was taken by the supplier', { sent: 1 }, 'sent'],
    ['was answered in a way nobody reads', { sent: 1, hasAnswers: true }, 'not-understood'],
    ['was asked about', { hasAnswers: true, answered: 'query' }, 'query'],
    ['was read as sent', { hasAnswers: true, answered: 'agrees' }, 'acknowledged'],
    ['was read otherwise and taken so', { hasAnswers: true, answered: 'accepted' }, 'acknowledged'],
    ['was read otherwise', { hasAnswers: true, answered: 'open' }, 'open'],
    ['came, whatever was answered', { answered: 'open', isReceived: true }, 'received'],
    ['was withdrawn, whatever came', { isReceived: true, isWithdrawn: true }, 'withdrawn'],
    ['came with a file and was received', { messages: 0, isReceived: true }, 'received'],
  ] as const)('one that %s: %#', (_, more, standing) => expect(orderStanding(facts(more))).toBe(standing))
})
