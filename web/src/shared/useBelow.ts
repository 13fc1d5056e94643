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
    count()
    element.addEventListener('scroll', count, { passive: true })
    const grown = new MutationObserver(count)
    grown.observe(element, { childList: true, subtree: true, characterData: true })
    const sized = typeof ResizeObserver === 'function' ? new ResizeObserver(count) : null
    sized?.observe(element)
    return () => {
      element.removeEventListener('scroll', count)
      grown.disconnect()
      sized?.disconnect()
    }
  }, [region])
  return below
}
