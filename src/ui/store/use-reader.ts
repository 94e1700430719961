'use client'
import { useEffect, useState } from 'react'
import { useMay } from './rights'

const keyOf = (memberName: string): string => `harvek-reader:${memberName}`

/** Who was named on this browser to act beside the member who is signed in; else the member. */
export const readerOf = (memberName: string): string => localStorage.getItem(keyOf(memberName)) ?? memberName

/** Who reads: the member who is signed in, until somebody else is named on this browser. Whoever learns reads for themselves. */
export function useReader(memberName: string): readonly [string, (name: string) => void] {
  const [reader, setReader] = useState(memberName)
  const mayName = useMay('vouch')
  useEffect(() => {
    if (mayName) setReader(readerOf(memberName))
  }, [memberName, mayName])
  const choose = (name: string) => {
    if (!mayName) return
    setReader(name)
    localStorage.setItem(keyOf(memberName), name)
  }
  return [reader, choose]
}
