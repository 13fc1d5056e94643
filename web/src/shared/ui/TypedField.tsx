import { useId, useState, type KeyboardEvent } from 'react'

/**
 * A value edited as text: commits on Enter or leaving, goes back on Escape, and says what is wrong without losing what
 * was typed. `read` gives a message for what cannot be taken.
 */
export function TypedField({
  label,
  value,
  onCommit,
  className = '',
  size = 6,
  suggest,
}: {
  label: string
  value: string
  /** Returns a message when it cannot be taken. */
  onCommit(typed: string): string | null
  className?: string
  size?: number
  /** Values that may be meant. */
  suggest?: readonly string[]
}) {
  const list = useId()
  const [typed, setTyped] = useState<string | null>(null)
  const [wrong, setWrong] = useState<string | null>(null)

  const commit = () => {
    if (typed === null || typed === value) return reset()
    const message = onCommit(typed)
    setWrong(message)
    if (message === null) setTyped(null)
  }
  const reset = () => {
    setTyped(null)
    setWrong(null)
  }
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Enter') commit()
    if (event.key === 'Escape') {
      event.stopPropagation()
      reset()
    }
  }
  return (
    <span className="relative inline-block">
      <input
        aria-label={label}
        aria-invalid={wrong !== null}
        className={`rounded-sm border-2 bg-foam px-1.5 font-mono ${wrong ? 'border-rust' : 'border-ink/50'} ${className}`}
        size={size}
        list={suggest && list}
        value={typed ?? value}
        onChange={(event) => setTyped(event.target.value)}
        onFocus={(event) => event.target.select()}
        onBlur={commit}
        onKeyDown={onKeyDown}
      />
      {suggest && (
        <datalist id={list}>
          {suggest.map((one) => (
            <option key={one} value={one} />
          ))}
        </datalist>
      )}
      {wrong && (
        <span
          role="alert"
          className="absolute bottom-full left-0 z-30 mb-1 w-64 border-l-4 border-rust bg-foam p-2 text-sm shadow"
        >
          {wrong}
        </span>
      )}
    </span>
  )
}
