/** A bearing as it is read on a compass: `073`. */
export const degrees = (value: number): string => String(Math.round(value) % 360).padStart(3, '0')
