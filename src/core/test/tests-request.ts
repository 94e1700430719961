import { NUMBERS } from '../../trade/rates'
import { PARTED_ON, TESTS } from '../../trade/tests'
import { planTests, type TestsRequest } from '../handover/plan-tests'
import { LENGTHS } from './fixtures'

/** The tests of a door of which nothing was read; with what a test puts in its place. */
export const testsOf = (more: Partial<TestsRequest> & Pick<TestsRequest, 'of'>): ReturnType<typeof planTests> =>
  planTests({
    tests: TESTS,
    swing: 'in',
    where: new Set(),
    partedOn: PARTED_ON,
    lengths: LENGTHS,
    numbers: NUMBERS,
    log: [],
    readings: [],
    facts: new Map(),
    hung: [],
    closed: [],
    ...more,
  })
