import { useMemo, useRef, type KeyboardEvent, type PointerEvent } from 'react'
import { useUnits } from '../../units/UnitsContext'
import { fromSi, toSi } from '../../units/model'
import type { Seeking } from '../depth/model'
import { useDepthSeek } from '../depth/useDepthSeek'
import {
  type Doc,
  leastLetOut,
  lineOf,
  LONGEST_LET_OUT_M,
  nearerHolder,
  setHolder,
  setLetOut,
} from '../../draft/model'
import type { Boat, Gear, Line } from '../../draft/queries'
import type { Editor } from '../../draft/useEditor'
import type { StageScales } from './scales'

/** Selecting, dragging and stepping lines; the same for every view. */
export interface LineHandling {
  select(lineId: string): void
  /** A depth being sought by dragging a lure down. */
  seeking: Seeking | null
  /**
   * Handlers and slider semantics of one line's lure. Along the axis a drag changes the let-out; across it, in the plan
   * it takes another holder and in the side view it seeks a depth.
   */
  props(line: Line, words: string, scales: StageScales, view: 'plan' | 'side'): Record<string, unknown>
}

const ACROSS_FROM_PX = 14

interface Drag {
  line: Line
  doc: Doc
  x: number
  y: number
  top: number
  kind: 'along' | 'depth' | null
}

export function useLineHandling(
  { doc, edit, preview, settle }: Pick<Editor, 'doc' | 'edit' | 'preview' | 'settle'>,
  boat: Boat,
  gear: Gear,
  select: (lineId: string) => void,
): LineHandling {
  const units = useUnits()
  const drag = useRef<Drag | null>(null)
  const now = useRef(doc)
  now.current = doc
  const { seeking, seek, finish, forget } = useDepthSeek(boat.boatId, preview, settle)
  const handlers = useMemo(() => {
    const unit = units.unit('distance')
    const whole = (metres: number) => toSi(Math.round(fromSi(metres, unit)), unit)
    const movedAside = (before: Doc, lineId: string, starboardM: number) => {
      const line = lineOf(before, lineId)
      const holder = line && nearerHolder(before, line, boat.holders, gear, starboardM)
      return holder ? setHolder(before, lineId, holder, gear) : before
    }
    const onPointerDown = (line: Line) => (event: PointerEvent<SVGElement>) => {
      event.currentTarget.setPointerCapture(event.pointerId)
      const top = event.currentTarget.ownerSVGElement?.getBoundingClientRect().top ?? 0
      drag.current = { line, doc: now.current, x: event.clientX, y: event.clientY, top, kind: null }
      forget()
      select(line.lineId)
    }
    const onPointerMove =
      (scales: StageScales, view: 'plan' | 'side') => (event: PointerEvent<SVGElement>) => {
        const from = drag.current
        if (!from) return
        const dx = event.clientX - from.x
        const dy = event.clientY - from.y
        from.kind ??= kindOf(dx, dy, view)
        if (from.kind === null) return
        if (from.kind === 'depth') {
          seek(from.doc, from.line.lineId, -scales.side.invert(event.clientY - from.top))
          return
        }
        const wanted = whole(from.line.letOutM + dx / scales.pxPerM)
        const starboardM = scales.plan.invert(event.clientY - from.top)
        const aside = view === 'plan' && Math.abs(dy) >= ACROSS_FROM_PX
        preview((before) => {
          const moved = setLetOut(before, from.line.lineId, wanted)
          return aside ? movedAside(moved, from.line.lineId, starboardM) : moved
        })
      }
    const onPointerUp = () => {
      if (drag.current?.kind === 'depth') finish()
      else if (drag.current) settle()
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
      edit((before) => {
        const letOutM = lineOf(before, line.lineId)?.letOutM ?? line.letOutM
        return setLetOut(before, line.lineId, whole(letOutM + toSi(by, unit)))
      })
    }
    const props: LineHandling['props'] = (line, words, scales, view) => ({
      role: 'slider',
      tabIndex: 0,
      'aria-label': words,
      'aria-valuemin': Math.round(fromSi(leastLetOut(line), unit)),
      'aria-valuemax': Math.round(fromSi(LONGEST_LET_OUT_M, unit)),
      'aria-valuenow': Math.round(fromSi(line.letOutM, unit)),
      'aria-valuetext': `${units.say('distance', line.letOutM)} let out`,
      onFocus: () => select(line.lineId),
      onPointerDown: onPointerDown(line),
      onPointerMove: onPointerMove(scales, view),
      onPointerUp,
      onPointerCancel: onPointerUp,
      onKeyDown: onKeyDown(line),
    })
    return { select, props }
  }, [boat, edit, finish, forget, gear, preview, seek, select, settle, units])
  return useMemo(() => ({ ...handlers, seeking }), [handlers, seeking])
}

/** A drag is one thing from its first clear movement on: a depth is not lost to a slip of the finger. */
function kindOf(dx: number, dy: number, view: 'plan' | 'side'): Drag['kind'] {
  if (view === 'plan') return Math.abs(dx) >= 2 || Math.abs(dy) >= ACROSS_FROM_PX ? 'along' : null
  if (Math.hypot(dx, dy) < 5) return null
  return Math.abs(dy) > Math.abs(dx) ? 'depth' : 'along'
}
