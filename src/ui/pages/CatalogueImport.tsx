'use client'
import { useState } from 'react'
import type { CatalogueUnit } from '@/core/catalogue/unit'
import { Figure } from '../parts/Figure'
import { Labelled } from '../parts/Labelled'
import { ListFile } from '../parts/ListFile'
import { Money } from '../parts/Money'
import { send } from '../store/send'

/** Takes a maker’s list into the catalogue. */
export function CatalogueImport({ onTaken }: { readonly onTaken: () => void }) {
  const [maker, setMaker] = useState('')
  return (
    <ListFile<CatalogueUnit>
      title="Take in a maker’s list"
      label="A maker’s list"
      about="A CSV file, one unit a row."
      url="/api/catalogue/preview"
      more={{ maker }}
      lead={again => (
        <Labelled label="Whose list, if the file does not say">
          <input value={maker} maxLength={80} onChange={event => setMaker(event.target.value)} onBlur={again} />
        </Labelled>
      )}
      columnName={id => id}
      takeWords={count => `Take the ${count} into the catalogue`}
      take={async (asked, _, name) => {
        const sent = await send<{ taken: number; rejected: number }>('POST', '/api/catalogue/import', asked)
        if (!sent.ok) return [sent.message, false]
        onTaken()
        const { taken, rejected } = sent.value
        return [`${taken} units of ${name} are in the catalogue; ${rejected} rows were left out.`, true]
      }}
      heads={['Article', 'Name', 'Size', 'Price', 'Days']}
      row={one => (
        <tr key={one.id}>
          <td>{one.article}</td>
          <td>{one.name}</td>
          <td>
            <Figure value={one.width} step="1/16" /> × <Figure value={one.height} step="1/16" unit />
          </td>
          <td>
            <Money cents={one.priceCents} />
          </td>
          <td>{one.leadDays}</td>
        </tr>
      )}
    />
  )
}
