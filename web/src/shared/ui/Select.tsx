import type { SelectHTMLAttributes } from 'react'

/** The platform's own select: it works with every finger, key and reader. */
export function Select({ className = '', ...rest }: SelectHTMLAttributes<HTMLSelectElement>) {
  return (
    <select
      className={`min-h-11 rounded-sm border-2 border-ink/60 bg-foam px-2 text-ink ${className}`}
      {...rest}
    />
  )
}
