import { Suspense, type ComponentProps } from 'react'
import { later } from '../later'

const SheetDialog = later(() => import('./SheetDialog').then((module) => module.SheetDialog))

/** A dialog that holds the focus, closed by Escape; its script comes with the first that opens, or when idle. */
export const Sheet = (props: ComponentProps<typeof SheetDialog>) => (
  <Suspense fallback={null}>{props.open && <SheetDialog {...props} />}</Suspense>
)
