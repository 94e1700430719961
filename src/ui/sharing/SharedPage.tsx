'use client'
import { styled } from 'styled-components'
import type { Shown, Signed } from '@/core/sharing/share'
import { dayWords } from '@/words/moments'
import { ButtonLink, Quiet } from '../parts/controls'
import { MoneyIn } from '../parts/Money'
import { OfferChoices } from './OfferChoices'
import { RecordRead } from './RecordRead'
import { SignBox } from './SignBox'
import { SignedNote } from './SignedNote'

const Page = styled.main`
  max-width: 1180px; margin: 0 auto; padding: 18px 20px 60px; display: grid; gap: 18px;
  header { display: flex; flex-wrap: wrap; gap: 4px 24px; justify-content: space-between; align-items: baseline; border-bottom: 1px solid var(--rule); padding-bottom: 12px; }
  header p { color: var(--quiet); font-size: 0.9375rem; }
  .firm { text-align: right; }
  @media (max-width: 37.5em) { padding: 12px 12px 60px; .firm { text-align: left; } }
`
type Props = {
  readonly token: string
  readonly isHere: boolean
  readonly shown: Shown
  readonly signed: Signed | null
  readonly expiresAt: string
}

/** What a customer is shown by their link: what there is to choose, or the record of their door; and where they sign. */
export function SharedPage({ token, isHere, shown, signed, expiresAt }: Props) {
  const { firm, opening, job } = shown
  const paper = (
    <ButtonLink href={`/api/shared/${token}/paper.pdf`} target="_blank">
      As a paper, PDF
    </ButtonLink>
  )
  return (
    <Page>
      <header>
        <div>
          <h1>{opening.name}</h1>
          <p>
            {opening.tag} · {job}
          </p>
        </div>
        <p className="firm">
          <strong>{firm.name}</strong>
          <br />
          {[firm.phone, firm.email].filter(Boolean).join(' · ')}
        </p>
      </header>
      {shown.kind === 'offer' ? (
        <MoneyIn counting={shown.counting}>
          <OfferChoices token={token} isHere={isHere} shown={shown} signed={signed} />
        </MoneyIn>
      ) : (
        <>
          <RecordRead shown={shown} />
          {signed ? (
            <SignedNote shown={shown} signed={signed} />
          ) : (
            <SignBox
              token={token}
              isHere={isHere}
              choice="record"
              colour=""
              act="I have read it, and take the door over"
            />
          )}
        </>
      )}
      <div>{paper}</div>
      <Quiet>
        This link opens until {dayWords(expiresAt.slice(0, 10))}. Whoever has it can read this
        {signed ? '' : ' and sign'}.
      </Quiet>
    </Page>
  )
}
