import { Problem, type Fault } from './client'

/** A body of JSON to be sent. */
export const posted = (body: unknown, signal?: AbortSignal): RequestInit => ({
  method: 'POST',
  headers: { 'Content-Type': 'application/json' },
  body: JSON.stringify(body),
  ...(signal && { signal }),
})

export async function refused(response: Response): Promise<Problem> {
  const body = (await response.json().catch(() => ({}))) as { title?: string; faults?: Fault[] }
  return new Problem(response.status, body.title ?? 'The request was refused.', body.faults ?? [])
}

/** An answer that is told word by word, a JSON value a line; aborting gives it up. */
export async function told<T>(
  path: string,
  body: unknown,
  onWord: (word: T) => void,
  signal: AbortSignal,
): Promise<void> {
  const response = await fetch(path, posted(body, signal))
  if (!response.ok || !response.body) throw await refused(response)
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader()
  let held = ''
  for (;;) {
    const { value, done } = await reader.read()
    if (done) break
    held += value
    const lines = held.split('\n')
    held = lines.pop() ?? ''
    lines.filter((line) => line.trim() !== '').forEach((line) => onWord(JSON.parse(line) as T))
  }
}
