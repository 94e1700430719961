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
  return (
    <Panel>
      <h2>To ask {chosen.unit.maker}</h2>
      {others.map(one => (
        <Quiet key={one}>{one}</Quiet>
      ))}
      {questions.map((one, i) => (
        <Asked
          key={one.question}
          asked={one}
          onAnswer={answer =>
            store.save('order', { questions: questions.map((it, j) => (j === i ? { ...it, answer } : it)) })
          }
          onTakeBack={() => store.save('order', { questions: questions.filter((_, j) => j !== i) })}
        />
      ))}
      {questions.length < MOST_ASKED && (
        <AskElse
          asked={questions.map(one => one.question)}
          onAsk={question => store.save('order', { questions: [...questions, { question, answer: '' }] })}
        />
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

type AskedProps = {
  readonly asked: StageProps['store']['records']['order']['questions'][number]
  readonly onAnswer: (answer: string) => void
  readonly onTakeBack: () => void
}

/** A question of one's own, and what was agreed. */
const Asked = ({ asked: { question, answer }, onAnswer, onTakeBack }: AskedProps) => (
  <Beside>
    <Labelled label={question}>
      <input
        defaultValue={answer}
        maxLength={200}
        placeholder="what was agreed"
        onBlur={event => {
          const next = event.target.value.trim()
          if (next !== answer) onAnswer(next)
        }}
      />
    </Labelled>
    <Button $plain aria-label={`Take back: ${question}`} onPress={onTakeBack}>
      Take back
    </Button>
  </Beside>
)

type ElseProps = { readonly asked: readonly string[]; readonly onAsk: (question: string) => void }

function AskElse({ asked, onAsk }: ElseProps) {
  const [draft, setDraft] = useState('')
  const question = draft.trim()
  const canAsk = question !== '' && !asked.includes(question)
  const ask = () => {
    if (!canAsk) return
    onAsk(question)
    setDraft('')
  }
  return (
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
  )
}
