import {
  LONGEST_LET_OUT_M,
  leastLetOut,
  lineOf,
  removeLine,
  setLetOut,
  setLocked,
  setSpeed,
} from '../../draft/model'
import { RANGES } from '../../shared/api/generated/ranges'
import { useUnits } from '../../units/UnitsContext'
import { useCommands, type Command } from '../commands'
import type { SpreadState } from './useSpread'

/** What can be typed on Spread. */
export function useSpreadCommands(s: SpreadState) {
  const units = useUnits()
  const { edit, doc } = s.editor
  const line = (label: string) =>
    s.solved.find((one) => one.label.toLowerCase() === label.trim().toLowerCase())?.lineId ?? null
  const none = (label: string) =>
    `No line is called ${label}. There are ${s.solved.map((one) => one.label).join(', ')}.`
  const withLine = (label: string, act: (lineId: string) => string | void) => {
    const lineId = line(label)
    return lineId ? act(lineId) : none(label)
  }
  const letOut = (label: string, typed: string) =>
    withLine(label, (lineId) => {
      const metres = units.read('distance', typed)
      const drawn = lineOf(doc, lineId)
      if (metres === null || !drawn) return `${typed} is no length. Type it as 120 yd or 84 m.`
      const least = leastLetOut(drawn)
      if (metres < least || metres > LONGEST_LET_OUT_M)
        return `Let out from ${units.say('distance', least)} to ${units.say('distance', LONGEST_LET_OUT_M)}.`
      edit((before) => setLetOut(before, lineId, metres))
    })
  const speed = (typed: string) => {
    const mps = units.read('speed', typed)
    const { least, most } = RANGES.SpreadDraft.speedThroughWaterMps
    if (mps === null || mps < least || mps > most)
      return `Type a speed from ${units.say('speed', least)} to ${units.say('speed', most)}.`
    edit((before) => setSpeed(before, mps))
  }
  const commands: Command[] = [
    { words: 'let … out to …', run: (label, typed) => letOut(label!, typed!) },
    { words: 'take … in to …', run: (label, typed) => letOut(label!, typed!) },
    { words: 'speed …', run: (typed) => speed(typed!) },
    { words: 'choose …', run: (label) => withLine(label!, s.select) },
    {
      words: 'strike on …',
      run: (label) => withLine(label!, (lineId) => void s.reports.strike(lineId, s.label(lineId))),
    },
    {
      words: 'lock …',
      run: (label) => withLine(label!, (id) => edit((before) => setLocked(before, id, true))),
    },
    {
      words: 'unlock …',
      run: (label) => withLine(label!, (id) => edit((before) => setLocked(before, id, false))),
    },
    { words: 'remove …', run: (label) => withLine(label!, (id) => edit((before) => removeLine(before, id))) },
    { words: 'add a line', run: s.add },
    { words: 'save', run: () => void s.saving.save() },
    { words: 'undo', run: s.editor.undo },
    { words: 'redo', run: s.editor.redo },
    { words: 'water', run: () => s.setSheet('water') },
    { words: 'gear', run: () => s.setSheet('gear') },
    { words: 'table', run: () => s.toggle('table') },
    { words: 'weave', run: () => s.toggle('helm') },
    { words: 'setting order', run: () => s.turn.toggleOrder('set') },
    { words: 'clearing order', run: () => s.turn.toggleOrder('clear') },
    { words: 'call the rest', run: () => (s.refill ? s.refill() : 'No day is planned yet: plan it first.') },
  ]
  useCommands(commands)
}
