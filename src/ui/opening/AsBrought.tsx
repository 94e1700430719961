import type { Scene } from '@/core/drawing/scene'
import type { DisplayStep } from '@/core/units/format-length'
import { SceneView } from '../parts/SceneView'

const NOTHING: ReadonlyMap<string, string> = new Map()
const never = () => {}

type Props = {
  /** The door from outside; `null` where nothing is drawn, or none was brought. */
  readonly scene: Scene | null
  readonly step: DisplayStep
}

/** What stands where the work will be shown: at most the door, drawn and not yet to be pointed at. */
export const AsBrought = ({ scene, step }: Props) => (
  <div className={scene ? 'elevation' : undefined} aria-busy="true">
    {scene && (
      <SceneView
        scene={scene}
        step={step}
        title="Elevation, seen from outside"
        selected={null}
        names={NOTHING}
        onSelect={never}
      />
    )}
  </div>
)
