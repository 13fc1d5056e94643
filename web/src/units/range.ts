import type { Figure, Units } from './UnitsContext'

/** `13–17 m`; empty where both ends print alike. */
export function rangeOf(units: Units, figure: Figure, low: number, high: number): string {
  const [from, to] = [units.figure(figure, low), units.figure(figure, high)]
  return from === to ? '' : `${from}–${to} ${units.unit(figure).symbol}`
}
