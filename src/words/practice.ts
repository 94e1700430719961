import type { Fault } from '@/core/practice/exercise'
import type { Mark } from '@/core/practice/score'

export const FAULT_WORDS: Readonly<Record<Fault, string>> = {
  lean: 'both sides lean alike',
  taper: 'narrower at the bottom',
  bulge: 'the left side bulges in',
  'sill-falls': 'the sill falls',
  'sill-crowned': 'the sill is crowned',
  'head-falls': 'the head falls',
}

export const MARK_WORDS: Readonly<Record<Mark, string>> = {
  right: 'right',
  misread: 'misread',
  'left-out': 'left out, though it mattered',
  redundant: 'redundant: it told nothing new',
  'not-needed': 'not needed',
}
