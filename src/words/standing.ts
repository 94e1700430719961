import type { Severity } from '@/core/base/finding'
import type { OrderStanding } from '@/core/exchange/standing'

/** Where an order stands with its supplier and on site: what it is called, how it is marked, what comes next. */
export const STANDING_WORDS: Readonly<
  Record<OrderStanding, readonly [name: string, severity: Severity, next: string]>
> = {
  elsewhere: [
    'Not sent from here',
    'watch',
    'It came in with a job file. What its supplier answered is where it was sent from.',
  ],
  waiting: [
    'On its way',
    'watch',
    'It waits until the supplier can be reached. It is ordered once, however often it is sent.',
  ],
  sent: ['Sent', 'watch', 'The supplier has it. Its acknowledgement is waited for.'],
  'not-understood': ['Answer not understood', 'correct', 'What came is kept below as it came. Ask the supplier.'],
  query: ['Supplier asks', 'correct', 'Answer the supplier; a change goes out as the next revision.'],
  refused: ['Refused by the supplier', 'stop', 'Choose another unit, and release the next revision.'],
  open: ['Acknowledged otherwise', 'stop', 'Decide each difference below: accept it, or object to it.'],
  objected: [
    'Objected',
    'correct',
    'The objection is written to the supplier. Its corrected acknowledgement is waited for.',
  ],
  acknowledged: ['Acknowledged', 'fine', 'The unit is made or on its way. Look at it before the old door is touched.'],
  withdrawn: ['Withdrawn', 'fine', 'The supplier is told. Its openings can be ordered anew.'],
  received: ['Received', 'fine', 'The old door may come out.'],
}
