import { type Reader, reject } from '../calls-input'
import { daylightAt, latestStart } from '../plan/daylight'
import { earliestFinish, type Task } from '../plan/earliest-finish'
import { flashingTape, rollsFor } from '../plan/flashing-tape'
import { cansFor, foamIn3, foamPerimeter } from '../plan/foam'
import { sealantMl, tubesFor } from '../plan/sealant'
import type { Length } from '../units/length'
import { aboveZero, type Calls, closing, isEmpty, positive, sizeOr, taken } from './call'

const MOST_TASKS = 500

/** What is asked before a door is set: what to take along, until when to begin, and when all is done. */
export const PLAN_CALLS: Calls = {
  'takeoff.sealant': (input, { numbers }) => {
    const beads = input
      .objects('beads')
      .map(one => closing(one, bead => ({ length: positive(bead, 'length'), diameter: positive(bead, 'diameter') })))
    const volumeMl = sealantMl(beads, shareOr(input, 'waste', numbers['sealant-waste'].value))
    return { volumeMl, tubes: tubesFor(volumeMl, figureOr(input, 'tubeMl', numbers['sealant-tube'].value)) }
  },
  'takeoff.foam': (input, { numbers }) => {
    const volumeIn3 = foamIn3(perimeterFrom(input), positive(input, 'gap'), positive(input, 'depth'))
    const share = shareOr(input, 'share', numbers['foam-share'].value)
    if (share === 0) reject('input.negative', input.path('share'))
    return { volumeIn3, cans: cansFor(volumeIn3, figureOr(input, 'yieldIn3', numbers['foam-can'].value), share) }
  },
  'takeoff.tape': (input, { lengths }) => {
    const tape = flashingTape(
      positive(input, 'width'),
      positive(input, 'height'),
      sizeOr(input, 'upTurn', lengths['tape-up-turn'].value),
      sizeOr(input, 'lap', lengths['tape-lap'].value),
    )
    return { ...tape, rolls: rollsFor(tape.total, input.run('roll')) }
  },
  'start.latest': (input, { numbers }) => {
    const latitude = degrees(input, 'latitudeDeg', 90)
    const longitude = degrees(input, 'longitudeDeg', 180)
    const day = taken(daylightAt(input.text('date'), latitude, longitude, input.text('timeZone')))
    const work = notBelowZero(input, 'minutes')
    const factor = figureOr(input, 'factor', numbers['closed-factor'].value)
    return { ...day, ...latestStart(day, work, clockFrom(input, 'crewEnd'), factor) }
  },
  'schedule.finish': input => {
    const listed = isEmpty(input, 'tasks') ? [] : input.objects('tasks')
    if (listed.length > MOST_TASKS) reject('plan.many', input.path('tasks'), { most: MOST_TASKS })
    return taken(
      earliestFinish(
        listed.map(one => closing(one, taskFrom)),
        wholeFrom(input, 'crew'),
      ),
    )
  },
}

/** How far round the foam goes: as it was read, or of a rough opening. */
function perimeterFrom(input: Reader): Length {
  const read = input.optionalLength('perimeter')
  if (read === undefined) return foamPerimeter(positive(input, 'width'), positive(input, 'height'))
  if (input.optionalValue('width') !== undefined || input.optionalValue('height') !== undefined)
    reject('plan.perimeter', input.path('perimeter'))
  return aboveZero(read, input.path('perimeter'))
}

const taskFrom = (task: Reader): Task => ({
  id: task.text('id'),
  hours: notBelowZero(task, 'hours'),
  people: wholeFrom(task, 'people'),
  needs: isEmpty(task, 'needs')
    ? []
    : task.objects('needs').map(one =>
        closing(one, need => ({
          id: need.text('id'),
          waitHours: need.optionalValue('waitHours') === undefined ? 0 : notBelowZero(need, 'waitHours'),
        })),
      ),
})

/** A figure above zero; `usual` where it is not given. */
function figureOr(input: Reader, name: string, usual: number): number {
  const figure = input.optionalNumber(name) ?? usual
  return figure > 0 ? figure : reject('input.negative', input.path(name))
}

/** A share of the whole, 0 to 1; `usual` where it is not given. */
function shareOr(input: Reader, name: string, usual: number): number {
  const share = input.optionalNumber(name) ?? usual
  return share >= 0 && share <= 1 ? share : reject('plan.share', input.path(name))
}

function notBelowZero(input: Reader, name: string): number {
  const figure = input.number(name)
  return figure >= 0 ? figure : reject('input.negative', input.path(name))
}

function wholeFrom(input: Reader, name: string): number {
  const figure = input.number(name)
  return Number.isInteger(figure) && figure >= 1 ? figure : reject('input.whole', input.path(name))
}

function degrees(input: Reader, name: string, most: number): number {
  const figure = input.number(name)
  return Math.abs(figure) <= most ? figure : reject('plan.degrees', input.path(name), { most })
}

/** A time of the day, `HH:MM`, in minutes after midnight. */
function clockFrom(input: Reader, name: string): number {
  const [, hours, minutes] =
    /^([01]\d|2[0-3]):([0-5]\d)$/.exec(input.text(name)) ?? reject('plan.clock', input.path(name))
  return Number(hours) * 60 + Number(minutes)
}
