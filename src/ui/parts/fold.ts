'use client'
import { useSyncExternalStore } from 'react'
import { deviceChoice } from '../store/device-choice'
import { FOLD_KEY } from './first-paint'

// How far the drawing is pulled out on a narrow window, kept on this device. It stands at the root before anything is painted (`FOLD_FIRST`), so that a
// page never comes in with the drawing open and folds it afterwards.

/** From a strip to the whole window. */
export const FOLDS = ['strip', 'open', 'tall'] as const
export type Fold = (typeof FOLDS)[number]

const foldNow = (): Fold => FOLDS.find(one => one === document.documentElement.dataset.fold) ?? 'open'

const kept = deviceChoice(FOLD_KEY)

/** Pulls the drawing out, or folds it, and keeps that. */
export function turnFold(next: Fold): void {
  document.documentElement.dataset.fold = next
  kept.keep(next)
}

export const useFold = (): Fold => useSyncExternalStore(kept.listen, foldNow, () => 'open')

// One drawing at a time where three beside each other would be too small to be read.
const ONE = '(max-width: 37.5em), (max-width: 60em) and (max-height: 30em)'

function listenToWindow(listener: () => void): () => void {
  const asked = matchMedia(ONE)
  asked.addEventListener('change', listener)
  return () => asked.removeEventListener('change', listener)
}

/** Whether the window shows one drawing at a time. */
export const useOneDrawing = (): boolean =>
  useSyncExternalStore(
    listenToWindow,
    () => matchMedia(ONE).matches,
    () => false,
  )
