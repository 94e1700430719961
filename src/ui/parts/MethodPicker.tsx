'use client'
import { METHOD_PROFILE_IDS, profileOf, withProfile } from '@/core/base/method-profiles'
import type { SchoolChoices } from '@/core/base/schools'
import { METHOD_PROFILE_NAMES } from '@/words/schools'
import { Quiet } from './controls'
import { Labelled } from './Labelled'

type Props = { readonly own: SchoolChoices; readonly onChange: (own: SchoolChoices) => void }

/** One choice that brings its practices along; each of them can be chosen otherwise below. */
export function MethodPicker({ own, onChange }: Props) {
  const profile = profileOf(own)
  const isMixed = profile === null && Object.keys(own).length > 0
  return (
    <div style={{ marginBottom: 16 }}>
      <Labelled label="Way of working">
        <select
          value={profile ?? ''}
          onChange={({ target }) =>
            onChange(withProfile(own, METHOD_PROFILE_IDS.find(id => id === target.value) ?? null))
          }
        >
          <option value="">{isMixed ? 'A mixture of one’s own' : 'None: practice by practice'}</option>
          {METHOD_PROFILE_IDS.map(id => (
            <option key={id} value={id}>
              {METHOD_PROFILE_NAMES[id]}
            </option>
          ))}
        </select>
      </Labelled>
      <Quiet>Sets the practices that belong to it; each can be chosen otherwise below.</Quiet>
    </div>
  )
}
