'use client'
import { useEffect, useRef } from 'react'

/** A value, but while it is held back the one that stood before: for what need not follow each step of something being moved. */
export function useHeld<T>(value: T, isHeld: boolean): T {
  const stood = useRef(value)
  useEffect(() => {
    if (!isHeld) stood.current = value
  })
  return isHeld ? stood.current : value
}
