'use client'
import { styled } from 'styled-components'
import { SCHOOL_ANSWERS, SCHOOL_IDS, type SchoolChoices, type SchoolId, type Schools } from '@/core/base/schools'
import type { DisplayStep } from '@/core/units/format-length'
import { SCHOOL_LEVEL_NAMES, SCHOOL_WORDS } from '@/words/schools'
import { answerWords } from './answer-words'
import { Labelled } from './Labelled'

const List = styled.div`
  display: grid; gap: 12px;
  .one { display: grid; gap: 2px; min-width: 0; overflow-wrap: anywhere; }
  .why { font-size: 0.875rem; color: var(--quiet); }
  .changed { font-size: 0.9375rem; font-weight: 600; }
`

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

type Props = {
  readonly ids?: readonly SchoolId[]
  /** What is chosen here. */
  readonly own: SchoolChoices
  /** What holds, and who chose it. */
  readonly standing: Schools
  /** What holds where nothing is chosen here. */
  readonly above: Schools
  /** In what lengths are said; `null` in both units, where no job gives one. */
  readonly step: DisplayStep | null
  readonly onChange: (own: SchoolChoices) => void
  /** What the choice made here or above changes, in words. */
  readonly changed?: (id: SchoolId) => string
}

/** Practices to choose from, each with what it is, why, and whose choice holds now. */
export function SchoolList({ ids = SCHOOL_IDS, own, standing, above, step, onChange, changed }: Props) {
  const choose = (id: SchoolId, answer: string) => {
    const { [id]: _, ...others } = own
    onChange(answer === '' ? others : { ...others, [id]: answer })
  }
  return (
    <List>
      {ids.map(id => {
        const words = SCHOOL_WORDS[id]
        const answer = standing.answers[id]
        return (
          <div key={id} className="one" data-school={id}>
            <Labelled label={words.question}>
              <select value={own[id] ?? ''} onChange={event => choose(id, event.target.value)}>
                <option value="">
                  {answerWords(id, above.answers[id], step)} ({SCHOOL_LEVEL_NAMES[above.from[id]]})
                </option>
                {SCHOOL_ANSWERS[id].map(one => (
                  <option key={one} value={one}>
                    {answerWords(id, one, step)}
                  </option>
                ))}
              </select>
            </Labelled>
            <span className="why">
              {capital(words.answers[answer]?.[1] ?? '')}. {words.why}
            </span>
            {changed?.(id) && <span className="changed">{changed(id)}</span>}
          </div>
        )
      })}
    </List>
  )
}
