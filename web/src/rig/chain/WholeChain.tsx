import { useEffect, useState, type PointerEvent, type RefObject } from 'react'
import { isLine, type Placed } from '../model'

const HEIGHT = 30

/** The whole of a chain that is wider than the screen, with what is in sight of it; touched, it goes there. */
export function WholeChain({
  frame,
  parts,
  width,
  boxWidth,
}: {
  frame: RefObject<HTMLDivElement | null>
  parts: readonly Placed[]
  /** Of the chain (px). */
  width: number
  /** In sight (px). */
  boxWidth: number
}) {
  const [left, setLeft] = useState(0)
  useEffect(() => {
    const element = frame.current
    if (!element) return
    const follow = () => setLeft(element.scrollLeft)
    element.addEventListener('scroll', follow, { passive: true })
    return () => element.removeEventListener('scroll', follow)
  }, [frame])
  const share = boxWidth / width
  const goTo = (event: PointerEvent<SVGSVGElement>) => {
    const at = event.clientX - event.currentTarget.getBoundingClientRect().left
    frame.current?.scrollTo({ left: at / share - boxWidth / 2 })
  }
  return (
    <svg
      width={boxWidth}
      height={HEIGHT}
      className="block shrink-0 cursor-ew-resize touch-none border-t border-ink/20 bg-foam"
      aria-hidden
      data-testid="whole-chain"
      onPointerDown={goTo}
      onPointerMove={(event) => event.buttons > 0 && goTo(event)}
    >
      {parts.map(({ at, x, width: wide, part }) => (
        <rect
          key={at}
          x={x * share}
          y={isLine(part.sort) ? HEIGHT / 2 - 1.5 : HEIGHT / 2 - 5}
          width={Math.max(1.5, wide * share)}
          height={isLine(part.sort) ? 3 : 10}
          className={part.weakest ? 'fill-rust' : 'fill-ink'}
        />
      ))}
      <rect
        x={left * share + 1}
        y={1}
        width={boxWidth * share - 2}
        height={HEIGHT - 2}
        className="fill-lichen/30 stroke-ink stroke-2"
      />
    </svg>
  )
}
