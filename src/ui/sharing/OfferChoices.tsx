'use client'
import { type CSSProperties, useState } from 'react'
import { styled } from 'styled-components'
import { KEEP, type OfferedChoice, type OfferShown, type Signed } from '@/core/sharing/share'
import type { DisplayStep } from '@/core/units/format-length'
import { PAINTS } from '@/trade/paints'
import { dayWords } from '@/words/moments'
import { repairWords } from '@/words/repairs'
import { lookRows, workWords } from '@/words/sharing'
import { Button, Panel, Quiet } from '../parts/controls'
import { Money, useMoney } from '../parts/Money'
import { StillScene } from '../parts/StillScene'
import { SignBox } from './SignBox'
import { SignedNote } from './SignedNote'

const Columns = styled.div`
  display: grid; gap: 14px; grid-template-columns: repeat(auto-fit, minmax(min(270px, 100%), 380px)); align-items: start;
  article { background: var(--sheet); border: 1px solid var(--rule); display: grid; gap: 8px; padding: 0 0 12px; }
  article[data-chosen='true'] { box-shadow: inset 0 0 0 3px var(--ink); }
  .drawn { height: 330px; position: relative; }
  .said { padding: 0 14px; display: grid; gap: 8px; }
  .total { font-size: 1.875rem; font-weight: 650; line-height: 1.1; }
  .colours { display: flex; flex-wrap: wrap; gap: 6px; }
  .colours button { display: inline-flex; align-items: center; gap: 8px; }
  .colours button[aria-pressed='true'] { background: var(--vial); color: #17242B; border-color: var(--ink); }
  .swatch { width: 20px; height: 20px; border: 1px solid var(--strong-rule); border-radius: 3px; flex: none; }
  h2 { font-size: 1.1875rem; }
  dl { display: grid; grid-template-columns: 110px 1fr; gap: 4px 12px; font-size: 0.9375rem; }
  dt { color: var(--quiet); }
  dd { text-align: left; margin: 0; }
`
type Props = {
  readonly token: string
  readonly isHere: boolean
  readonly shown: OfferShown
  readonly signed: Signed | null
}

/** Two or three doors side by side in the customer's own opening, and to keep the old one; one is chosen and signed. */
export function OfferChoices({ token, isHere, shown, signed }: Props) {
  const { choices, repair, note, step } = shown
  const [chosen, setChosen] = useState<string | null>(signed?.choice ?? null)
  const [colours, setColours] = useState<Readonly<Record<string, string>>>(
    signed?.colour ? { [signed.choice]: signed.colour } : {},
  )
  const money = useMoney()
  const least = Math.min(...choices.map(one => one.cents))
  const picked = choices.find(one => one.id === chosen)
  const colour = picked && picked.colours.length > 1 ? (colours[picked.id] ?? '') : ''
  return (
    <>
      {note && <p>{note}</p>}
      <Columns>
        {choices.map(one => (
          <Choice
            key={one.id}
            one={one}
            step={step}
            over={one.cents - least === 0 ? 'The least of these.' : `${money(one.cents - least)} more than the least.`}
            isChosen={one.id === chosen}
            isOver={signed !== null}
            colour={colours[one.id] ?? (one.colours.length === 1 ? one.colours[0]! : '')}
            onColour={colour => setColours({ ...colours, [one.id]: colour })}
            onChoose={() => setChosen(one.id)}
          />
        ))}
      </Columns>
      {repair && (
        <Panel data-chosen={chosen === KEEP}>
          <h2>Or keep the old door</h2>
          <p>
            About{' '}
            <strong>
              <Money cents={repair.cents} />
            </strong>
            : {repair.items.map(repairWords).join('; ')}.
          </p>
          <Quiet>
            {repair.items.every(one => one.isCosmetic)
              ? 'All of it is only looks: nothing that was seen asks for a new door.'
              : 'A first figure by what was seen; it is judged on site.'}
          </Quiet>
          {!signed && (
            <Button $plain aria-pressed={chosen === KEEP} onPress={() => setChosen(KEEP)}>
              {chosen === KEEP ? 'Chosen: keep the old door' : 'Keep the old door'}
            </Button>
          )}
        </Panel>
      )}
      {signed ? (
        <SignedNote shown={shown} signed={signed} />
      ) : (
        <SignBox
          token={token}
          isHere={isHere}
          choice={chosen}
          colour={colour}
          missing={
            chosen === null
              ? 'Choose one of them first.'
              : picked && picked.colours.length > 1 && colour === ''
                ? 'Choose its colour first.'
                : null
          }
          act={
            picked
              ? `I choose ${picked.article} for ${money(picked.cents)}`
              : chosen === KEEP
                ? 'I keep the old door'
                : 'I choose'
          }
          asksWhy
        />
      )}
    </>
  )
}

type ChoiceProps = {
  readonly one: OfferedChoice
  readonly step: DisplayStep
  readonly over: string
  readonly isChosen: boolean
  readonly isOver: boolean
  readonly colour: string
  readonly onColour: (colour: string) => void
  readonly onChoose: () => void
}

const paintOf = (word: string): string | undefined => PAINTS[word.toLowerCase()]

function Choice({ one, step, over, isChosen, isOver, colour, onColour, onChoose }: ChoiceProps) {
  const paints = { '--paint-colour': paintOf(colour || (one.colours[0] ?? '')), '--paint-metal': paintOf(one.metal) }
  return (
    <article data-choice={one.article} data-chosen={isChosen}>
      <div className="drawn" style={paints as CSSProperties}>
        <StillScene scene={one.scene} step={step} title={`${one.article} in your opening, from outside`} />
      </div>
      <div className="said">
        <h2>
          {one.article} {one.name}
        </h2>
        <span className="total">
          <Money cents={one.cents} />
        </span>
        <Quiet>In all, fitted. {over}</Quiet>
        <dl>
          <dt>Earliest</dt>
          <dd>{dayWords(one.earliest)}</dd>
          {lookRows(one).flatMap(([name, value]) => [
            <dt key={name}>{name}</dt>,
            <dd key={`${name}.value`}>{value}</dd>,
          ])}
          <dt>Work on the opening</dt>
          <dd>{workWords(one, step)}</dd>
        </dl>
        {one.colours.length > 1 && !isOver && (
          // biome-ignore lint/a11y/useSemanticElements: a group of buttons, no form
          <div className="colours" role="group" aria-label={`Colour of ${one.article}`}>
            {one.colours.map(word => (
              <Button key={word} $plain aria-pressed={word === colour} onPress={() => onColour(word)}>
                {paintOf(word) && <span className="swatch" style={{ background: paintOf(word) }} />}
                {word}
              </Button>
            ))}
          </div>
        )}
        {!isOver && (
          <Button $plain={isChosen} aria-pressed={isChosen} onPress={onChoose}>
            {isChosen ? `Chosen: ${one.article}` : `Choose ${one.article}`}
          </Button>
        )}
      </div>
    </article>
  )
}
