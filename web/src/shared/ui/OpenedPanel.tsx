import { Popover } from 'radix-ui'
import type { ReactElement, ReactNode } from 'react'
import { letFocusBe } from './closing'

export interface PanelProps {
  /** Accessible name. */
  label: string
  /** The button, which must pass its ref on. */
  trigger: ReactElement<{ onClick?: () => void; 'aria-haspopup'?: 'dialog' }>
  className: string
  onOpenChange?(open: boolean): void
  children: ReactNode
}

/** The panel itself, with its button. */
export function OpenedPanel({
  label,
  trigger,
  className,
  onOpenChange,
  defaultOpen = false,
  children,
}: PanelProps & { defaultOpen?: boolean }) {
  return (
    <Popover.Root defaultOpen={defaultOpen} {...(onOpenChange && { onOpenChange })}>
      <Popover.Trigger asChild>{trigger}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          side="top"
          align="start"
          sideOffset={8}
          collisionPadding={12}
          onCloseAutoFocus={letFocusBe}
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
