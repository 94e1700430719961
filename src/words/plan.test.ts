import { BREAKS } from '@/core/plan/board'
import { wallAt } from '@/core/plan/wall'
import { TASK_KINDS } from '@/core/plan/work-tasks'
import { breakWords, clockWords, lastsWords, leftWords, TASK_WAITS, taskName, wallWords } from './plan'

describe('times', () => {
  it.each([
    [0, '00:00'],
    [450, '07:30'],
    [713.6, '11:53'],
    [1439, '23:59'],
  ])('%p minutes after midnight are %p', (minute, said) => expect(clockWords(minute)).toBe(said))
  it.each([
    [0, '0 min'],
    [45, '45 min'],
    [60, '1 h'],
    [135, '2 h 15'],
    [601, '10 h 01'],
  ])('%p minutes last %p', (minutes, said) => expect(lastsWords(minutes)).toBe(said))
  it('are said with their day', () => expect(wallWords(wallAt('2026-11-30', 485))).toBe('Mon 30 Nov 2026, 08:05'))
})

describe('what a placing breaks', () => {
  it.each(BREAKS)('is a sentence for %s, with the moment at which it would not', code => {
    const other = code === 'blocked' ? 'supplier' : 'o/work-1'
    const said = breakWords({ task: 't', code, other, from: wallAt('2026-12-01', 480) }, task => `the task ${task}`)
    expect(said).toMatch(/^[A-Z][^.]+\. Not so from Tue 1 Dec 2026, 08:00\.$/)
    expect(said).not.toMatch(/undefined|null|o\/work-1(?! )(?<!the task o\/work-1)/)
    expect(breakWords({ task: 't', code, other, from: null }, () => 'it')).not.toContain('Not so')
  })
  it('is another sentence for each', () =>
    expect(new Set(BREAKS.map(code => breakWords({ task: 't', code, other: null, from: null }, () => ''))).size).toBe(
      BREAKS.length,
    ))
  it.each(BREAKS)('has a reason for what %s leaves out', code => expect(leftWords(code).length).toBeGreaterThan(4))
  it('names why a unit is not there', () => expect(new Set(Object.values(TASK_WAITS)).size).toBe(4))
})

it('a task is called by what is done, a visit by its number', () => {
  expect(TASK_KINDS.map(kind => taskName(kind, 'work-1'))).toEqual(['Measure', 'Fit and seal', 'Hand over'])
  expect(['work-2', 'work-3'].map(part => taskName('work', part))).toEqual(['Second visit', 'Visit 3'])
})
