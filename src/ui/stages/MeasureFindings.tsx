'use client'
import dynamic from 'next/dynamic'
import { unsound } from '@/core/specification/visit'
import { isOfDelivery } from '@/core/survey/photo-place'
import type { Reading } from '@/core/survey/reading'
import { isSlot } from '@/core/survey/slots'
import { historyOf, struckIn } from '@/core/survey/survey'
import { ladderFor, type Question } from '@/core/survey/survey-of'
import { uncheckedReadings } from '@/core/survey/unchecked'
import { FAMILY_NAMES, WAY_NAMES } from '@/words/kinds'
import { slotName } from '@/words/walk'
import { ButtonLink, Choice, Panel, Quiet } from '../parts/controls'
import { Disclosure } from '../parts/Disclosure'
import { FindingList } from '../parts/FindingList'
import { Locked } from '../parts/Rights'
import { Behind } from '../sheet/Behind'
import { History } from '../sheet/History'
import type { StageProps } from '../sheet/stage-props'
import { TAPES, useTape } from '../sheet/use-tape'

// What is not needed to read is loaded behind what is.
const DevicePanel = dynamic(() => import('../sheet/DevicePanel').then(one => one.DevicePanel), { ssr: false })
const VisitPanel = dynamic(() => import('./VisitPanel'), { ssr: false })
const Photos = dynamic(() => import('../sheet/Photos').then(one => one.Photos), { ssr: false })
const ReadingsFile = dynamic(() => import('../sheet/ReadingsFile').then(one => one.ReadingsFile), { ssr: false })

/** The first look, with how much was said. */
function visitTitle({ visit, settings }: StageProps['store']['records']['wishes']): string {
  const said =
    visit.reasons.length + settings.length + (visit.stays?.length ?? 0) + visit.obstacles.length + unsound(visit).length
  return said > 0 ? `The first look: ${said} said` : 'The first look: why, where, what stays'
}

export function MeasureFindings(pane: StageProps) {
  const { store } = pane
  const { work, sheet, records } = store
  const { way } = records.wishes
  const { ways } = work.door.survey
  return (
    <>
      <Behind of={Said} pane={pane} />
      <Panel>
        <Disclosure title={visitTitle(records.wishes)}>
          <Locked verb="settle">
            <VisitPanel store={store} />
          </Locked>
        </Disclosure>
      </Panel>
      <Panel>
        <h2>{FAMILY_NAMES[sheet.opening.family].name}</h2>
        {ways.length > 1 ? (
          <Locked verb="settle">
            <Choice
              label={WAY_NAMES[way].when}
              value={way}
              options={ways.map(one => [one, WAY_NAMES[one].name])}
              onChange={next => store.save('wishes', { way: next })}
            />
          </Locked>
        ) : (
          <Quiet>{WAY_NAMES[way].when}</Quiet>
        )}
        <Quiet>Left and right are always as seen from outside.</Quiet>
      </Panel>
      <Panel>
        <h2>Who and with what</h2>
        <Choice
          label="Read by"
          value={store.reader}
          options={sheet.members.map(name => [name, name])}
          onChange={store.setReader}
        />
        <TapeChoice unit={sheet.job.unit} />
      </Panel>
      <Behind of={Beside} pane={pane} />
    </>
  )
}

/** What the readings say, and what was read at the selected place. */
function Said({ store, selected, onSelect, onGo, stage }: StageProps) {
  const { measure, specify } = store.work
  const { sheet } = store
  const places = new Set(['ways-agree', 'ways-disagree'])
  const findings = [...measure.findings, ...specify.findings.filter(one => places.has(one.code))]
  return (
    <>
      <Panel>
        <h2>What the readings say</h2>
        <FindingList
          findings={findings}
          step={sheet.job.step}
          figure={store.figure}
          selected={selected}
          onSelect={onSelect}
          onGo={onGo}
          here={stage}
          empty={
            measure.value.model
              ? 'The readings agree with each other.'
              : 'One width and one height, and the opening is drawn to scale.'
          }
        />
      </Panel>
      <History
        history={historyHere(selected, sheet)}
        struck={struckIn(sheet.answers)}
        unit={sheet.job.unit}
        unchecked={new Set(uncheckedReadings(sheet.readings, sheet.answers).map(one => one.id))}
        onSign={({ id, slot }) => void store.addAnswer({ slot, kind: 'signed', code: id, note: '' })}
        onStrike={({ id, slot }, note) => void store.addAnswer({ slot, kind: 'withdrawn', code: id, note })}
      />
    </>
  )
}

/** What is beside the readings: devices, photos, papers. */
const Beside = ({ store, devices, selected }: StageProps) => (
  <>
    <DevicePanel devices={devices} />
    <Photos store={store} question={selectedQuestion(selected, store.records.wishes.way, store.work.door.survey)} />
    <PapersPanel store={store} />
  </>
)

function PapersPanel({ store }: Pick<StageProps, 'store'>) {
  const { opening, photos } = store.sheet
  const address = `/api/openings/${opening.id}`
  return (
    <Panel>
      <h2>Papers and files</h2>
      <div style={{ display: 'flex', flexWrap: 'wrap', gap: 6 }}>
        <ButtonLink href={`${address}/measure.pdf`}>Measure sheet, PDF</ButtonLink>
        {photos.some(one => !isOfDelivery(one)) && (
          <ButtonLink href={`${address}/measure.pdf?photos=yes`}>With photos, PDF</ButtonLink>
        )}
        <ButtonLink href={`${address}/measure.pdf?blank=yes`}>Blank sheet, PDF</ButtonLink>
        <ButtonLink href={`${address}/readings.csv`}>Readings, CSV</ButtonLink>
        <ButtonLink href={`${address}/readings.json`}>Readings, JSON</ButtonLink>
      </div>
      <ReadingsFile store={store} />
    </Panel>
  )
}

function historyHere(selected: string | null, { readings }: StageProps['store']['sheet']): readonly Reading[] {
  return selected === null || !isSlot(selected) ? [] : historyOf(selected, readings)
}

function selectedQuestion(
  selected: string | null,
  way: Parameters<typeof ladderFor>[1],
  asked: Parameters<typeof ladderFor>[0],
): { readonly question: Question; readonly name: string } | null {
  const question = ladderFor(asked, way).find(one => one === selected)
  return question ? { question, name: slotName(question) } : null
}

function TapeChoice({ unit }: { readonly unit: 'in' | 'mm' }) {
  const { graduation, setGraduation } = useTape(unit)
  return (
    <Choice
      label="Tape, finest mark"
      value={graduation}
      options={TAPES[unit].map(one => [one, `${one} ${unit}`])}
      onChange={setGraduation}
    />
  )
}
