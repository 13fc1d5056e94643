import { useEffect, useState, type RefObject } from 'react'

/** How many sections of a scrolled region begin below what is in sight. */
export function useBelow(region: RefObject<HTMLElement | null>): number {
  const [below, setBelow] = useState(0)
  useEffect(() => {
    const element = region.current
    if (!element) return
    const count = () => {
      const end = element.getBoundingClientRect().bottom - 30
      const sections = [...element.querySelectorAll('section')]
      setBelow(sections.filter((section) => section.getBoundingClientRect().top > end).length)
    }
    // Looked at once a frame, when the page is laid out anyway.
    let frame = 0
    const soon = () => {
      cancelAnimationFrame(frame)
      frame = requestAnimationFrame(count)
    }
    soon()
    element.addEventListener('scroll', soon, { passive: true })
    const grown = new MutationObserver(soon)
    grown.observe(element, { childList: true, subtree: true, characterData: true })
    const sized = typeof ResizeObserver === 'function' ? new ResizeObserver(soon) : null
    sized?.observe(element)
    return () => {
      element.removeEventListener('scroll', soon)
      cancelAnimationFrame(frame)
      grown.disconnect()
      sized?.disconnect()
    }
  }, [region])
  return below
}
