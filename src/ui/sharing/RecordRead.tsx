'use client'
import { styled } from 'styled-components'
import type { RecordShown, ShownBlock } from '@/core/sharing/share'
import type { DisplayStep } from '@/core/units/format-length'
import { Quiet } from '../parts/controls'
import { StillScene } from '../parts/StillScene'

const Read = styled.article`
  display: grid; gap: 10px; grid-template-columns: minmax(0, 1fr); overflow-wrap: anywhere; background: var(--sheet); border: 1px solid var(--rule); padding: 16px 18px;
  h2 { margin-top: 10px; }
  .scroll { overflow-x: auto; }
  table { border-collapse: collapse; width: 100%; font-size: 0.9375rem; }
  th, td { text-align: left; vertical-align: top; padding: 5px 10px 5px 0; border-bottom: 1px solid var(--rule); }
  dl { display: grid; grid-template-columns: minmax(110px, 0.3fr) 1fr; gap: 4px 12px; }
  dt { color: var(--quiet); }
  .drawn { height: 340px; position: relative; }
  img { max-width: 100%; }
  ul { display: grid; gap: 4px; }
  @media (max-width: 37.5em) { padding: 12px; dl { grid-template-columns: 1fr; } dd { margin-bottom: 6px; } }
`

/** A hand-over record to be read on a screen, and read out: headings, tables and lists as what they are. */
export const RecordRead = ({ shown }: { readonly shown: RecordShown }) => (
  <Read>
    {shown.blocks.map((block, i) => (
      // biome-ignore lint/suspicious/noArrayIndexKey: frozen, its parts have no ids
      <BlockRead key={i} block={block} step={shown.step} />
    ))}
    <Quiet>{shown.footer}</Quiet>
  </Read>
)

function BlockRead({ block, step }: { readonly block: ShownBlock; readonly step: DisplayStep }) {
  switch (block.kind) {
    case 'heading':
      return <h2>{block.text}</h2>
    case 'text':
      return <p>{block.text}</p>
    case 'facts':
      return (
        <dl>
          {block.rows.flatMap(([name, value]) => [<dt key={name}>{name}</dt>, <dd key={`${name}.value`}>{value}</dd>])}
        </dl>
      )
    case 'table':
      return <TableRead block={block} />
    case 'checks':
      return (
        <ul>
          {block.items.map(one => (
            <li key={one.text}>
              {one.ticked ? '✓' : '○'} <span className="sr">{one.ticked ? '' : 'not done: '}</span>
              {one.text}
            </li>
          ))}
        </ul>
      )
    case 'picture':
      return (
        <figure>
          {/* biome-ignore lint/performance/noImgElement: it comes within the page */}
          <img src={`data:image/jpeg;base64,${block.base64}`} alt={block.caption} />
          <figcaption>{block.caption}</figcaption>
        </figure>
      )
    case 'drawing':
      return (
        <figure>
          <div className="drawn">
            <StillScene scene={block.scene} step={step} title={block.caption} />
          </div>
          <figcaption>{block.caption}</figcaption>
        </figure>
      )
  }
}

const TableRead = ({ block: { head, rows } }: { readonly block: Extract<ShownBlock, { kind: 'table' }> }) => (
  <div className="scroll">
    <table>
      <thead>
        <tr>
          {head.map(one => (
            <th key={one} scope="col">
              {one}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {rows.map(row => (
          <tr key={row.join('|')}>
            {row.map((cell, i) => (
              // biome-ignore lint/suspicious/noArrayIndexKey: a cell has only its place
              <td key={i}>{cell}</td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  </div>
)
