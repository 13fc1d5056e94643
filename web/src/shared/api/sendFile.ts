import { Problem, type Fault } from './client'

/** Sends a file as it is, to a route that takes one. */
export async function sendFile<T>(
  method: 'POST' | 'PUT',
  path: string,
  type: 'text/csv' | 'text/plain',
  body: string | Blob,
): Promise<T> {
  const response = await fetch(path, { method, headers: { 'Content-Type': type }, body })
  const said = (await response.json()) as T & { title?: string; detail?: string; faults?: Fault[] }
  if (response.ok) return said
  const title = response.status === 413 ? said.detail : said.title
  throw new Problem(response.status, title ?? 'The file was refused.', said.faults ?? [])
}
