import type { ReactNode } from 'react'

export interface Head {
  title: string
  boat: string
  day: string
  place: string
}

/** One sheet: what it is on top, what it is not at the foot. */
export function Paper({
  head,
  what,
  wide = false,
  children,
}: {
  head: Head
  what: string
  /** Lies across where the paper is small. */
  wide?: boolean
  children: ReactNode
}) {
  return (
    <article
      className={`sheet mx-auto my-4 bg-white p-5 text-[11.5px] leading-snug text-black print:my-0 print:p-0 ${wide ? 'wide' : ''}`}
    >
      <header className="mb-2 border-b-2 border-black pb-1">
        <h1 className="text-[17px] font-bold">{what}</h1>
        <p>{`${head.title} · ${head.boat} · ${head.day}, ${head.place}`}</p>
      </header>
      {children}
    </article>
  )
}
