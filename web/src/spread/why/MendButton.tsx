import type { ReactNode } from 'react'
import { Button } from '../../shared/ui/Button'
import type { Mend } from '../../draft/queries'

/** Does a mend; pointed at or focused, it is shown on the drawing before it is done. */
export function MendButton({
  mend,
  onMend,
  onPoint,
  children,
}: {
  mend: Mend
  onMend(mend: Mend): void
  onPoint?: ((mend: Mend | null) => void) | undefined
  children: ReactNode
}) {
  const leave = () => onPoint?.(null)
  return (
    <Button
      className="relative mt-1.5"
      onPointerEnter={() => onPoint?.(mend)}
      onFocus={() => onPoint?.(mend)}
      onPointerLeave={leave}
      onBlur={leave}
      onClick={() => {
        leave()
        onMend(mend)
      }}
    >
      {children}
    </Button>
  )
}
