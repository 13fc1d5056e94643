import { cloneElement, Suspense, useState } from 'react'
import { later } from '../later'
import type { PanelProps } from './OpenedPanel'

const OpenedPanel = later(() => import('./OpenedPanel').then((module) => module.OpenedPanel))

/**
 * What opens above a button of the strip, closed by Escape or its own button. Its script is fetched when it is first
 * opened, or before that when the page is idle.
 */
export function Panel(props: PanelProps) {
  const [wanted, setWanted] = useState(false)
  const open = () => {
    setWanted(true)
    props.onOpenChange?.(true)
  }
  const button = cloneElement(props.trigger, { onClick: open, 'aria-haspopup': 'dialog' })
  if (!wanted) return button
  return (
    <Suspense fallback={button}>
      <OpenedPanel {...props} defaultOpen />
    </Suspense>
  )
}
