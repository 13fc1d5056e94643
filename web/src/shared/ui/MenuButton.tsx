import { Suspense, useState, type ComponentProps } from 'react'
import { later } from '../later'
import { Button } from './Button'

const Menu = later(() => import('./Menu').then((module) => module.Menu))

/** A menu whose script is fetched when it is first opened, or before that when the page is idle. */
export function MenuButton(props: Omit<ComponentProps<typeof Menu>, 'defaultOpen'>) {
  const [wanted, setWanted] = useState(false)
  const button = (
    <Button aria-haspopup="menu" onClick={() => setWanted(true)}>
      {props.label}
    </Button>
  )
  if (!wanted) return button
  return (
    <Suspense fallback={button}>
      <Menu {...props} defaultOpen />
    </Suspense>
  )
}
