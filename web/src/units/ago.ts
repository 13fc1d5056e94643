/** `40 s`, `12 min`, `3 h`. */
export const ago = (ms: number): string =>
  ms < 60_000
    ? `${Math.round(ms / 1000)} s`
    : ms < 5_400_000
      ? `${Math.round(ms / 60_000)} min`
      : `${Math.round(ms / 3_600_000)} h`
