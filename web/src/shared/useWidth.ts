import { useLayoutEffect, useRef, useState, type RefObject } from 'react'

/** A drawing of the day no wider shows less (px). */
export const NARROW = 700

/** Size of an element in px, followed as it changes. */
export function useSize(): [RefObject<HTMLDivElement | null>, number, number] {
  const frame = useRef<HTMLDivElement>(null)
  const [size, setSize] = useState<[number, number]>([960, 560])
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
  return [frame, size[0], size[1]]
}

export function useWidth(): [RefObject<HTMLDivElement | null>, number] {
  const [frame, width] = useSize()
  return [frame, width]
}
