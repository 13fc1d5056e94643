/** Units that a field's name ends in; the sentence says its own. */
const UNIT = /(?<=[a-z])(Mps|Kgm3|Deg|Rad|Min|Ms|Kg|Pa|[MNCSK])$/

/** `answers[10].other` as a reader says it: “answer 11, other”; a column of a file keeps its name. */
export const fieldWords = (path: string): string =>
  path.startsWith('row ') ? path.replace('.', ', ') : inWords(path)

const inWords = (path: string): string =>
  path
    .split('.')
    .map((step) => {
      const [, name = step, at] = /^(.*?)\[(\d+)\]$/.exec(step) ?? []
      const words = name
        .replace(UNIT, '')
        .replace(/(?<=[a-z])[A-Z]/g, (capital) => ` ${capital.toLowerCase()}`)
      return at === undefined ? words : `${words.replace(/s$/, '')} ${Number(at) + 1}`.trim()
    })
    .join(', ')
