import { useLayoutEffect, useRef, useState, type RefObject } from 'react'

/** A drawing of the day no wider shows less (px). */
export const NARROW = 700

type Size = readonly [width: number, height: number]

/** Taken where nothing was measured yet, and where there is nothing to measure (px). */
const USUAL: Size = [960, 560]

/**
 * Size of an element in px, followed as it changes; last whether it was measured yet: what costs much is drawn then, and
 * not twice.
 */
export function useSize(): [RefObject<HTMLDivElement | null>, number, number, boolean] {
  const frame = useRef<HTMLDivElement>(null)
  const [size, setSize] = useState(USUAL)
  useLayoutEffect(() => {
    const element = frame.current
    if (!element) return
    const measure = () => {
      const box = element.getBoundingClientRect()
      setSize((before) =>
        before[0] === box.width && before[1] === box.height ? before : [box.width, box.height],
      )
    }
    measure()
    const observer = new ResizeObserver(measure)
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return [frame, size[0], size[1], size !== USUAL]
}

export function useWidth(): [RefObject<HTMLDivElement | null>, number] {
  const [frame, width] = useSize()
  return [frame, width]
}
