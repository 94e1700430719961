'use client'
import type { ReactNode } from 'react'
import { Button } from '../parts/controls'
import { useKeypad } from '../parts/use-keypad'
import { Worded } from '../parts/Worded'
import { Now } from './layout'

/** The frame of what is asked now. By keypad it is docked on a small window, and the list of readings is one tap away. */
export function NowAsked({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  const [isByKeypad, turnKeypad] = useKeypad()
  return (
    <Now aria-label="Reading now" data-docked={isByKeypad || undefined}>
      <div>
        <Button $plain className="list" onPress={() => turnKeypad(false)}>
          List
        </Button>
        <h2>
          <Worded text={name} isLabel />
        </h2>
      </div>
      {children}
    </Now>
  )
}
