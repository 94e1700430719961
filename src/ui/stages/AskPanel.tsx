'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import { isOpen, makerQuestions } from '@/core/order/maker-questions'
import { askText, questionWords } from '@/words/maker-questions'
import { handWords } from '@/words/order'
import { CopyText } from '../parts/CopyText'
import { Button, Panel, Quiet } from '../parts/controls'
import { Labelled } from '../parts/Labelled'
import type { StageProps } from '../sheet/stage-props'

const Beside = styled.div`display: grid; grid-template-columns: minmax(0, 1fr) auto; gap: 8px; align-items: end;`

/** What is asked of the maker before this unit is ordered, and what was agreed. What was agreed goes onto the order. */
export function AskPanel({ store }: Pick<StageProps, 'store'>) {
  const { value, findings } = store.work.order
  const { chosen, of, details } = value
  const { questions } = store.records.order
  const [draft, setDraft] = useState('')
  if (!chosen || !of) return null
  const all = makerQuestions({
    of,
    offer: chosen,
    questions,
    details,
    isHandUnclear: findings.some(one => one.code === 'order-hand'),
  })
  const others = all.filter(one => one.kind !== 'own').map(questionWords)
  const open = all.filter(isOpen).map(questionWords)
  const question = draft.trim()
  const canAsk = question !== '' && questions.every(one => one.question !== question)
  const ask = () => {
    if (!canAsk) return
    store.save('order', { questions: [...questions, { question, answer: '' }] })
    setDraft('')
  }
  return (
    <Panel>
      <h2>To ask {chosen.unit.maker}</h2>
      {others.map(one => (
        <Quiet key={one}>{one}</Quiet>
      ))}
      {questions.map((one, i) => (
        <Beside key={one.question}>
          <Labelled label={one.question}>
            <input
              defaultValue={one.answer}
              maxLength={200}
              placeholder="what was agreed"
              onBlur={event => {
                const answer = event.target.value.trim()
                if (answer !== one.answer)
                  store.save('order', { questions: questions.map((it, j) => (j === i ? { ...it, answer } : it)) })
              }}
            />
          </Labelled>
          <Button
            $plain
            aria-label={`Take back: ${one.question}`}
            onPress={() => store.save('order', { questions: questions.filter((_, j) => j !== i) })}
          >
            Take back
          </Button>
        </Beside>
      ))}
      {questions.length < MOST_ASKED && (
        <Beside>
          <Labelled label="Ask something else">
            <input
              value={draft}
              maxLength={200}
              placeholder="The same glass as in the photo?"
              onChange={event => setDraft(event.target.value)}
              onKeyDown={event => event.key === 'Enter' && ask()}
            />
          </Labelled>
          <Button $plain isDisabled={!canAsk} onPress={ask}>
            Ask
          </Button>
        </Beside>
      )}
      {open.length > 0 && (
        <CopyText
          title={`${open.length === 1 ? 'The question' : `The ${open.length} questions`} as text`}
          text={askText(store.sheet.opening.tag, chosen.unit, handWords(store.records.wishes), open)}
        />
      )}
    </Panel>
  )
}

const MOST_ASKED = 12
