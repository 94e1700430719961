'use client'
import { createGlobalStyle } from 'styled-components'

/** The tokens, in three lights: paper, a cellar's dark, and sun. Everything else is made of these. */
export const GlobalStyle = createGlobalStyle`
  :root {
    color-scheme: light;
    --paper: #F7F5EF; --sheet: #FFFFFF; --ink: #17242B; --quiet: #4A5A63; --rule: #D3D7D6; --strong-rule: #77858C;
    --blue: #1F4FA3; --on-blue: #FFFFFF; --blue-wash: #E9EEF8; --vial: #C9D94F; --vial-wash: #F1F5CF;
    --fine: #2E7D4F; --watch: #8A5000; --correct: #B8400E; --stop: #A01A2B;
    --wood: #EFE6D2; --masonry: #E4E0D6; --leaf: #FBFAF6; --shim: #E3B97B; --air: #BFD3EE; --glass: #E6EEF3; --texture: #DCD8CC;
    --gap: 16px; --touch: 44px; --bar: 2.3125rem;
  }
  :root[data-light='cellar'] {
    color-scheme: dark;
    --paper: #12191D; --sheet: #1A2329; --ink: #ECEFEA; --quiet: #B2BEC3; --rule: #34424A; --strong-rule: #7C8C94;
    --blue: #8DB4F5; --on-blue: #0E1A2C; --blue-wash: #22314A; --vial: #C9D94F; --vial-wash: #3A4118;
    --fine: #7CCB9C; --watch: #F0B45C; --correct: #FF9A6B; --stop: #FF8A98;
    --wood: #3B3527; --masonry: #2E3133; --leaf: #212C32; --shim: #8A6A36; --air: #3A567C; --glass: #26343D; --texture: #2C373D;
  }
  :root[data-light='sun'] {
    color-scheme: light;
    --paper: #FFFFFF; --sheet: #FFFFFF; --ink: #000000; --quiet: #22292D; --rule: #6B7378; --strong-rule: #22292D;
    --blue: #0B337F; --on-blue: #FFFFFF; --blue-wash: #E3EAFA; --vial: #D6EA2F; --vial-wash: #F4FAC0;
    --fine: #0F5A30; --watch: #6B3A00; --correct: #8E2A00; --stop: #7D0A1A;
    --wood: #F3E4BF; --masonry: #E0DBCB; --leaf: #FFFFFF; --shim: #D79A3E; --air: #A9C6F0; --glass: #E4EEF5; --texture: #D5D6D2;
  }
  @media (pointer: coarse) { :root { --bar: max(49px, 2.375rem); } }
  *, *::before, *::after { box-sizing: border-box; }
  html { background: var(--paper); color: var(--ink); font: 400 100%/1.4 'Source Sans 3 Variable', 'Harvek Until', sans-serif; font-variant-numeric: tabular-nums; -webkit-text-size-adjust: 100%; }
  /* What has the focus, or is gone to, stands clear of what is fixed above and below. */
  html { scroll-padding: 8px 0 calc(var(--bar) + 12px); }
  @media (max-width: 53.75em) { html:has(nav[aria-label='Stages']) { scroll-padding-top: 60px; } }
  body { margin: 0; }
  body:has([data-line]) { padding-bottom: var(--bar); }
  h1, h2, h3, p, ul, ol, dl, dd, figure { margin: 0; padding: 0; }
  h1, h2, p, strong, dd, .name, .quiet, .tall { overflow-wrap: anywhere; }
  a, li, td, th { overflow-wrap: break-word; }
  /* A name that is read from the right leaves what stands beside it where it is. */
  h1, h2, a, strong, dd, td, bdi, .name { unicode-bidi: isolate; }
  ul, ol { list-style: none; }
  h1 { font-size: 1.5rem; font-weight: 650; line-height: 1.2; }
  h2 { font-size: 1.125rem; font-weight: 650; line-height: 1.25; }
  h3 { font-size: 1rem; font-weight: 650; }
  a { color: var(--blue); text-underline-offset: 3px; }
  button, input, select { font: inherit; color: inherit; }
  input { accent-color: var(--blue); }
  :focus-visible { outline: 3px solid var(--blue); outline-offset: 2px; }
  /* A link that stands by itself is as high as a finger. */
  .tall { display: inline-flex; align-items: center; min-height: var(--touch); }
  /* A word of the trade in a sentence: it stands in its line, and a little round it is tapped too. */
  .term { display: inline; border: none; background: none; padding: 6px 2px; margin: -6px -2px; font: inherit; color: inherit; cursor: help; text-decoration: underline dotted; text-decoration-thickness: 1px; text-underline-offset: 3px; }
  dl dd { text-align: right; }
  [hidden] { display: none !important; }
  .sr { position: absolute; width: 1px; height: 1px; margin: -1px; overflow: hidden; clip-path: inset(50%); white-space: nowrap; }
  .printed { display: none; }
  /* A page on paper: what is known, without what one does on it. */
  @media print {
    @page { margin: 14mm 12mm 16mm; @bottom-right { content: counter(page) ' of ' counter(pages); font: 9pt sans-serif; } }
    :root, :root[data-light] {
      color-scheme: light; --paper: #FFFFFF; --sheet: #FFFFFF; --ink: #000000; --quiet: #33383B; --rule: #9AA0A3; --strong-rule: #555555;
      --blue: #000000; --vial: #E4E4E4; --vial-wash: #F1F1F1; --fine: #000000; --watch: #000000; --correct: #000000; --stop: #000000;
    }
    html { font-size: 11pt; }
    body:has([data-line]) { padding-bottom: 0; }
    .printed { display: block; font-size: 10pt; color: var(--quiet); padding-bottom: 6mm; }
    .unprinted, dialog, form, input[type='file'], main button[data-rac], .closer, button.ask, main summary:not(details[open] > summary), video { display: none !important; }
    main, main * { overflow: visible !important; contain: none !important; max-height: none !important; }
    main .sr { overflow: hidden !important; } canvas { max-width: 100% !important; height: auto !important; }
    h1, h2, h3 { break-after: avoid; } li, tr, article, figure, svg, label, [data-task] { break-inside: avoid; } thead { display: table-header-group; }
    a { color: inherit; text-decoration: none; } .term { text-decoration: none; }
    svg[data-scene] { width: 100% !important; height: 100% !important; }
  }
  @media (prefers-reduced-motion: reduce) { *, *::before, *::after { transition: none !important; animation: none !important; } }
`
