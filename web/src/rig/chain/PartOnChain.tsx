import type { KeyboardEvent } from 'react'
import { useUnits } from '../../units/UnitsContext'
import { isLine, PIECE_M, type Placed } from '../model'
import { PartGlyph } from './PartGlyph'
import { useStretch, type Stretching } from './useStretch'
import { lengthWords, partSentence } from '../words'

/** A finger (px). */
const TARGET = 44

/** A part that can be chosen, and a leader that can be stretched, by hand or by keys. */
export function PartOnChain({
  placed: one,
  y,
  chosen,
  hinted,
  onSelect,
  onStretch,
}: {
  placed: Placed
  y: number
  chosen: boolean
  hinted: boolean
  onSelect(at: number): void
  onStretch: Stretching
}) {
  const units = useUnits()
  const { part, at, x, width } = one
  const stretches = isLine(part.sort) && part.sort !== 'MAIN' && part.sort !== 'BACKING'
  const drag = useStretch(part, onStretch)
  const keys = (event: KeyboardEvent) => {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault()
      onSelect(at)
    }
    const step = { ArrowLeft: -1, ArrowDown: -1, ArrowRight: 1, ArrowUp: 1 }[event.key]
    if (!step || !stretches || part.lengthM === undefined) return
    event.preventDefault()
    const by = (event.shiftKey ? 1 : 0.1) * step
    onStretch(
      part.piece,
      Math.min(PIECE_M.most, Math.max(PIECE_M.least, Math.round((part.lengthM + by) * 100) / 100)),
      true,
    )
  }
  const said = partSentence(part, units)
  return (
    <g
      tabIndex={0}
      role={stretches ? 'slider' : 'button'}
      aria-label={said}
      {...(stretches
        ? {
            'aria-valuemin': PIECE_M.least,
            'aria-valuemax': PIECE_M.most,
            'aria-valuenow': part.lengthM,
            'aria-valuetext': lengthWords(units, part.lengthM ?? 0),
          }
        : { 'aria-pressed': chosen })}
      className={`group outline-none ${stretches ? 'cursor-ew-resize touch-none' : 'cursor-pointer'}`}
      data-part={part.sort}
      data-piece={part.piece}
      onFocus={() => onSelect(at)}
      onClick={() => onSelect(at)}
      onKeyDown={keys}
      {...(stretches && drag)}
    >
      <rect
        x={x - Math.max(0, (TARGET - width) / 2)}
        y={y - 22}
        width={Math.max(TARGET, width)}
        height={44}
        className={`${chosen || hinted ? 'fill-lichen/50 stroke-ink' : 'fill-transparent'} group-focus-visible:stroke-ink group-focus-visible:stroke-[3]`}
      />
      <PartGlyph placed={one} y={y} />
      <title>{said}</title>
    </g>
  )
}
