import type { BenchLine } from './queries'

/** Words above and below the bar; those of one side keep clear of each other. */
export function dragMarks(
  line: BenchLine,
  end: number,
  x: (newtons: number) => number,
  say: (newtons: number) => string,
  figure: (newtons: number) => string,
  [left, right]: readonly [number, number],
  narrow: boolean,
) {
  const all = [
    { key: 'set', up: true, at: line.strikeDragN, words: `set ${figure(line.strikeDragN)}` },
    ...(line.pullN === undefined
      ? []
      : [
          {
            key: 'pull',
            up: true,
            at: line.pullN,
            words: `${narrow ? 'pull' : 'tow pull'} ${figure(line.pullN)}`,
          },
        ]),
    ...(line.rodClassN === undefined || line.rodClassN > end
      ? []
      : [
          {
            key: 'rod',
            up: true,
            at: line.rodClassN,
            words: `${narrow ? 'rod' : 'rod class'} ${figure(line.rodClassN)}`,
          },
        ]),
    ...(line.window
      ? [
          { key: 'least', up: false, at: line.window.leastN, words: `least ${figure(line.window.leastN)}` },
          ...(line.window.looseMostN === undefined
            ? []
            : [
                {
                  key: 'loose',
                  up: false,
                  at: line.window.firmN,
                  words: `after the run ${figure(line.window.firmN)}`,
                },
              ]),
          {
            key: 'most',
            up: false,
            at: line.window.mostN,
            words: narrow
              ? `most ${figure(line.window.mostN)}`
              : line.window.limit === 'ROD_CLASS'
                ? `most ${figure(line.window.mostN)}, the rod`
                : `most ${figure(line.window.mostN)}, a third of ${say(line.strengthN)}`,
          },
        ]
      : []),
  ]
  const spread = (side: boolean) => {
    const row = all
      .filter((mark) => mark.up === side)
      .sort((a, b) => a.at - b.at)
      .map((mark) => ({ ...mark, at: x(mark.at), x: x(mark.at), reach: mark.words.length * 3.3 + 4 }))
    row.forEach((mark, i) => {
      const before = row[i - 1]
      mark.x = Math.max(mark.x, left - 18 + mark.reach, before ? before.x + before.reach + mark.reach : 0)
    })
    for (let i = row.length - 1; i >= 0; i--) {
      const after = row[i + 1]
      const end = after ? after.x - after.reach : right + 22
      row[i]!.x = Math.min(row[i]!.x, end - row[i]!.reach)
    }
    return row
  }
  return [...spread(true), ...spread(false)]
}
