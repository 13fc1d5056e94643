import type { Light } from './model'

export const LIGHT_FILL: Record<Light, string> = {
  night: 'fill-deep',
  twilight: 'fill-[#8b9b83]',
  day: 'fill-water',
}
