import type { ButtonHTMLAttributes, Ref } from 'react'

type Tone = 'plain' | 'strong' | 'quiet'

const TONES: Record<Tone, string> = {
  plain: 'border-2 border-ink bg-foam text-ink hover:bg-shade',
  strong: 'border-2 border-ink bg-ink text-foam hover:bg-deep',
  quiet: 'border-2 border-transparent text-ink underline-offset-4 hover:underline',
}

/** At least 44 px high; `small` has smaller letters and less room beside them. */
export function Button({
  tone = 'plain',
  small = false,
  className = '',
  ref,
  ...rest
}: ButtonHTMLAttributes<HTMLButtonElement> & {
  tone?: Tone
  small?: boolean
  ref?: Ref<HTMLButtonElement>
}) {
  const size = small ? 'min-h-11 min-w-11 px-2.5 text-sm' : 'min-h-11 px-3.5'
  return (
    <button
      ref={ref}
      type="button"
      className={`rounded-sm font-semibold disabled:opacity-40 ${size} ${TONES[tone]} ${className}`}
      {...rest}
    />
  )
}
