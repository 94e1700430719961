'use client'
import { useEffect, useState } from 'react'
import { useStable } from '../../store/use-stable'

/** Keeps the screen awake while a step is shown; where the browser can't, it sleeps as ever. */
export function useAwake(): void {
  useEffect(() => {
    let lock: WakeLockSentinel | null = null
    const hold = () => {
      if (document.visibilityState === 'visible')
        void navigator.wakeLock?.request('screen').then(
          one => {
            lock = one
          },
          () => undefined,
        )
    }
    hold()
    document.addEventListener('visibilitychange', hold)
    return () => {
      document.removeEventListener('visibilitychange', hold)
      void lock?.release()
    }
  }, [])
}

/** The space bar goes on, wherever the focus is but in a field or on a button. */
export function useSpace(onSpace: () => void): void {
  const act = useStable(onSpace)
  useEffect(() => {
    const listen = (event: KeyboardEvent) => {
      const at = event.target instanceof HTMLElement ? event.target : null
      if (event.key !== ' ' || event.repeat || at?.closest('input, textarea, select, button, [role="button"]')) return
      event.preventDefault()
      act()
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [act])
}

/** Reads a step aloud, where the device can speak. */
export function useAloud(): ((text: string) => void) | null {
  const [can, setCan] = useState(false)
  useEffect(() => {
    setCan('speechSynthesis' in window)
    return () => window.speechSynthesis?.cancel()
  }, [])
  if (!can) return null
  return text => {
    window.speechSynthesis.cancel()
    window.speechSynthesis.speak(new SpeechSynthesisUtterance(text))
  }
}

type Heard = { readonly results: ArrayLike<ArrayLike<object>> }
type Listener = {
  continuous: boolean
  lang: string
  onresult: ((heard: Heard) => void) | null
  onend: (() => void) | null
  start: () => void
  stop: () => void
}
type Listening = { readonly isOn: boolean; readonly turn: () => void }

const SAID_NEXT = /\b(next|done)\b/i
/** Whatever a browser holds of what it heard as text. */
function wordsOf(heard: object): string {
  const words: unknown[] = []
  for (const name in heard) words.push(heard[name as keyof typeof heard])
  return words.filter(one => typeof one === 'string').join(' ')
}

/** Listens for a spoken “next”, where the device can listen; `null` where it can't. */
export function useSpokenNext(onNext: () => void): Listening | null {
  const act = useStable(onNext)
  const [make, setMake] = useState<(() => Listener) | null>(null)
  const [isOn, setOn] = useState(false)
  useEffect(() => {
    const known = window as unknown as Record<string, (new () => Listener) | undefined>
    const Found = known.SpeechRecognition ?? known.webkitSpeechRecognition
    if (Found) setMake(() => () => new Found())
  }, [])
  useEffect(() => {
    if (!isOn || !make) return
    const listener = make()
    listener.continuous = true
    listener.lang = 'en'
    listener.onresult = ({ results }) => {
      const last = results[results.length - 1]?.[0]
      if (last && SAID_NEXT.test(wordsOf(last))) act()
    }
    listener.onend = () => setOn(false)
    listener.start()
    return () => {
      listener.onend = null
      listener.stop()
    }
  }, [isOn, make, act])
  return make && { isOn, turn: () => setOn(!isOn) }
}
