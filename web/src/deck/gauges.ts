import { ago } from '../units/ago'
import { degrees } from '../units/degrees'
import type { Units } from '../units/UnitsContext'
import type { GaugeName, Instruments } from './queries'

/** One reading as it is shown. */
export interface Shown {
  gauge: GaugeName
  title: string
  /** The figure, large; its unit beside it. */
  figure: string
  unit: string
  beneath: string
  /** Of a source that has gone quiet. */
  quiet: boolean
}

/** After so long without a word a reading is said to be old (s). */
export const QUIET_S = 6

const TITLES: Partial<Record<GaugeName, string>> = {
  WATER_SPEED: 'Through water',
  GROUND: 'Over ground',
  HEADING: 'Heading',
  DEPTH: 'Depth',
  WATER_TEMPERATURE: 'Surface',
  WIND: 'Wind',
}

/**
 * Readings in the order a helmsman looks for them, each with its age once it is old; a place is no figure to steer by.
 *
 * @param lateS how long ago this was answered
 */
export function shownOf({ asked, now, sources }: Instruments, units: Units, lateS = 0): Shown[] {
  const names = new Map(sources.map(({ sourceId, source }) => [sourceId, source.name]))
  const told = new Map(
    // What a source told that is taken off is nobody's.
    (now?.gauges ?? []).filter(({ sourceId }) => names.has(sourceId)).map((one) => [one.gauge, one]),
  )
  return (Object.keys(TITLES) as GaugeName[]).flatMap((gauge) => {
    const one = told.get(gauge)
    if (!one) return []
    const ageS = (Date.parse(asked) - Date.parse(one.arrived)) / 1000 + lateS
    const quiet = ageS > QUIET_S
    return [
      {
        gauge,
        title: TITLES[gauge]!,
        ...figureOf(gauge, one.value, units),
        beneath: quiet
          ? `quiet for ${ago(1000 * ageS)}`
          : beneathOf(gauge, one.second, names.get(one.sourceId)!),
        quiet,
      },
    ]
  })
}

function figureOf(gauge: GaugeName, value: number, units: Units): { figure: string; unit: string } {
  if (gauge === 'HEADING') return { figure: degrees(value), unit: '°' }
  const figure = gauge === 'DEPTH' ? 'distance' : gauge === 'WATER_TEMPERATURE' ? 'temperature' : 'speed'
  return { figure: units.figure(figure, value), unit: units.unit(figure).symbol }
}

function beneathOf(gauge: GaugeName, second: number | undefined, source: string): string {
  if (gauge === 'GROUND') return second === undefined ? 'no course yet' : `course ${degrees(second)}°`
  if (gauge === 'WIND' && second !== undefined)
    return second <= 180 ? `${Math.round(second)}° to starboard` : `${Math.round(360 - second)}° to port`
  return source
}

/** What is heard is not of where she is now, and why; empty where it is. */
export const unreal = ({ sources }: Instruments): string =>
  sources.some(({ source }) => source.way === 'SIMULATED')
    ? 'Simulated instruments'
    : sources.some(({ source }) => source.way === 'RECORDED')
      ? 'A recording'
      : ''
