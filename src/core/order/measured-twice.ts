import type { Finding } from '../base/finding'
import { type Survey, waysRead } from '../survey/survey'
import type { Way } from '../survey/ways'

/** Whether the size was taken twice: by two ways that agree, or a width and a height by another hand or instrument. */
export function isMeasuredTwice(findings: readonly Finding[], survey: Survey, ways: readonly Way[]): boolean {
  const agreeing = findings.some(one => one.code === 'ways-agree')
  const seconds = findings.filter(one => one.code === 'second-agrees').map(one => one.place)
  const byAnother = (kind: 'widths' | 'heights') => seconds.some(place => place.includes(`/${kind}.`))
  return (agreeing && waysRead(survey, ways).length > 1) || (byAnother('widths') && byAnother('heights'))
}
