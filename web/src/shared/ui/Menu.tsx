import { DropdownMenu } from 'radix-ui'
import type { ReactNode } from 'react'
import { Button } from './Button'

export interface MenuItem {
  key: string
  words: ReactNode
  onSelect(): void
  /** A line above it sets it off from those before. */
  apart?: boolean
}

/** A button that opens a list of things to do or to go to. */
export function Menu({
  label,
  items,
  align,
  defaultOpen = false,
}: {
  label: string
  items: readonly MenuItem[]
  align: 'start' | 'end'
  defaultOpen?: boolean
}) {
  return (
    <DropdownMenu.Root defaultOpen={defaultOpen}>
      <DropdownMenu.Trigger asChild>
        <Button>{label}</Button>
      </DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          align={align}
          sideOffset={4}
          className="z-30 max-h-[80vh] min-w-52 overflow-y-auto border-2 border-ink bg-foam py-1"
        >
          {items.map((item) => (
            <DropdownMenu.Item
              key={item.key}
              className={`flex min-h-11 cursor-default items-center gap-6 px-3 outline-none data-[highlighted]:bg-shade ${item.apart ? 'border-t border-ink/30' : ''}`}
              onSelect={item.onSelect}
            >
              {item.words}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  )
}
