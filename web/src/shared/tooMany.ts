/** Of `held`, in the order they came, those that go when there are more than `most`. */
export const tooMany = <T>(held: readonly T[], most: number): readonly T[] =>
  held.slice(0, Math.max(0, held.length - most))
