/** Sentences whose figures are left open: printed in the reader's units and on the clock of the place. */
import { FIGURE_OF, type Units } from './UnitsContext'
import { hourOf } from './zoned'

export interface OpenFigure {
  readonly kind: string
  readonly si: number
}

export interface OpenSentence {
  readonly text: string
  readonly figures: readonly OpenFigure[]
}

const FOOT_M = 0.3048
const NAUTICAL_MILE_M = 1852

/** With every figure in its place. */
export const saySentence = (sentence: OpenSentence, units: Units, timeZone: string): string =>
  sentence.text.replace(/\{(\d)\}/g, (whole, at: string) => {
    const figure = sentence.figures[Number(at)]
    return figure ? sayFigure(figure, units, timeZone) : whole
  })

/** As a sentence of its own: with a capital and a stop. */
export function asSentence(text: string): string {
  const whole = text.charAt(0).toUpperCase() + text.slice(1)
  return /[.!?]$/.test(whole) ? whole : `${whole}.`
}

export function sayFigure({ kind, si }: OpenFigure, units: Units, timeZone: string): string {
  const figure = FIGURE_OF[kind]
  if (figure) return units.say(figure, si)
  switch (kind) {
    case 'TEMPERATURE_STEP': {
      const unit = units.unit('temperature')
      return `${plain(si / unit.factor, 1)} ${unit.symbol}`
    }
    case 'AREA':
      return units.choice.distance === 'METRE'
        ? `${si.toFixed(2)} m²`
        : `${(si / FOOT_M ** 2).toFixed(1)} ft²`
    case 'MILES':
      return `${plain(si / NAUTICAL_MILE_M, si < 10 * NAUTICAL_MILE_M ? 1 : 0)} miles`
    case 'ANGLE':
      return `${Math.round((si * 180) / Math.PI)}°`
    case 'SHARE':
      return `${Math.round(100 * si)} %`
    case 'DURATION':
      return duration(si)
    case 'CLOCK':
      return hourOf(si * 1000, timeZone)
    default:
      return plain(si, 1)
  }
}

const plain = (value: number, digits: number): string => value.toFixed(digits).replace(/\.0+$/, '')

/** Shorter times are said in seconds, by five: a crew acts within them. */
const SHORT_S = 58

function duration(seconds: number): string {
  if (seconds > 0 && seconds < SHORT_S) return `${Math.max(5, Math.round(seconds / 5) * 5)} s`
  const minutes = Math.round(seconds / 60)
  const hours = Math.floor(minutes / 60)
  if (hours === 0) return `${minutes} min`
  return minutes % 60 === 0 ? `${hours} h` : `${hours} h ${minutes % 60} min`
}
