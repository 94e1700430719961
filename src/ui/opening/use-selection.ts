'use client'
import { useRouter } from 'next/navigation'
import { type RefObject, useEffect, useMemo, useRef, useState } from 'react'
import { STAGES, type Stage } from '@/core/base/stages'
import { isSlot } from '@/core/survey/slots'
import { isAnswered, type Survey } from '@/core/survey/survey'
import { ladderFor } from '@/core/survey/survey-of'
import { type Direction, directionOf } from '../sheet/direction'
import { nextOpen } from '../sheet/selection'
import { draftPlace, keptDraft, lastTakenIn } from '../store/drafts'
import type { SheetStore } from '../store/use-sheet'
import { useStable } from '../store/use-stable'
import { HAND_FACTS } from './hand-facts'
import { useSheetKeys } from './use-sheet-keys'

export type Selection = ReturnType<typeof useSelection>

/** Which stage is shown and what is selected on it, by tap and by key. */
export function useSelection(store: SheetStore, first: Stage) {
  const router = useRouter()
  const [stage, setStage] = useState(first)
  const [selected, setSelected] = useState<string | null>(null)
  const [direction, setDirection] = useState<Direction | null>(null)
  const inputRef = useRef<HTMLInputElement>(null)
  const { sheet, survey, glance } = store
  const ladder = useMemo(() => ladderFor(glance.asked, survey.way), [glance.asked, survey.way])
  const question = (stage === 'measure' && ladder.find(one => one === selected)) || null
  useKeptDraft(draftPlace(sheet), survey, setSelected)
  useFieldOnArrival(stage === 'measure' && nextOpen(ladder, survey, null) !== null, inputRef)
  const show = (next: Stage) => {
    setStage(next)
    setSelected(null)
    if (next !== stage) toTop()
    if (next !== stage) window.history.pushState(null, '', stagePath(sheet.opening.id, next))
  }
  useStageGoneBackTo(sheet.opening.id, back => {
    setStage(back)
    setSelected(null)
  })
  const focus = () => inputRef.current?.focus({ preventScroll: true })
  const turnTo = (side: Direction | null) => {
    setDirection(side)
    if (side) focus()
  }
  const select = (id: string | null) => {
    const side = directionOf(id)
    if (side) return turnTo(side)
    const hand = id === null ? undefined : HAND_FACTS[id]
    if (hand) return store.save('wishes', { [hand[0]]: hand[1] })
    if (id !== selected) setDirection(null)
    setSelected(id)
    if (id && stage === 'measure') setTimeout(bringNow, 0)
    if (id && isRead(id) && (stage === 'measure' || stage === 'seal')) focus()
  }
  /** Goes to a stage and to a place there: of a reading, the first that is asked about it. */
  const goTo = (next: Stage, place: string) => {
    show(next)
    setSelected(ladder.find(one => one === place || one.endsWith(`/${place}`) || one.includes(`/${place}.`)) ?? place)
    setTimeout(focus, 0)
  }
  const go = (id: string | null) => id && router.push(`/openings/${id}/${stage}`)
  const nextReading = () => {
    const isOpen = question !== null && !isAnswered(survey, question)
    if (!isOpen) {
      show('measure')
      setSelected(nextOpen(ladder, survey, question))
    }
    setTimeout(() => inputRef.current?.focus(), 0)
  }
  const help = useSheetKeys({
    onStage: show,
    onNextReading: nextReading,
    onUndo: store.undo,
    onNeighbour: by => go(by < 0 ? sheet.neighbours.before : sheet.neighbours.after),
  })
  return { stage, selected, direction, question, inputRef, help, show, select, turnTo, light: setSelected, goTo }
}

/** Whether something is read at a place of the drawing. */
const isRead = (id: string): boolean => isSlot(id) || id.startsWith('seal.')

/** Another stage begins at its top: its panes, and on a narrow window the page, which stands with its stages above. */
function toTop(): void {
  for (const pane of document.querySelectorAll('.ladder, .findings, .scroll')) pane.scrollTop = 0
  const tabs = document.querySelector<HTMLElement>('nav[aria-label="Stages"]')
  const above = tabs?.previousElementSibling
  const top = above ? above.getBoundingClientRect().bottom + window.scrollY : 0
  if (window.scrollY > top) window.scrollTo(0, top)
}

/** On a narrow window a place can be chosen where its field is out of sight: it is brought there. */
function bringNow(): void {
  const now = document.querySelector<HTMLElement>('[aria-label="Reading now"]:not([data-docked])')
  if (!now || document.documentElement.scrollHeight <= window.innerHeight) return
  const { top, bottom } = now.getBoundingClientRect()
  const drawn = document.querySelector('.middle')?.getBoundingClientRect().bottom ?? 0
  if (top < drawn - 2 || bottom > window.innerHeight) now.scrollIntoView({ block: 'start' })
}

/** Whoever comes to measure with a keyboard, and has something left to read, types at once. By touch nothing is focused: a keyboard would cover the drawing. */
function useFieldOnArrival(isToRead: boolean, field: RefObject<HTMLInputElement | null>): void {
  useEffect(() => {
    if (isToRead && matchMedia('(pointer: fine)').matches) field.current?.focus({ preventScroll: true })
  }, [isToRead, field])
}

/** Going back and forth in the browser walks the stages that were shown of an opening. */
function useStageGoneBackTo(opening: string, onStage: (stage: Stage) => void): void {
  const take = useStable(() => {
    const there = STAGES.find(one => location.pathname === stagePath(opening, one))
    if (there) onStage(there)
  })
  useEffect(() => {
    window.addEventListener('popstate', take)
    return () => window.removeEventListener('popstate', take)
  }, [take])
}

const stagePath = (opening: string, stage: Stage): string => `/openings/${opening}/${stage}`

/** What stood half typed before a reload is gone on with. */
function useKeptDraft(place: string, survey: Survey, select: (question: string) => void): void {
  const lastTaken = useStable(lastTakenIn(survey))
  useEffect(() => {
    const draft = keptDraft(place, lastTaken)
    if (draft) select(draft.question)
  }, [place, lastTaken, select])
}
