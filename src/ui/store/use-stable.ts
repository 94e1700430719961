'use client'
import { useCallback, useLayoutEffect, useRef } from 'react'

/** The same function at every render, which does what the latest one would: for what is only drawn again when it looks different. */
export function useStable<A extends readonly unknown[], R>(act: (...given: A) => R): (...given: A) => R {
  const latest = useRef(act)
  useLayoutEffect(() => {
    latest.current = act
  })
  return useCallback((...given: A) => latest.current(...given), [])
}
