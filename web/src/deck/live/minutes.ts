/** `3 min 05 s`. */
export const minutes = (seconds: number): string =>
  `${Math.floor(seconds / 60)} min ${String(Math.round(seconds % 60)).padStart(2, '0')} s`
