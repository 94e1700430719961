'use client'
import { styled } from 'styled-components'

/** The sheet: ladder, drawing, findings. A stage changes what stands in them, never where they stand. */
export const Grid = styled.div`
  display: grid; grid-template-columns: 316px minmax(0, 1fr) 332px; height: calc(100dvh - 53px - 52px - 49px - var(--bar)); min-height: 540px;
  @media (max-width: 68.75em) { grid-template-columns: 288px minmax(0, 1fr) 288px; }
  /* A key is as wide as a finger. */
  &:has([aria-label='Keypad'][role='group']) { grid-template-columns: 380px minmax(0, 1fr) 288px; }
  @media (max-width: 53.75em) {
    display: flex; flex-direction: column; height: auto; --drawn: max(44dvh, 300px);
    /* While something is read its field is in sight too; sealing is read as soon as it is there. */
    &:has([aria-label='Reading now']) { --drawn: max(35dvh, 232px); }
    &:has([aria-label='Reading now']):where([data-done], :has(> .ladder > .when)), &:where([data-stage='seal']:has(> .ladder > [aria-busy])) { --drawn: max(27dvh, 176px); }
    /* The drawing is sent after the ladder and stands above it: its place is kept from the first line on. */
    &::before { content: ''; order: -2; flex: none; height: var(--drawn); }
    > .middle { margin-top: calc(-1 * var(--drawn)); }
    :root[data-fold='strip'] & { --drawn: 49px; }
    :root[data-fold='tall'] & { --drawn: calc(100dvh - 150px - var(--bar)); }
    /* By keypad: drawing, question, field and keys fill the window that is there, and nothing is scrolled for a reading. */
    &:has([data-docked]) {
      position: fixed; inset: 0 0 var(--bar); z-index: 22; height: calc(100dvh - var(--bar)); min-height: 0; background: var(--sheet);
      &::before { display: none; }
      > .middle { position: static; flex: 1; height: auto; min-height: 84px; margin-top: 0; .pull { display: none; } }
      .ladder { flex: none; max-height: 88dvh; overflow-y: auto !important; padding: 8px 12px; }
      .findings, .scroll, .middle .foot { display: none; }
    }
  }
  /* A phone that lies on its side: the drawing beside the question, not above it. */
  @media (max-width: 60em) and (max-height: 30em) {
    &:has([data-docked]) { flex-direction: row; .middle { order: -1; height: 100%; } .ladder { width: 54%; max-height: none; &::before, > .next { display: none; } } .how { display: none; } }
  }
  @media print { display: flex !important; flex-direction: column; position: static !important; height: auto !important; min-height: 0; &::before { display: none; } > .middle { order: -1; margin-top: 0; } }
`
export const Side = styled.div`
  @media print { display: block !important; border: none !important; .scroll { margin: 0 !important; padding: 0 !important; } }
  overflow-y: auto; padding: 14px 16px; background: var(--sheet); min-height: 0; min-width: 0;
  @media (min-width: 53.8125em) { contain: strict; &.ladder:has([aria-busy]) > .next { display: none; } }
  &.ladder { border-right: 1px solid var(--rule); }
  &[data-walked] { box-shadow: inset 0 0 0 3px var(--vial), inset 0 0 0 5px var(--ink); }
  &:has(> .scroll) { display: flex; flex-direction: column; }
  .scroll { overflow-y: auto; min-height: 96px; flex: 1; margin: 0 -16px; padding: 0 16px; }
  .count { position: sticky; top: 0; z-index: 1; background: var(--sheet); display: flex; justify-content: space-between; align-items: center; gap: 8px; font-size: 0.9375rem; color: var(--quiet); min-height: 44px; button { font-size: 0.875rem; padding: 0 10px; } }
  &.findings { border-left: 1px solid var(--rule); }
  @media (max-width: 53.75em) {
    overflow: visible !important; .scroll { overflow: visible; } border: none !important; border-top: 1px solid var(--rule) !important;
    /* While the work is not there, and while the page is still coming in, the place of what will stand above the rest is kept. */
    &.ladder:has([aria-busy]) { min-height: 60dvh; }
    &.ladder { display: flex; flex-direction: column; > .next { order: -1; padding: 0 0 10px !important; } }
    /* What comes next is sent last and stands first: its place is kept too. */
    [data-done] > &.ladder { &::before { content: ''; order: -2; flex: none; height: 54px; } > .next { margin-top: -54px; } }
  }
`
export const Middle = styled.div`
  min-height: 0; min-width: 0; display: grid; grid-template-columns: minmax(0, 1.55fr) minmax(0, 1fr); grid-template-rows: minmax(0, 1fr) minmax(0, 1fr) auto; gap: 6px; padding: 8px;
  &[data-walked] { box-shadow: inset 0 0 0 3px var(--vial), inset 0 0 0 5px var(--ink); }
  .elevation { grid-row: 1 / 3; }
  .foot { grid-column: 1 / -1; min-height: 52px; }
  .pull { display: none; }
  @media (max-width: 53.75em) {
    order: -1; position: sticky; top: 49px; z-index: 2; overflow: hidden; background: var(--paper); border-bottom: 1px solid var(--rule); height: var(--drawn); padding: 0; gap: 0 2px;
    grid-template-rows: minmax(0, 1fr) minmax(0, 1fr) auto auto;
    [data-role='hook'] :is(rect, text) { display: none; } /* The sentence below says it; here the words would lie on figures. */
    .foot { min-height: 0; }
    .pull {
      grid-column: 1 / -1; display: flex; align-items: center; gap: 6px; padding: 0 6px; background: var(--sheet); border-top: 1px solid var(--rule); height: 48px;
      .views { display: flex; gap: 4px; }
      .views button { min-height: 44px; min-width: 44px; padding: 0 10px; border: none; border-radius: 4px; background: none; font-size: 0.9375rem; color: var(--quiet); cursor: pointer; }
      .views button[aria-pressed='true'] { color: var(--ink); font-weight: 650; box-shadow: inset 0 -3px 0 var(--ink); }
      .grip { flex: 1; min-width: 88px; min-height: 44px; display: grid; place-items: center; border: none; background: none; cursor: ns-resize; touch-action: none; }
      .grip span { width: 56px; height: 5px; border-radius: 3px; background: var(--strong-rule); }
    }
    &[data-pulled] { overflow: visible; }
    :root[data-fold='strip'] & { > :not(.pull) { display: none; } grid-template-rows: 48px; }
  }
  @media (max-width: 37.5em), (max-width: 60em) and (max-height: 30em) {
    grid-template-columns: minmax(0, 1fr); grid-template-rows: minmax(0, 1fr) auto auto;
    .elevation { grid-row: auto; }
    :root:not([data-fold='tall']) & .foot { display: none; }
  }
  @media print { display: grid !important; position: static !important; height: 120mm !important; break-inside: avoid; .foot, .pull { display: none !important; } }
`
export const Heading = styled.div`
  display: flex; align-items: center; gap: 14px; min-height: 52px; padding: 0 20px; background: var(--sheet);
  h1 { font-size: 1.25rem; }
  .job { color: var(--quiet); font-size: 0.9375rem; display: inline-flex; align-items: center; min-height: 44px; max-width: 40%; overflow-wrap: anywhere; }
  .spacer { flex: 1; }
  .step { display: inline-grid; place-items: center; min-width: 44px; min-height: 44px; text-decoration: none; font-size: 1.25rem; border-radius: 4px; }
  .up { display: none; }
  @media (max-width: 43.75em) { padding: 0 10px 0 0; gap: 2px; min-height: 44px; .up { display: inline-grid; place-items: center; min-width: 44px; min-height: 44px; color: var(--blue); } .job { display: none; } h1 { font-size: 1.125rem; line-height: 1.15; } }
`
export const Tabs = styled.nav`
  @media print { display: none !important; }
  display: flex; border-top: 1px solid var(--rule); border-bottom: 1px solid var(--rule); background: var(--paper); padding: 0 10px; height: 49px;
  button {
    display: flex; align-items: center; justify-content: center; gap: 7px; flex: 1; min-width: 44px; min-height: 44px; border: none; background: none; cursor: pointer; font-size: 1rem; padding: 0 4px; border-bottom: 4px solid transparent; border-top: 4px solid transparent; white-space: nowrap;
  }
  button[aria-current='step'] { border-bottom-color: var(--ink); font-weight: 700; background: var(--vial-wash); }
  .number { color: var(--quiet); font-size: 0.875rem; }
  button[data-done] .number { color: var(--fine); }
  @media (max-width: 53.75em) { position: sticky; top: 0; z-index: 3; }
  @media (max-width: 47.5em) { padding: 0; overflow-x: auto; scrollbar-width: none; button { flex: 1 0 auto; padding: 0 10px; gap: 5px; font-size: 0.9375rem; } }
`
export const Trouble = styled.div`
  display: flex; align-items: center; gap: 14px; padding: 8px 20px; background: var(--sheet); border-bottom: 2px solid var(--stop); color: var(--stop); font-weight: 600;
`
export const Ladder = styled.ol`
  display: grid;
  li button {
    display: grid; grid-template-columns: 22px 1fr auto 22px; align-items: center; gap: 6px; width: 100%; min-height: 44px; padding: 2px 6px; text-align: left; border: none; border-top: 1px solid var(--rule); background: none; cursor: pointer; font-size: 1rem;
  }
  li button[aria-current='true'] { background: var(--vial-wash); box-shadow: inset 0 0 0 1.5px var(--ink); }
  .value { font-size: 1.25rem; font-weight: 600; }
  .answer { font-size: 1rem; font-weight: 600; text-align: right; max-width: 118px; }
  .swing { display: block; font-size: 0.8125rem; color: var(--quiet); }
  .open { color: var(--quiet); }
`
/** What is asked now. As high for one question as for another, so that neither the field nor the ladder below it moves. */
export const Now = styled.section`
  @media print { display: none !important; }
  display: grid; gap: 6px; padding-bottom: 8px; border-bottom: 2px solid var(--ink); min-height: 390px; flex-shrink: 0; align-content: start;
  @media (max-width: 53.75em) { min-height: 0; scroll-margin-top: calc(var(--drawn) + 8px); .how { min-height: 2.7em; } }
  &[data-walked] { box-shadow: 0 0 0 3px var(--vial), 0 0 0 5px var(--ink); }
  h2 { font-size: 1.375rem; }
  .how { font-size: 0.9375rem; line-height: 1.34; }
  @media (min-width: 53.8125em) { .how { min-height: 81px; } }
  .why { color: var(--quiet); }
  .list { display: none; }
  @media (max-width: 53.75em) {
    &[data-docked] {
      gap: 4px; padding: 0; border: none;
      [aria-label='Keypad'] { gap: 5px; }
      .list { display: block; float: right; min-height: 44px; margin: -8px 0 0 8px; }
      h2 { line-height: 28px; }
      .how { font-size: 0.875rem; line-height: 1.3; min-height: 0; max-height: 4.1em; overflow: hidden; }
      .manner:empty { display: none; }
      .why { display: none; }
    }
  }
`
