import { useEffect } from 'react'

/** Something that can be typed: words with `…` where something is to be filled in. */
export interface Command {
  words: string
  /** What was typed for each `…`; gives a message where it cannot be done. */
  run(...typed: string[]): string | void
}

const groups = new Set<readonly Command[]>()

export const allCommands = (): Command[] => [...groups].flat()

/** What a page offers to whoever types, as long as it is shown. */
export function useCommands(commands: readonly Command[]) {
  useEffect(() => {
    groups.add(commands)
    return () => {
      groups.delete(commands)
    }
  })
}

const escaped = (text: string) => text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')

/** `let … out to …` matches `let C1 out to 120 yd`; case and spaces do not matter. */
function matched(command: Command, typed: string): string[] | null {
  const pattern = command.words.split('…').map((part) => escaped(part.trim()).replace(/\s+/g, '\\s+'))
  const found = new RegExp(`^${pattern.join('\\s*(\\S.*?)\\s*')}$`, 'i').exec(typed.trim())
  return found ? found.slice(1) : null
}

/** Does what was typed; a message where it was not understood or cannot be done, null where it is done. */
export function perform(commands: readonly Command[], typed: string): string | null {
  for (const command of commands) {
    const filled = matched(command, typed)
    if (filled) return command.run(...filled) ?? null
  }
  return `“${typed.trim()}” is not understood. Type it as one of those below.`
}

/** Those that begin or hold what is typed so far, or all. */
export function likely(commands: readonly Command[], typed: string): Command[] {
  const words = typed.trim().toLowerCase().split(/\s+/)
  const first = words[0] ?? ''
  const fitting = commands.filter(({ words: own }) => own.toLowerCase().split(/\s+/)[0]!.startsWith(first))
  return fitting.length > 0 ? fitting : [...commands]
}
