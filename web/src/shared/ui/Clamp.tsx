import { useState, type ReactNode } from 'react'

const LINES = { 1: 'line-clamp-1', 2: 'line-clamp-2' }

/** Text of a line or two; a touch opens all of it, and folds it again. */
export function Clamp({ lines = 2, children }: { lines?: 1 | 2; children: ReactNode }) {
  const [open, setOpen] = useState(false)
  return (
    <button
      type="button"
      aria-expanded={open}
      className={`min-h-11 w-full text-left ${open ? 'block' : LINES[lines]}`}
      onClick={() => setOpen(!open)}
    >
      {children}
    </button>
  )
}
