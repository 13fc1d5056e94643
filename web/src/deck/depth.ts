import type { Units } from '../units/UnitsContext'

/** Nearer to the surface a lure is at it (m). */
const SURFACE_M = 0.05

export const depthWords = (metres: number, units: Units): string =>
  metres < SURFACE_M ? 'surface' : units.say('distance', metres)
