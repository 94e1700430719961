'use client'
import { useMemo } from 'react'
import { resolveSchools, type SchoolId } from '@/core/base/schools'
import type { Counting } from '@/core/catalogue/firm'
import { schoolEffects, schoolsOf } from '@/core/school-effects'
import type { DisplayStep } from '@/core/units/format-length'
import { findingWords } from '@/words/findings'
import { memberName } from '@/words/members'
import { stepName } from '@/words/steps'
import { valueWords } from '@/words/value'
import { answerWords } from '../parts/answer-words'
import { Panel, Quiet } from '../parts/controls'
import { useCounting } from '../parts/Money'
import { SchoolList } from '../parts/SchoolList'
import type { StageProps } from '../sheet/stage-props'

/** The practices that bear on this kind of door: whose choice holds, another for this opening, and what each choice changes here.
 *  By which way an opening is measured was chosen when it was added. */
export function SchoolPanel({ store }: Pick<StageProps, 'store'>) {
  const counting = useCounting()
  const { sheet, work, records, trade } = store
  const { firm, jobSchools, opening, job } = sheet
  const above = resolveSchools(firm.schools, jobSchools.data, {})
  const effects = useMemo(() => schoolEffects(records, trade, new Date().toISOString()), [records, trade])
  return (
    <Panel aria-label="Practices">
      <h2>Practices</h2>
      <Quiet>Chosen here for this opening only. Firm holds the company’s, the job’s page the job’s.</Quiet>
      <SchoolList
        ids={schoolsOf(opening.family).filter(id => id !== 'unit-width')}
        own={records.wishes.schools}
        standing={work.terms.schools}
        above={above}
        step={job.step}
        onChange={schools => store.save('wishes', { schools })}
        changed={id => changedWords(id, effects, job.step, counting)}
      />
    </Panel>
  )
}

const MOST_CHANGES = 4

/** What a choice other than the shipped one changes, in words; nothing where the shipped one holds. */
function changedWords(
  id: SchoolId,
  effects: ReturnType<typeof schoolEffects>,
  step: DisplayStep,
  counting: Counting,
): string {
  const effect = effects.find(one => one.id === id)
  if (!effect) return ''
  const { instead, differences, found, gone, steps } = effect
  const titles = (findings: typeof found) => findings.map(one => findingWords(one, step).title)
  const changes = [
    ...differences
      .slice(0, MOST_CHANGES)
      .map(
        ({ path, first, second }) =>
          `${memberName(path)} ${valueWords(path, second, step, counting)}, not ${valueWords(path, first, step, counting)}`,
      ),
    ...titles(found).map(title => `found: ${title}`),
    ...titles(gone).map(title => `no longer found: ${title}`),
    ...steps.found.map(one => `step: ${stepName(one)}`),
    ...steps.gone.map(one => `no step: ${stepName(one)}`),
    ...steps.waits.map(one => `another wait after: ${stepName(one)}`),
    ...(steps.isReordered ? ['the steps or screws in another order'] : []),
  ]
  if (changes.length === 0) return 'Changes nothing here so far.'
  return `Instead of ${answerWords(id, instead, step).toLowerCase()}: ${changes.join('; ')}.`
}
