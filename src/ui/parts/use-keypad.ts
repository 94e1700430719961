'use client'
import { useSyncExternalStore } from 'react'
import { deviceChoice } from '../store/device-choice'

const keypad = deviceChoice('harvek-keypad')
const isKept = (): boolean => keypad.read() === 'open'
const turn = (isOpen: boolean): void => keypad.keep(isOpen ? 'open' : 'closed')

/** Whether one reads by the keypad on this device: it stays open from one reading to the next, and over a reload. */
export function useKeypad(): readonly [isOpen: boolean, turn: (isOpen: boolean) => void] {
  return [useSyncExternalStore(keypad.listen, isKept, () => false), turn]
}
