import type { RefObject } from 'react'

/** A file is chosen through whatever button presses it; the same one can be chosen again. */
export function FileInput({
  input,
  label,
  accept,
  onFile,
}: {
  input: RefObject<HTMLInputElement | null>
  label: string
  accept: string
  onFile(file: File): void
}) {
  return (
    <input
      ref={input}
      type="file"
      accept={accept}
      aria-label={label}
      className="sr-only"
      tabIndex={-1}
      onChange={(event) => {
        const chosen = event.target.files?.[0]
        if (chosen) onFile(chosen)
        event.target.value = ''
      }}
    />
  )
}
