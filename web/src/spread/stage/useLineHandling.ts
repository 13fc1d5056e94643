import { useMemo, useRef, type KeyboardEvent, type PointerEvent } from 'react'
import { useUnits } from '../../units/UnitsContext'
import { fromSi, toSi } from '../../units/model'
import {
  type Doc,
  leastLetOut,
  lineOf,
  LONGEST_LET_OUT_M,
  nearerHolder,
  setHolder,
  setLetOut,
} from '../model'
import type { Boat, Line } from '../queries'
import type { Editor } from '../useEditor'
import type { StageScales } from './scales'

/** Selecting, dragging and stepping lines; the same for every view. */
export interface LineHandling {
  select(lineId: string): void
  /** Handlers and slider semantics of one line's lure. */
  props(line: Line, words: string, scales: StageScales, sideways: boolean): Record<string, unknown>
}

const SIDEWAYS_FROM_PX = 14

export function useLineHandling(
  { edit, preview, settle }: Pick<Editor, 'edit' | 'preview' | 'settle'>,
  boat: Boat,
  select: (lineId: string) => void,
): LineHandling {
  const units = useUnits()
  const drag = useRef<{
    lineId: string
    x: number
    y: number
    letOutM: number
    top: number
    moved: boolean
  } | null>(null)
  return useMemo(() => {
    const unit = units.unit('distance')
    const whole = (metres: number) => toSi(Math.round(fromSi(metres, unit)), unit)
    const onPointerDown = (line: Line) => (event: PointerEvent<SVGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId)
      const top = event.currentTarget.ownerSVGElement?.getBoundingClientRect().top ?? 0
      drag.current = {
        lineId: line.lineId,
        x: event.clientX,
        y: event.clientY,
        letOutM: line.letOutM,
        top,
        moved: false,
      }
      select(line.lineId)
    }
    const onPointerMove = (scales: StageScales, sideways: boolean) => (event: PointerEvent<SVGElement>) => {
      const from = drag.current
      if (!from) return
      const dx = event.clientX - from.x
      const dy = event.clientY - from.y
      if (!from.moved && Math.abs(dx) < 2 && Math.abs(dy) < SIDEWAYS_FROM_PX) return
      from.moved = true
      const wanted = whole(from.letOutM + dx / scales.pxPerM)
      const starboardM = scales.plan.invert(event.clientY - from.top)
      const aside = sideways && Math.abs(dy) >= SIDEWAYS_FROM_PX
      preview((doc) => {
        const moved = setLetOut(doc, from.lineId, wanted)
        return aside ? movedAside(moved, from.lineId, starboardM) : moved
      })
    }
    const movedAside = (doc: Doc, lineId: string, starboardM: number) => {
      const line = lineOf(doc, lineId)
      const holder = line && nearerHolder(doc, line, boat.holders, starboardM)
      return holder ? setHolder(doc, lineId, holder.holderId) : doc
    }
    const onPointerUp = () => {
      if (drag.current) settle()
      drag.current = null
    }
    const onKeyDown = (line: Line) => (event: KeyboardEvent) => {
      const step = { ArrowRight: 1, ArrowUp: 1, ArrowLeft: -1, ArrowDown: -1, PageUp: 10, PageDown: -10 }[
        event.key
      ]
      if (!step) return
      event.preventDefault()
      const by = step * (event.shiftKey ? 10 : 1)
      // From what is edited, not from what is drawn: keys come faster than answers.
      edit((doc) => {
        const now = lineOf(doc, line.lineId)?.letOutM ?? line.letOutM
        return setLetOut(doc, line.lineId, whole(now + toSi(by, unit)))
      })
    }
    return {
      select,
      props: (line, words, scales, sideways) => ({
        role: 'slider',
        tabIndex: 0,
        'aria-label': words,
        'aria-valuemin': Math.round(fromSi(leastLetOut(line), unit)),
        'aria-valuemax': Math.round(fromSi(LONGEST_LET_OUT_M, unit)),
        'aria-valuenow': Math.round(fromSi(line.letOutM, unit)),
        'aria-valuetext': `${units.say('distance', line.letOutM)} let out`,
        onFocus: () => select(line.lineId),
        onPointerDown: onPointerDown(line),
        onPointerMove: onPointerMove(scales, sideways),
        onPointerUp,
        onPointerCancel: onPointerUp,
        onKeyDown: onKeyDown(line),
      }),
    }
  }, [boat, edit, preview, select, settle, units])
}
