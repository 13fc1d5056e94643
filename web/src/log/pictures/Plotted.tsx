import type { PlotOptions } from '@observablehq/plot'
import { plot } from '@observablehq/plot'
import { useEffect, useRef } from 'react'
import { useWidth } from '../../shared/useWidth'

/** A picture by the plotting library, drawn anew when what it shows or its room changes. */
export function Plotted({ title, options }: { title: string; options(width: number): PlotOptions }) {
  const [frame, width] = useWidth()
  const at = useRef<HTMLDivElement>(null)
  useEffect(() => {
    if (width <= 0) return
    const drawn = plot({
      ...options(width),
      width,
      style: { fontSize: '13px', background: 'transparent', fontFamily: 'inherit' },
    })
    // Its own style sheet is one the page does not allow: what of it matters is set here.
    drawn.querySelectorAll('style').forEach((sheet) => sheet.remove())
    drawn.setAttribute('class', 'block max-w-full overflow-visible')
    drawn.setAttribute('role', 'img')
    drawn.setAttribute('aria-label', title)
    at.current?.replaceChildren(drawn)
    return () => drawn.remove()
  }, [options, width, title])
  return (
    <div ref={frame} className="min-w-0">
      <div ref={at} />
    </div>
  )
}
