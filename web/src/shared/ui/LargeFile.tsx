import { useEffect, useRef, useState } from 'react'
import { sendLargeFile, type LargeKind } from '../api/sendFile'
import type { Problem } from '../api/client'
import { Button } from './Button'
import { FileInput } from './FileInput'

/** Sends one large file, with how far it is and a way to give it up. */
export function LargeFile<T>({
  words,
  label,
  accept,
  to,
  given = null,
  onDone,
}: {
  words: string
  label: string
  accept: string
  /** Where a file goes, and as what. */
  to(file: File): { path: string; type: LargeKind }
  /** Dropped elsewhere on the page: it goes as if it were chosen here. */
  given?: File | null
  onDone(answer: T): void
}) {
  const input = useRef<HTMLInputElement>(null)
  const [sent, setSent] = useState<{ share: number; stop: AbortController } | null>(null)
  const [problem, setProblem] = useState<string | null>(null)
  const send = async (file: File) => {
    const stop = new AbortController()
    setProblem(null)
    setSent({ share: 0, stop })
    try {
      const { path, type } = to(file)
      const answer = await sendLargeFile<T>(
        path,
        type,
        file,
        (share) => setSent({ share, stop }),
        stop.signal,
      )
      onDone(answer)
    } catch (error) {
      setProblem((error as Problem).said?.join(' ') ?? (error as Error).message)
    } finally {
      setSent(null)
    }
  }
  const latest = useRef(send)
  latest.current = send
  useEffect(() => {
    if (given) void latest.current(given)
  }, [given])
  return (
    <>
      {sent ? (
        <p className="flex flex-wrap items-center gap-3" role="status">
          <progress value={sent.share} max={1} aria-label={label} className="h-3 w-48 accent-[#4c6b3c]" />
          {sent.share < 1 ? `${Math.round(100 * sent.share)} % sent` : 'Taking it in…'}
          {/* Once it is whole over there, nothing calls it back. */}
          {sent.share < 1 && (
            <Button small onClick={() => sent.stop.abort()}>
              Give it up
            </Button>
          )}
        </p>
      ) : (
        <Button onClick={() => input.current?.click()}>{words}</Button>
      )}
      <FileInput {...{ input, label, accept }} onFile={(file) => void send(file)} />
      {problem && (
        <p role="alert" className="mt-3 border-l-4 border-rust pl-3">
          {problem}
        </p>
      )}
    </>
  )
}
