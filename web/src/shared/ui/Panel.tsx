import { Popover } from 'radix-ui'
import type { ReactNode } from 'react'

/** What opens above a button of the strip, closed by Escape or its own button. */
export function Panel({
  label,
  trigger,
  className,
  onOpenChange,
  children,
}: {
  /** Accessible name. */
  label: string
  /** The button, which must pass its ref on. */
  trigger: ReactNode
  className: string
  onOpenChange?(open: boolean): void
  children: ReactNode
}) {
  return (
    <Popover.Root {...(onOpenChange && { onOpenChange })}>
      <Popover.Trigger asChild>{trigger}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="start"
          sideOffset={8}
          collisionPadding={12}
          aria-label={label}
          className={`z-30 max-h-[78vh] max-w-[94vw] overflow-auto border-2 border-ink bg-foam p-4 ${className}`}
        >
          {children}
          <Popover.Close className="absolute top-2 right-3 min-h-11 px-2 font-semibold hover:underline">
            Close
          </Popover.Close>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  )
}
