import type { Units } from '../../units/UnitsContext'
import type { Sight, Signal } from './queries'

/** What a line tells, by its label. */
export function signalWords({ told, species, kg }: Signal, label: string, units: Units): string {
  switch (told) {
    case 'GOES_OFF':
      return `${label} goes off: tap it.`
    case 'STILL_ON':
      return `${label}: still on.`
    case 'ALONGSIDE':
      return `${label}: alongside, a ${species} of about ${units.say('mass', kg ?? 0)}.`
    case 'GONE':
      return `${label}: it is gone, the line is slack.`
    case 'WEEDY':
      return weedWords([label])
  }
}

/** All lines that carry weed in one sentence. */
export const weedWords = (labels: readonly string[]): string =>
  labels.length === 1
    ? `${labels[0]} drags: weed. Look it over, then tap Clean.`
    : `${labels.join(', ')} drag: weed. Look them over, then tap Clean.`

/** An earlier strike on a line, as far as its signals go on from it. */
export interface Told {
  lineId: string
  happenedAt: string
  outcome: string
}

/**
 * Signals that still say something: a fish that was told of and is over says nothing more, and one that nobody told of is
 * told of as long as it is on.
 */
export const standing = (signals: readonly Signal[], strikes: readonly Told[]): Signal[] =>
  signals.flatMap((signal): Signal[] => {
    const { told, lineId, since } = signal
    if (told === 'WEEDY') return [signal]
    const own = strikes.filter((one) => one.lineId === lineId)
    const open = own.some(({ outcome }) => outcome === 'OPEN')
    if (told === 'ALONGSIDE' || told === 'GONE') return open ? [signal] : []
    if (open) return [{ ...signal, told: 'STILL_ON' }]
    return own.some(({ happenedAt }) => Date.parse(happenedAt) >= Date.parse(since)) ? [] : [signal]
  })

/** Off the bow, as it is said and kept: to port negative. */
export const bowOf = ({ bearingDeg }: Sight): number => (bearingDeg > 180 ? bearingDeg - 360 : bearingDeg)
