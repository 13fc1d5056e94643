/** What a tap on a line reports; a strike is what a tap means until another is chosen, and always what its key means. */
export interface Act {
  kind: 'STRUCK' | 'SET' | 'CLEARED' | 'CHECKED' | 'RENEWED' | 'TOUCHED' | 'FOLLOWED' | 'CUED'
  /** On its button. */
  words: string
  /** Over the pads while it is chosen. */
  says: string
}

export const ACTS: readonly Act[] = [
  { kind: 'STRUCK', words: 'Strike', says: 'Tap the line that has it' },
  { kind: 'SET', words: 'Set', says: 'Tap each line as it is out, in this order' },
  { kind: 'CLEARED', words: 'Take in', says: 'Tap each line as it is in' },
  { kind: 'CHECKED', words: 'Clean', says: 'Tap each line that is clean' },
  { kind: 'RENEWED', words: 'Bait', says: 'Tap each line with a fresh bait' },
  { kind: 'TOUCHED', words: 'Bottom', says: 'Tap the line that touched' },
  { kind: 'FOLLOWED', words: 'Followed', says: 'Tap the line a fish came after' },
  { kind: 'CUED', words: 'Cue', says: 'Tap the line that runs wrong' },
]

export const actOf = (kind: Act['kind']): Act => ACTS.find((act) => act.kind === kind)!
