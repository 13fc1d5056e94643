/** Bringing a line's lure to a depth by one knob. */
import { lineOf, setDeep, setLetOut, setSpeed, type Doc } from '../../draft/model'
import type { Sought } from '../../draft/queries'

/** What is changed to reach a depth. */
export type Knob = 'letOut' | 'cable' | 'lead' | 'speed'

/** A knob the page can turn by itself: a lead has to be tied. */
export type Turnable = Exclude<Knob, 'lead'>

type Change = (doc: Doc) => Doc

export const turnKnob =
  (knob: Turnable, lineId: string, value: number): Change =>
  (doc) =>
    knob === 'letOut'
      ? setLetOut(doc, lineId, value)
      : knob === 'cable'
        ? setDeep(doc, lineId, { cableOutM: value })
        : setSpeed(doc, value)

/** Where a knob stands; undefined where the line has none. */
export function knobNow(doc: Doc, lineId: string, knob: Knob): number | undefined {
  const line = lineOf(doc, lineId)
  return {
    letOut: line?.letOutM,
    cable: line?.deep?.cableOutM,
    lead: undefined,
    speed: doc.draft.speedThroughWaterMps,
  }[knob]
}

export interface Seeking {
  lineId: string
  depthM: number
  knob: 'letOut' | 'cable'
  /** Absent until the first answer. */
  sought?: Sought
}

export const tenth = (metres: number) => Math.round(metres * 10) / 10

/** The change that brings a line's lure as near to a wanted depth as can be, by what was found. */
export function reaching({ sought, lineId, knob, depthM }: Seeking): Change {
  if (!sought) return (doc) => doc
  const end = depthM > sought.deepestM ? sought.atDeepest : sought.atShallowest
  return turnKnob(knob, lineId, tenth(sought.value ?? end))
}
