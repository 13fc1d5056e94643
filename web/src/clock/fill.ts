import type { Day } from './queries'

export const LIGHT_FILL: Record<Day['light'][number]['light'], string> = {
  NIGHT: 'fill-deep',
  TWILIGHT: 'fill-[#8b9b83]',
  DAY: 'fill-water',
}
