import type { ReactNode } from 'react'

/** One figure of the strip: its name, with small tools beside it, the figure, and what a change would do. */
export function Cell({ title, children, tools }: { title: string; children: ReactNode; tools?: ReactNode }) {
  return (
    <div className="flex flex-col justify-between gap-0.5 border-r border-ink/20 px-2.5 py-2.5 last:border-r-0">
      <span className="flex items-center justify-between gap-2 text-slate">
        {title}
        {tools && <span className="flex items-center text-ink">{tools}</span>}
      </span>
      {children}
    </div>
  )
}
