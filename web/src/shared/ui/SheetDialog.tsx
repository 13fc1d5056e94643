import { Dialog } from 'radix-ui'
import type { ReactNode } from 'react'

export function SheetDialog({
  title,
  open,
  onClose,
  wide = false,
  children,
}: {
  title: string
  open: boolean
  onClose(): void
  wide?: boolean
  children: ReactNode
}) {
  return (
    <Dialog.Root open={open} onOpenChange={(next) => !next && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-deep/50" />
        <Dialog.Content
          aria-describedby={undefined}
          className={`fixed top-1/2 left-1/2 z-50 max-h-[92vh] w-[94vw] -translate-x-1/2 -translate-y-1/2 overflow-auto border-2 border-ink bg-foam p-6 ${wide ? 'max-w-4xl' : 'max-w-xl'}`}
        >
          <div className="mb-4 flex items-start justify-between gap-6">
            <Dialog.Title className="text-xl font-bold">{title}</Dialog.Title>
            <Dialog.Close className="min-h-11 min-w-11 font-semibold underline-offset-4 hover:underline">
              Close
            </Dialog.Close>
          </div>
          {children}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  )
}
