'use client'
import { useState } from 'react'
import { FileTrigger } from 'react-aria-components/FileTrigger'
import { styled } from 'styled-components'
import type { CatalogueUnit } from '@/core/catalogue/unit'
import { BareNumbers } from '../parts/BareNumbers'
import { Button, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { Figure } from '../parts/Figure'
import { Labelled } from '../parts/Labelled'
import { Money } from '../parts/Money'
import { send } from '../store/send'

const Box = styled.section`
  display: grid; gap: 12px;
  .match { display: grid; grid-template-columns: repeat(auto-fill, minmax(210px, 1fr)); gap: 10px; }
  table { border-collapse: collapse; background: var(--sheet); }
  th { text-align: left; font-size: 15px; color: var(--quiet); }
  th, td { padding: 5px 14px 5px 10px; border-bottom: 1px solid var(--rule); vertical-align: top; }
`
const Scroller = styled.div`overflow: auto; max-height: 360px;`
type Matching = { readonly [column: string]: string | null }
type Preview = {
  readonly heads: readonly string[]
  readonly matching: Matching
  readonly lacking: readonly string[]
  readonly count: number
  readonly units: readonly CatalogueUnit[]
  readonly rejectedCount: number
  readonly rejected: readonly { readonly row: number; readonly column: string; readonly reason: string }[]
}
type File = { readonly name: string; readonly csv: string }

type Asked = {
  readonly file: File
  readonly maker: string
  readonly unit: 'in' | 'mm'
  readonly matching: Matching
}

/** A maker’s list while it is looked at, and its way into the catalogue. */
function useList(onTaken: () => void) {
  const [file, setFile] = useState<File | null>(null)
  const [maker, setMaker] = useState('')
  const [unit, setUnit] = useState<'in' | 'mm'>('in')
  const [preview, setPreview] = useState<Preview | null>(null)
  const [said, setSaid] = useState<string | null>(null)
  const look = async ({ file, ...next }: Asked) => {
    const sent = await send<Preview>('POST', '/api/catalogue/preview', { csv: file.csv, ...next })
    setPreview(sent.ok ? sent.value : null)
    setSaid(sent.ok ? null : sent.message)
  }
  /** Looks again at the file that was chosen, with something of it changed. */
  const again = (change: Partial<Asked>) => {
    if (file && preview) void look({ file, maker, unit, matching: preview.matching, ...change })
  }
  const choose = async (files: FileList | null) => {
    const chosen = files?.[0]
    if (!chosen) return
    const next = { name: chosen.name, csv: await chosen.text() }
    setFile(next)
    await look({ file: next, maker, unit, matching: {} })
  }
  const take = async () => {
    if (!file || !preview) return
    const asked = { csv: file.csv, maker, unit, matching: preview.matching }
    const sent = await send<{ taken: number; rejected: number }>('POST', '/api/catalogue/import', asked)
    if (!sent.ok) return setSaid(sent.message)
    const { taken, rejected } = sent.value
    setSaid(`${taken} units of ${file.name} are in the catalogue; ${rejected} rows were left out.`)
    setPreview(null)
    setFile(null)
    onTaken()
  }
  return { file, maker, setMaker, unit, setUnit, preview, said, again, choose, take }
}

/** Takes a maker’s list in: columns matched, rows looked at first, those that can't be taken named with row, column and reason. */
export function CatalogueImport({ onTaken }: { readonly onTaken: () => void }) {
  const { file, maker, setMaker, unit, setUnit, preview, said, again, choose, take } = useList(onTaken)
  return (
    <Disclosure title="Take in a maker’s list">
      <Box aria-label="A maker’s list">
        <p>A CSV file, one unit a row. It is looked at first; nothing is stored before you take it.</p>
        <div style={{ display: 'flex', flexWrap: 'wrap', gap: 12, alignItems: 'end' }}>
          <Labelled label="Whose list, if the file does not say">
            <input
              value={maker}
              maxLength={80}
              onChange={event => setMaker(event.target.value)}
              onBlur={() => again({})}
            />
          </Labelled>
          <BareNumbers
            unit={unit}
            onChange={next => {
              setUnit(next)
              again({ unit: next })
            }}
          />
          <FileTrigger acceptedFileTypes={['text/csv', '.csv']} onSelect={choose}>
            <Button $plain>Choose a CSV file</Button>
          </FileTrigger>
        </div>
        {said && <p role="status">{said}</p>}
        {file && preview && (
          <PreviewView
            file={file}
            preview={preview}
            onMatch={matching => again({ matching })}
            onTake={() => void take()}
          />
        )}
      </Box>
    </Disclosure>
  )
}

type ViewProps = {
  readonly file: File
  readonly preview: Preview
  readonly onMatch: (matching: Matching) => void
  readonly onTake: () => void
}

function PreviewView({ file, preview, onMatch, onTake }: ViewProps) {
  const { lacking, units, rejected, count, rejectedCount } = preview
  return (
    <>
      <h3>
        {file.name}: {count} can be taken, {rejectedCount} can’t
      </h3>
      {lacking.length > 0 && (
        <p role="alert" style={{ color: 'var(--stop)' }}>
          No column stands for {lacking.join(', ')}. Choose which one does.
        </p>
      )}
      <Columns preview={preview} onMatch={onMatch} />
      {rejected.length > 0 && <Rejected rows={rejected} />}
      {units.length > 0 && <Takeable units={units} />}
      {rejectedCount > rejected.length && <Quiet>The first {rejected.length} are listed.</Quiet>}
      <div>
        <Button isDisabled={count === 0} onPress={onTake}>
          Take the {count} into the catalogue
        </Button>
      </div>
    </>
  )
}

/** Which column of the file stands for what. */
function Columns({ preview, onMatch }: Pick<ViewProps, 'preview' | 'onMatch'>) {
  const { matching, heads, lacking } = preview
  const used = new Set(Object.values(matching))
  const shown = Object.keys(matching).filter(id => matching[id] !== null || lacking.includes(id))
  const unmatched = heads.filter(head => !used.has(head))
  return (
    <Disclosure
      title={`Columns as they were matched${unmatched.length ? `; not used: ${unmatched.join(', ')}` : ''}`}
      isOpenFirst={lacking.length > 0}
    >
      <div className="match">
        {shown.map(id => (
          <Labelled key={id} label={id}>
            <select
              value={matching[id] ?? ''}
              onChange={event => onMatch({ ...matching, [id]: event.target.value || null })}
            >
              <option value="">not in this file</option>
              {heads.map(head => (
                <option key={head}>{head}</option>
              ))}
            </select>
          </Labelled>
        ))}
      </div>
    </Disclosure>
  )
}

const Rejected = ({ rows }: { readonly rows: Preview['rejected'] }) => (
  <Scroller role="region" aria-label="Rows that can’t be taken" tabIndex={0}>
    <table>
      <thead>
        <tr>
          <th>Row</th>
          <th>Column</th>
          <th>Why not</th>
        </tr>
      </thead>
      <tbody>
        {rows.map(one => (
          <tr key={`${one.row}${one.column}`} data-rejected={one.row}>
            <td>{one.row}</td>
            <td>{one.column}</td>
            <td>{one.reason}</td>
          </tr>
        ))}
      </tbody>
    </table>
  </Scroller>
)

const Takeable = ({ units }: Pick<Preview, 'units'>) => (
  <Scroller role="region" aria-label="The first that can be taken" tabIndex={0}>
    <table>
      <thead>
        <tr>
          <th>Article</th>
          <th>Name</th>
          <th>Size</th>
          <th>Price</th>
          <th>Days</th>
        </tr>
      </thead>
      <tbody>
        {units.map(one => (
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
        ))}
      </tbody>
    </table>
  </Scroller>
)
