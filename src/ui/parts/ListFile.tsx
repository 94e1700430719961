'use client'
import { type ReactNode, useState } from 'react'
import { FileTrigger } from 'react-aria-components/FileTrigger'
import { styled } from 'styled-components'
import type { Matching, RejectedRow } from '@/core/base/column'
import { send } from '../store/send'
import { BareNumbers } from './BareNumbers'
import { Button, Quiet } from './controls'
import { Disclosure } from './Disclosure'
import { Labelled } from './Labelled'

const Box = styled.section`
  display: grid; gap: 12px;
  .match { display: grid; grid-template-columns: repeat(auto-fill, minmax(210px, 1fr)); gap: 10px; }
  table { border-collapse: collapse; background: var(--sheet); }
  th { text-align: left; font-size: 0.9375rem; color: var(--quiet); }
  th, td { padding: 5px 14px 5px 10px; border-bottom: 1px solid var(--rule); vertical-align: top; }
`
const Scroller = styled.div`overflow: auto; max-height: 360px;`

/** What taking a list would do, as the server says it; of many that can be taken `taken` are the first. */
export type ListPreview<T> = {
  readonly heads: readonly string[]
  readonly matching: Matching
  readonly lacking: readonly string[]
  readonly count: number
  readonly taken: readonly T[]
  readonly rejectedCount: number
  readonly rejected: readonly RejectedRow[]
}

/** A list as it is asked about: its text, what bare numbers are, how columns were matched, and what else is said of it. */
export type ListAsked = {
  readonly csv: string
  readonly unit: 'in' | 'mm'
  readonly matching: Matching
  readonly [more: string]: unknown
}

type Props<T> = {
  readonly title: string
  /** What it is, by a name of its own. */
  readonly label: string
  readonly about: string
  /** Where it is looked at. */
  readonly url: string
  /** What is said of it besides, and the field that says it; `again` looks at it anew. */
  readonly more?: Readonly<Record<string, unknown>>
  readonly lead?: (again: () => void) => ReactNode
  readonly columnName: (id: string) => string
  readonly takeWords: (count: number) => string
  /** Takes it; what is said then, and whether it was taken. */
  readonly take: (
    asked: ListAsked,
    preview: ListPreview<T>,
    name: string,
  ) => Promise<readonly [said: string, done: boolean]>
  readonly heads: readonly string[]
  readonly row: (one: T) => ReactNode
}

type File = { readonly name: string; readonly csv: string }

/** A list while it is looked at, and its way in. */
function useList<T>({ url, more = {}, take: takeIn }: Props<T>) {
  const [file, setFile] = useState<File | null>(null)
  const [unit, setUnit] = useState<'in' | 'mm'>('in')
  const [preview, setPreview] = useState<ListPreview<T> | null>(null)
  const [said, setSaid] = useState<string | null>(null)
  const look = async (asked: ListAsked) => {
    const sent = await send<ListPreview<T>>('POST', url, asked)
    setPreview(sent.ok ? sent.value : null)
    setSaid(sent.ok ? null : sent.message)
  }
  const askedNow = (change: Partial<ListAsked> = {}): ListAsked | null =>
    file && preview ? { csv: file.csv, unit, matching: preview.matching, ...more, ...change } : null
  /** Looks again at the file that was chosen, with something of it changed. */
  const again = (change: Partial<ListAsked> = {}) => {
    const asked = askedNow(change)
    if (asked) void look(asked)
  }
  const choose = async (files: FileList | null) => {
    const chosen = files?.[0]
    if (!chosen) return
    const next = { name: chosen.name, csv: await chosen.text() }
    setFile(next)
    await look({ csv: next.csv, unit, matching: {}, ...more })
  }
  const take = async () => {
    const asked = askedNow()
    if (!asked || !preview || !file) return
    const [words, done] = await takeIn(asked, preview, file.name)
    setSaid(words)
    if (!done) return
    setPreview(null)
    setFile(null)
  }
  return { file, unit, setUnit, preview, said, again, choose, take }
}

/** Takes a list in from a CSV file: columns matched, rows looked at first, those that can't be taken named with row, column and reason. */
export function ListFile<T>(props: Props<T>) {
  const { title, label, about, lead } = props
  const { file, unit, setUnit, preview, said, again, choose, take } = useList(props)
  return (
    <Disclosure title={title}>
      <Box aria-label={label}>
        <p>{about} It is looked at first; nothing is stored before you take it.</p>
        <div style={{ display: 'flex', flexWrap: 'wrap', gap: 12, alignItems: 'end' }}>
          {lead?.(() => again())}
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
            {...props}
            name={file.name}
            preview={preview}
            onMatch={matching => again({ matching })}
            onTake={() => void take()}
          />
        )}
      </Box>
    </Disclosure>
  )
}

type ViewProps<T> = Pick<Props<T>, 'columnName' | 'takeWords' | 'heads' | 'row'> & {
  readonly name: string
  readonly preview: ListPreview<T>
  readonly onMatch: (matching: Matching) => void
  readonly onTake: () => void
}

function PreviewView<T>({ name, preview, onMatch, onTake, columnName, takeWords, heads, row }: ViewProps<T>) {
  const { lacking, taken, rejected, count, rejectedCount } = preview
  return (
    <>
      <h3>
        {name}: {count} can be taken, {rejectedCount} can’t
      </h3>
      {lacking.length > 0 && (
        <p role="alert" style={{ color: 'var(--stop)' }}>
          No column stands for {lacking.join(', ')}. Choose which one does.
        </p>
      )}
      <Columns preview={preview} onMatch={onMatch} columnName={columnName} />
      {rejected.length > 0 && (
        <TableOf label="Rows that can’t be taken" heads={['Row', 'Column', 'Why not']}>
          {rejected.map(one => (
            <tr key={`${one.row}${one.column}`} data-rejected={one.row}>
              <td>{one.row}</td>
              <td>{one.column}</td>
              <td>{one.reason}</td>
            </tr>
          ))}
        </TableOf>
      )}
      {taken.length > 0 && (
        <TableOf label="The first that can be taken" heads={heads}>
          {taken.slice(0, MOST_SHOWN).map(row)}
        </TableOf>
      )}
      {rejectedCount > rejected.length && <Quiet>The first {rejected.length} are listed.</Quiet>}
      <div>
        <Button isDisabled={count === 0} onPress={onTake}>
          {takeWords(count)}
        </Button>
      </div>
    </>
  )
}
const MOST_SHOWN = 8

/** Which column of the file stands for what. */
function Columns<T>({ preview, onMatch, columnName }: Pick<ViewProps<T>, 'preview' | 'onMatch' | 'columnName'>) {
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
          <Labelled key={id} label={columnName(id)}>
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

type TableProps = { readonly label: string; readonly heads: readonly string[]; readonly children: ReactNode }

const TableOf = ({ label, heads, children }: TableProps) => (
  <Scroller role="region" aria-label={label} tabIndex={0}>
    <table>
      <thead>
        <tr>
          {heads.map(one => (
            <th key={one}>{one}</th>
          ))}
        </tr>
      </thead>
      <tbody>{children}</tbody>
    </table>
  </Scroller>
)
