'use client'
import { useEffect, useState } from 'react'

/** Who reads: the member who is signed in, until somebody else is named on this browser. */
export function useReader(memberName: string): readonly [string, (name: string) => void] {
  const [reader, setReader] = useState(memberName)
  useEffect(() => {
    const kept = localStorage.getItem('harvek-reader')
    if (kept) setReader(kept)
  }, [])
  const choose = (name: string) => {
    setReader(name)
    localStorage.setItem('harvek-reader', name)
  }
  return [reader, choose]
}
