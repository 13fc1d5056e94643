import type { ReactNode } from 'react'

export type Tone = 'warn' | 'care' | 'good'

export function Note({
  tone,
  title,
  onTitle,
  children,
}: {
  tone: Tone
  title: string
  onTitle?(): void
  children: ReactNode
}) {
  const bar = { warn: 'border-rust', care: 'border-slate', good: 'border-moss' }[tone]
  return (
    <section className={`border-l-[5px] pr-4 pl-3 ${bar}`}>
      <h3 className="text-[15px] font-bold">
        {tone === 'warn' && <span className="sr-only">Warning: </span>}
        {onTitle ? (
          <button type="button" className="text-left hover:underline" onClick={onTitle}>
            {title}
          </button>
        ) : (
          title
        )}
      </h3>
      <div className="text-[15px] leading-snug text-slate">{children}</div>
    </section>
  )
}
