import type { ReactNode } from 'react'

export type Tone = 'warn' | 'care' | 'good'

export function Note({
  tone,
  title,
  touch,
  children,
}: {
  tone: Tone
  title: string
  /** All of it is one target, but for the buttons in it. */
  touch?: { expanded: boolean; onTouch(): void }
  children: ReactNode
}) {
  const bar = { warn: 'border-rust', care: 'border-slate', good: 'border-moss' }[tone]
  return (
    <section className={`relative border-l-[5px] py-0.5 pr-4 pl-3 ${bar}`}>
      {touch && (
        <button
          type="button"
          aria-label={title}
          aria-expanded={touch.expanded}
          className="absolute inset-0"
          onClick={touch.onTouch}
        />
      )}
      <h3 className="text-[15px] font-bold">
        {tone === 'warn' && <span className="sr-only">Warning: </span>}
        {title}
      </h3>
      <div className="text-[15px] leading-snug text-slate">{children}</div>
    </section>
  )
}
