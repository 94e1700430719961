'use client'
import { CornerLeftUp } from 'lucide-react'
import dynamic from 'next/dynamic'
import { lazy, memo, Suspense, useDeferredValue, useEffect, useRef } from 'react'
import { STAGES, type Stage } from '@/core/base/stages'
import type { Scene } from '@/core/drawing/scene'
import type { Glance } from '@/core/glance'
import type { OpeningSheet } from '@/core/sheet'
import { STAGE_NAMES } from '@/words/names'
import { Button, Quiet } from '../parts/controls'
import { Link } from '../parts/Link'
import { NotTaken } from '../parts/NotTaken'
import { Grid, Heading, Middle, Side, Tabs, Trouble } from '../sheet/layout'
import type { ReadProps } from '../sheet/stage-props'
import { useDevices } from '../sheet/use-devices'
import { MeasureLadder } from '../stages/Measure'
import { useHeld } from '../store/use-held'
import { useIsHere } from '../store/use-is-here'
import { type SheetStore, useSheet } from '../store/use-sheet'
import { AsBrought } from './AsBrought'
import { KeyHelp } from './KeyHelp'
import type { LaterProps } from './Later'
import { useSelection } from './use-selection'
import type { useSheetKeys } from './use-sheet-keys'
import { useWalk } from './walk'

const FirstWalk = dynamic(() => import('./FirstWalk'), { ssr: false })
const ClashNote = dynamic(() => import('../parts/ClashNote').then(one => one.ClashNote), { ssr: false })

// The work, and all that shows it: loaded behind what is needed to read and type, and worked out in the browser alone.
const Later = memo(lazy(() => import('./Later')))

type Props = {
  readonly initial: OpeningSheet
  readonly glance: Glance
  /** The door from outside, as it is drawn until the work is there; `null` where none was brought. */
  readonly scene: Scene | null
  readonly stage: Stage
}

/** The sheet of one opening: one live drawing, seven stages on it. */
export function Sheet({ initial, glance: atFirst, scene, stage: first }: Props) {
  const store = useSheet(initial, atFirst)
  const devices = useDevices()
  const on = useSelection(store, first)
  const { stage } = on
  const { sheet, glance } = store
  const { progress } = glance
  const isIdle = (one: Stage) => glance.idle.includes(one)
  const walk = useWalk()
  const isDone = progress.done.includes(stage) && progress.stage !== stage
  const pane: ReadProps = {
    store,
    devices,
    selected: on.selected,
    onSelect: on.select,
    stage,
    onGo: on.goTo,
    onShow: on.light,
    inputRef: on.inputRef,
    direction: on.direction,
    onDirection: on.turnTo,
  }
  return (
    <main>
      <SheetHead sheet={sheet} stage={stage} help={on.help} />
      <StageTabs stage={stage} done={progress.done} isIdle={isIdle} onShow={on.show} />
      <Troubles store={store} />
      <Grid data-stage={isIdle(stage) ? undefined : stage} data-done={isDone || undefined}>
        <Side className="ladder" role="region" aria-label={STAGE_NAMES[stage]} tabIndex={0}>
          {isIdle(stage) ? (
            <Quiet>{idleWords(glance)}</Quiet>
          ) : stage === 'measure' ? (
            <MeasureLadder {...pane} />
          ) : (
            <Behind part="ladder" pane={pane} on={on} scene={null} />
          )}
          {isDone && (
            <div className="next" style={{ paddingTop: 8 }}>
              <Button onPress={() => on.show(progress.stage)}>
                {progress.finished ? 'All is done: the record' : `Done here. Next: ${STAGE_NAMES[progress.stage]}`}
              </Button>
            </div>
          )}
        </Side>
        <Middle className="middle">
          <Behind part="middle" pane={pane} on={on} scene={scene} />
        </Middle>
        <Side className="findings" role="region" aria-label="Findings" tabIndex={0}>
          {!isIdle(stage) && <Behind part="findings" pane={pane} on={on} scene={null} />}
        </Side>
      </Grid>
      {walk !== null && <FirstWalk at={walk} stage={stage} isIdle={isIdle} onShow={on.show} />}
    </main>
  )
}

/** What shows the work. Until it is loaded the door stands as the page brought it, and what is typed meanwhile reaches it when it is there. The
 *  ladder comes right after drawing and findings, so that these are painted first; while the unit is moved it waits. */
function Behind({ scene, ...props }: LaterProps & { readonly scene: Scene | null }) {
  const { store } = props.pane
  const isLadder = props.part === 'ladder'
  const behind = useDeferredValue(useHeld(props, isLadder && store.isMoving))
  const isHere = useIsHere()
  // What another stage showed never stands beside this one's.
  const mayWait = !store.isWorked || (isLadder && behind.pane.stage === props.pane.stage)
  const meanwhile = <AsBrought scene={scene} step={store.sheet.job.step} />
  return <Suspense fallback={meanwhile}>{isHere ? <Later {...(mayWait ? behind : props)} /> : meanwhile}</Suspense>
}

const idleWords = ({ isOrdered }: Glance): string =>
  isOrdered
    ? 'The leaf and its opening stay as they are: nothing is to be done here.'
    : 'The old door stays: nothing is ordered or set here.'

type HeadProps = {
  readonly sheet: OpeningSheet
  readonly stage: Stage
  readonly help: ReturnType<typeof useSheetKeys>
}

function SheetHead({ sheet: { job, opening, neighbours }, stage, help }: HeadProps) {
  return (
    <Heading>
      <Link href={`/jobs/${job.id}`} className="up" aria-label={`Up to ${job.name}`}>
        <CornerLeftUp size={20} aria-hidden="true" />
      </Link>
      <Link href={`/jobs/${job.id}`} className="job">
        {job.name}
      </Link>
      <h1>
        {opening.tag} {opening.name}
      </h1>
      <span className="spacer" />
      {neighbours.before && (
        <Link className="step" aria-label="Previous opening" href={`/openings/${neighbours.before}/${stage}`}>
          ‹
        </Link>
      )}
      {neighbours.after && (
        <Link className="step" aria-label="Next opening" href={`/openings/${neighbours.after}/${stage}`}>
          ›
        </Link>
      )}
      <KeyHelp {...help} />
    </Heading>
  )
}

type TabsProps = {
  readonly stage: Stage
  readonly done: readonly Stage[]
  readonly isIdle: (stage: Stage) => boolean
  readonly onShow: (stage: Stage) => void
}

function StageTabs({ stage, done, isIdle, onShow }: TabsProps) {
  const tabs = useRef<HTMLElement>(null)
  // On a narrow window the stages run on beside each other: the one that is shown is in sight.
  // biome-ignore lint/correctness/useExhaustiveDependencies: another stage is another tab in sight
  useEffect(() => {
    const tab = tabs.current?.querySelector<HTMLElement>('[aria-current]')
    if (tabs.current && tab) tabs.current.scrollLeft = tab.offsetLeft - (tabs.current.clientWidth - tab.clientWidth) / 2
  }, [stage])
  return (
    <Tabs ref={tabs} aria-label="Stages">
      {STAGES.map((one, i) => (
        <button
          key={one}
          type="button"
          aria-current={one === stage ? 'step' : undefined}
          aria-label={STAGE_NAMES[one]}
          data-done={done.includes(one) || undefined}
          onClick={() => onShow(one)}
        >
          <span className="number" aria-hidden="true">
            {isIdle(one) ? '–' : done.includes(one) ? '✓' : i + 1}
          </span>
          <span className="name">{STAGE_NAMES[one]}</span>
        </button>
      ))}
    </Tabs>
  )
}

/** What was not done, what the store does not take, and what two people changed otherwise. */
const Troubles = ({ store }: { readonly store: SheetStore }) => (
  <>
    {store.trouble && <Trouble role="alert">{store.trouble}</Trouble>}
    <NotTaken of={`/api/openings/${store.sheet.opening.id}`} />
    {store.clashes.map(({ kind, clash }) => (
      <ClashNote key={kind} clash={clash} step={store.sheet.job.step} onChoose={side => store.choose(kind, side)} />
    ))}
  </>
)
