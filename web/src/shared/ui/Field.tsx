import type { ReactNode } from 'react'

/** A control with its name over it; the control carries its accessible name itself. */
export function Field({
  label,
  wide = false,
  children,
}: {
  label: string
  /** Over two columns of a grid. */
  wide?: boolean
  children: ReactNode
}) {
  return (
    <span className={`grid gap-0.5 ${wide ? 'col-span-2' : ''}`}>
      <span className="text-sm text-slate">{label}</span>
      {children}
    </span>
  )
}
