'use client'
import { useState } from 'react'
import { styled } from 'styled-components'
import type { Audited } from '@/core/access/audit'
import type { DisplayStep } from '@/core/units/format-length'
import { AUDIT_ABOUT_WORDS, AUDIT_SUBJECT_WORDS, AUDIT_VERB_WORDS, auditMember } from '@/words/audit'
import { memberName } from '@/words/members'
import { send } from '../store/send'
import { Button, ButtonLink, Quiet } from './controls'
import { MemberValue } from './MemberValue'
import { Only } from './Rights'

const List = styled.ol`
  display: grid;
  li { border-top: 1px solid var(--rule); padding: 8px 0; display: grid; gap: 2px; }
  .when { color: var(--quiet); font-size: 0.9375rem; }
  dl { display: grid; grid-template-columns: minmax(120px, 220px) 1fr; gap: 2px 12px; font-size: 0.9375rem; }
  dd { text-align: left; overflow-wrap: anywhere; }
`
type Props = {
  /** `job=…`, `order=…`, or empty for the firm. */
  readonly of: string
  readonly step: DisplayStep
}

/** Who changed what, asked for when somebody wants to see it. */
export const AuditPanel = (props: Props) => (
  <Only verb="audit">
    <Asked {...props} />
  </Only>
)

function Asked({ of, step }: Props) {
  const [all, setAll] = useState<readonly Audited[] | null>(null)
  const [said, setSaid] = useState<string | null>(null)
  const look = async () => {
    const sent = await send<readonly Audited[]>('GET', `/api/audit?${of}`)
    if (sent.ok) setAll(sent.value)
    setSaid(sent.ok ? null : sent.message)
  }
  return (
    <section aria-label="Who changed what" style={{ display: 'grid', gap: 8 }}>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 8 }}>
        <Button $plain onPress={() => void look()}>
          Who changed what
        </Button>
        <ButtonLink href={`/api/audit.csv?${of}`}>The same, CSV</ButtonLink>
      </div>
      {said && <Quiet role="alert">{said}</Quiet>}
      {all?.length === 0 && <Quiet>Nothing was changed yet.</Quiet>}
      {all && all.length > 0 && (
        <List>
          {all.map(one => (
            <AuditRow key={one.id} audited={one} step={step} />
          ))}
        </List>
      )}
    </section>
  )
}

const AuditRow = ({ audited, step }: { readonly audited: Audited; readonly step: DisplayStep }) => {
  const { at, by, verb, subject, about, changes } = audited
  return (
    <li>
      <span>
        <strong>{by}</strong> {AUDIT_VERB_WORDS[verb]} {AUDIT_SUBJECT_WORDS[subject]}
        {about && `${subject === 'member' ? '' : ': '}${AUDIT_ABOUT_WORDS[about] ?? about}`}{' '}
        <span className="when">{at.slice(0, 16).replace('T', ' ')}</span>
      </span>
      {changes.length > 0 && (
        <dl>
          {changes.flatMap(({ path, before, after }) => [
            <dt key={`${path} what`}>{auditMember(path, memberName)}</dt>,
            <dd key={`${path} how`}>
              <MemberValue path={path} value={before} step={step} /> →{' '}
              <MemberValue path={path} value={after} step={step} />
            </dd>,
          ])}
        </dl>
      )}
    </li>
  )
}
